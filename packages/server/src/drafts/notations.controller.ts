import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Put } from '@nestjs/common'
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { KeptNotationDto, NotationDto } from './dto/notation.dto.ts'
import { NotationsService } from './notations.service.ts'

@ApiTags('notations')
@Controller('api/notations')
export class NotationsController {
  constructor(private readonly notations: NotationsService) {}

  @Get()
  @ApiOkResponse({ type: [KeptNotationDto] })
  list(@CurrentPerson() person: SignedIn): Promise<KeptNotationDto[]> {
    return this.notations.list(person.workspaceId)
  }

  @Put()
  @ApiOkResponse({ type: KeptNotationDto })
  keep(@CurrentPerson() person: SignedIn, @Body() given: NotationDto): Promise<KeptNotationDto> {
    return this.notations.keep(person.workspaceId, given)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.notations.delete(person.workspaceId, id)
  }
}
