import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../accounts/current-person.ts'
import { NewPaperDto, PaperDto, PaperSummaryDto, SavePaperDto } from './dto/paper.dto.ts'
import { PapersService } from './papers.service.ts'

@ApiTags('papers')
@Controller('api/papers')
export class PapersController {
  constructor(private readonly papers: PapersService) {}

  @Get()
  @ApiOkResponse({ type: [PaperSummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<PaperSummaryDto[]> {
    return this.papers.list(person.workspaceId)
  }

  @Post()
  @ApiCreatedResponse({ type: PaperDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewPaperDto): Promise<PaperDto> {
    return this.papers.create(person.workspaceId, given.title, given.itemIds)
  }

  @Get(':id')
  @ApiOkResponse({ type: PaperDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<PaperDto> {
    return this.papers.get(person.workspaceId, id)
  }

  @Put(':id')
  @ApiOkResponse({ type: PaperDto })
  save(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: SavePaperDto,
  ): Promise<PaperDto> {
    return this.papers.save(person.workspaceId, id, given)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.papers.setDeleted(person.workspaceId, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.papers.setDeleted(person.workspaceId, id, false)
  }
}
