import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { NewRemarkDto, RemarkDto, SettleDto } from './remarks.dto.ts'
import { RemarksService } from './remarks.service.ts'

@ApiTags('remarks')
@Controller('api')
export class RemarksController {
  constructor(private readonly remarks: RemarksService) {}

  @Get('remarks')
  @ApiOkResponse({ type: [RemarkDto] })
  open(@CurrentPerson() person: SignedIn): Promise<RemarkDto[]> {
    return this.remarks.open(person.workspaceId)
  }

  @Put('remarks/:id')
  @ApiOkResponse({ type: [RemarkDto] })
  settle(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { settled }: SettleDto,
  ): Promise<RemarkDto[]> {
    return this.remarks.settle(person, id, settled)
  }

  @Get('items/:id/remarks')
  @ApiOkResponse({ type: [RemarkDto] })
  on(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<RemarkDto[]> {
    return this.remarks.on(person.workspaceId, id)
  }

  @Post('items/:id/remarks')
  @ApiCreatedResponse({ type: [RemarkDto] })
  add(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { says }: NewRemarkDto,
  ): Promise<RemarkDto[]> {
    return this.remarks.add(person, id, says)
  }
}
