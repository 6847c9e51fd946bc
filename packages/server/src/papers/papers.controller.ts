import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
  StreamableFile,
} from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import {
  AppendItemsDto,
  DrawDto,
  NewPaperDto,
  PaperDto,
  PaperSummaryDto,
  PrintQuery,
  SavePaperDto,
  VersionsDto,
} from './dto/paper.dto.ts'
import { PapersService } from './papers.service.ts'
import { PrintService } from './print.service.ts'
import { VersionsService } from './versions.service.ts'

@ApiTags('papers')
@Controller('api/papers')
export class PapersController {
  constructor(
    private readonly papers: PapersService,
    private readonly versions: VersionsService,
    private readonly printing: PrintService,
  ) {}

  @Get()
  @ApiOkResponse({ type: [PaperSummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<PaperSummaryDto[]> {
    return this.papers.list(person.workspaceId)
  }

  @Post()
  @ApiCreatedResponse({ type: PaperDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewPaperDto): Promise<PaperDto> {
    return this.papers.create(person, given.title, given.itemIds)
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
    return this.papers.save(person, id, given)
  }

  @Post(':id/items')
  @HttpCode(200)
  @ApiOkResponse({ type: PaperDto })
  append(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: AppendItemsDto,
  ): Promise<PaperDto> {
    return this.papers.append(person, id, given.itemIds)
  }

  @Get(':id/versions')
  @ApiOkResponse({ type: VersionsDto })
  versionsOf(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<VersionsDto> {
    return this.versions.get(person.workspaceId, id)
  }

  @Get(':id/print')
  @ApiProduces('application/pdf', 'application/zip')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async print(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: PrintQuery,
  ): Promise<StreamableFile> {
    const { bytes, type, fileName } = await this.printing.print(person.workspaceId, id, asked)
    return new StreamableFile(bytes, { type, disposition: `attachment; filename="${fileName}"` })
  }

  @Post(':id/draw')
  @HttpCode(200)
  @ApiOkResponse({ type: VersionsDto })
  draw(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: DrawDto,
  ): Promise<VersionsDto> {
    return this.versions.draw(person, id, given)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.papers.setDeleted(person, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.papers.setDeleted(person, id, false)
  }
}
