import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { DraftsService } from './drafts.service.ts'
import { DraftDto, DraftSummaryDto, NewDraftDto, SaveDraftDto, ToBankDto, ToBankResultDto } from './dto/draft.dto.ts'

@ApiTags('drafts')
@Controller('api/drafts')
export class DraftsController {
  constructor(private readonly drafts: DraftsService) {}

  @Get()
  @ApiOkResponse({ type: [DraftSummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<DraftSummaryDto[]> {
    return this.drafts.list(person.workspaceId)
  }

  @Post()
  @ApiCreatedResponse({ type: DraftDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewDraftDto): Promise<DraftDto> {
    return this.drafts.create(person, given)
  }

  @Get(':id')
  @ApiOkResponse({ type: DraftDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DraftDto> {
    return this.drafts.get(person.workspaceId, id)
  }

  @Put(':id')
  @ApiOkResponse({ type: DraftDto })
  save(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: SaveDraftDto,
  ): Promise<DraftDto> {
    return this.drafts.save(person, id, given)
  }

  @Post(':id/bank')
  @HttpCode(200)
  @ApiOkResponse({ type: ToBankResultDto })
  toBank(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() asked: ToBankDto,
  ): Promise<ToBankResultDto> {
    return this.drafts.toBank(person, id, asked)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.drafts.setDeleted(person, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.drafts.setDeleted(person, id, false)
  }
}
