import {
  BadRequestException,
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
  Req,
  Res,
} from '@nestjs/common'
import { ApiBody, ApiConsumes, ApiNoContentResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { WorkService } from '../work/work.service.ts'
import {
  AttemptDto,
  AttemptsDto,
  FeedbackQuery,
  GivenDto,
  GradebookQuery,
  NewSittingDto,
  RegradeDto,
  SaveSittingDto,
  SheetQuery,
  SittingDto,
  SittingSummaryDto,
  TableDto,
  ResponsesInDto,
} from './dto/sittings.dto.ts'
import { SheetsService, type Sheet } from './sheets.service.ts'
import { SittingsService } from './sittings.service.ts'

const BYTES = 'application/octet-stream'

@ApiTags('results')
@Controller('api/sittings')
export class SittingsController {
  constructor(
    private readonly sittings: SittingsService,
    private readonly sheets: SheetsService,
    private readonly work: WorkService,
  ) {}

  @Get()
  @ApiOkResponse({ type: [SittingSummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<SittingSummaryDto[]> {
    return this.sittings.list(person.workspaceId)
  }

  /** Out of a response file, as its columns were told. */
  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: ResponsesInDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewSittingDto): Promise<ResponsesInDto> {
    return this.sittings.create(person, given)
  }

  /** The rows of a response file; nothing is kept. */
  @Post('table')
  @HttpCode(200)
  @ApiConsumes(BYTES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOkResponse({ type: TableDto })
  async table(@Req() request: Request): Promise<TableDto> {
    const body: unknown = request.body
    if (!Buffer.isBuffer(body)) throw new BadRequestException(`A file is sent as ${BYTES}.`)
    return { rows: await this.work.run('readTable', new Uint8Array(body)) }
  }

  /** Fetches what is new from where a delivery went; the sitting is made the first time. */
  @Post('of-delivery/:id')
  @HttpCode(200)
  @ApiOkResponse({ type: ResponsesInDto })
  ofDelivery(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ResponsesInDto> {
    return this.sittings.ofDelivery(person, id)
  }

  @Get(':id')
  @ApiOkResponse({ type: SittingDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<SittingDto> {
    return this.sittings.get(person.workspaceId, id)
  }

  @Put(':id')
  @ApiOkResponse({ type: SittingDto })
  save(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: SaveSittingDto,
  ): Promise<SittingDto> {
    return this.sittings.save(person, id, given)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.sittings.setDeleted(person, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.sittings.setDeleted(person, id, false)
  }

  @Post(':id/fetch')
  @HttpCode(200)
  @ApiOkResponse({ type: ResponsesInDto })
  fetch(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ResponsesInDto> {
    return this.sittings.fetch(person, id)
  }

  @Post(':id/attempts')
  @HttpCode(200)
  @ApiOkResponse({ type: ResponsesInDto })
  add(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { attempts }: AttemptsDto,
  ): Promise<ResponsesInDto> {
    return this.sittings.addAttempts(person, id, attempts)
  }

  @Post(':id/regrade')
  @HttpCode(200)
  @ApiOkResponse({ type: SittingDto })
  regrade(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() asked: RegradeDto,
  ): Promise<SittingDto> {
    return this.sittings.regrade(person, id, asked)
  }

  @Put(':id/given')
  @ApiOkResponse({ type: AttemptDto })
  give(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: GivenDto,
  ): Promise<AttemptDto> {
    return this.sittings.give(person, id, given)
  }

  @Get(':id/sheet')
  @ApiProduces(BYTES)
  async sheet(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: SheetQuery,
    @Res() response: Response,
  ): Promise<void> {
    send(response, await this.sheets.sheet(person.workspaceId, id, asked))
  }

  /** OneRoster 1.2 CSV. */
  @Get(':id/gradebook')
  @ApiProduces(BYTES)
  async gradebook(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: GradebookQuery,
    @Res() response: Response,
  ): Promise<void> {
    send(response, await this.sheets.gradebook(person.workspaceId, id, asked))
  }

  /** QTI 2.1 Results Reporting, a document for each attempt. */
  @Get(':id/reports')
  @ApiProduces(BYTES)
  async reports(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Res() response: Response,
  ): Promise<void> {
    send(response, await this.sheets.reports(person.workspaceId, id))
  }

  @Get(':id/feedback')
  @ApiProduces(BYTES)
  async feedback(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: FeedbackQuery,
    @Res() response: Response,
  ): Promise<void> {
    send(response, await this.sheets.feedback(person.workspaceId, id, asked))
  }
}

function send(response: Response, { fileName, type, bytes }: Sheet): void {
  response.type(type).attachment(fileName).send(Buffer.from(bytes))
}
