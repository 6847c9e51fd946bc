import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  Headers,
  HttpCode,
  Inject,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
  Sse,
  UnprocessableEntityException,
  type MessageEvent,
} from '@nestjs/common'
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger'
import { distinctUntilChanged, from, map, switchMap, takeWhile, timer, type Observable } from 'rxjs'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { fetchPage, PageError } from '../outward/page.ts'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { WorkService } from '../work/work.service.ts'
import { bookAsCsv } from './book.ts'
import {
  AskDto,
  KeepRequestDto,
  KeptRequestDto,
  PageAddressDto,
  PageDto,
  ReplyDto,
  ReplyEventDto,
  UseDto,
} from './dto/reply.dto.ts'
import { AllowanceDto, SetAllowanceDto, SetWritingServiceDto, WritingDto } from './dto/service.dto.ts'
import { LookedUpDto, LookUpDto } from './dto/words.dto.ts'
import { RepliesService } from './replies.service.ts'
import { RequestsService } from './requests.service.ts'
import { WritingServiceService } from './writing-service.service.ts'

const LOOK_EVERY_MS = 250
const MOST_DRAFTS = 20
const MOST_IN_FILE = 100_000

@ApiTags('writing')
@Controller('api/writing')
export class WritingController {
  constructor(
    private readonly services: WritingServiceService,
    private readonly replies: RepliesService,
    private readonly requests: RequestsService,
    private readonly work: WorkService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  @Get()
  @ApiOkResponse({ type: WritingDto })
  get(@CurrentPerson() person: SignedIn): Promise<WritingDto> {
    return this.services.forPerson(person)
  }

  @Put('service')
  @ApiOkResponse({ type: WritingDto })
  setService(@CurrentPerson() person: SignedIn, @Body() given: SetWritingServiceDto): Promise<WritingDto> {
    return this.services.set(person, given)
  }

  @Delete('service')
  @HttpCode(204)
  @ApiNoContentResponse()
  removeService(@CurrentPerson() person: SignedIn): Promise<void> {
    return this.services.remove(person)
  }

  @Get('people')
  @ApiOkResponse({ type: [AllowanceDto] })
  people(@CurrentPerson() person: SignedIn): Promise<AllowanceDto[]> {
    return this.services.people(person.workspaceId)
  }

  @Put('people/:id')
  @ApiOkResponse({ type: [AllowanceDto] })
  allow(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: SetAllowanceDto,
  ): Promise<AllowanceDto[]> {
    return this.services.allow(person, id, given)
  }

  @Get('use')
  @ApiOkResponse({ type: UseDto })
  @ApiQuery({ name: 'before', required: false, description: 'Time of the last entry of the page before' })
  use(@CurrentPerson() person: SignedIn, @Query('before') before?: string): Promise<UseDto> {
    return this.replies.use(person, before !== undefined && !Number.isNaN(Date.parse(before)) ? before : null)
  }

  @Get('use/file')
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="usage-book.csv"')
  @ApiProduces('text/csv')
  @ApiOkResponse({ type: String })
  async useAsCsv(@CurrentPerson() person: SignedIn): Promise<string> {
    return bookAsCsv((await this.replies.use(person, null, MOST_IN_FILE)).entries)
  }

  @Post('replies')
  @ApiCreatedResponse({ type: ReplyDto })
  ask(@CurrentPerson() person: SignedIn, @Body() given: AskDto): Promise<ReplyDto> {
    return this.replies.ask(person, given)
  }

  @Get('replies')
  @ApiOkResponse({ type: [ReplyDto] })
  @ApiQuery({ name: 'drafts', description: 'Ids, parted by commas' })
  ofDrafts(@CurrentPerson() person: SignedIn, @Query('drafts') drafts = ''): Promise<ReplyDto[]> {
    const ids = drafts.split(',').filter((id) => /^[0-9a-f-]{36}$/i.test(id))
    return this.replies.ofDrafts(person.workspaceId, ids.slice(0, MOST_DRAFTS))
  }

  @Get('replies/:id')
  @ApiOkResponse({ type: ReplyDto })
  reply(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ReplyDto> {
    return this.replies.get(person, id)
  }

  /** The reply as it comes; a browser that was away asks for what came since by the last event's id. */
  @Sse('replies/:id/events')
  @ApiProduces('text/event-stream')
  @ApiOkResponse({ type: ReplyEventDto })
  events(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Headers('last-event-id') last?: string,
  ): Observable<MessageEvent> {
    let sent = Number(last ?? 0) || 0
    return timer(0, LOOK_EVERY_MS).pipe(
      switchMap(() => from(this.replies.get(person, id))),
      distinctUntilChanged((a, b) => a.state === b.state && a.text.length === b.text.length),
      takeWhile(({ state }) => state === 'writing', true),
      map(({ text, ...summary }): MessageEvent => {
        const start = Math.min(sent, text.length)
        sent = text.length
        return { id: String(sent), data: { ...summary, from: start, more: text.slice(start) } satisfies ReplyEventDto }
      }),
    )
  }

  @Post('replies/:id/stop')
  @HttpCode(200)
  @ApiOkResponse({ type: ReplyDto })
  stop(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ReplyDto> {
    return this.replies.stop(person, id)
  }

  @Post('replies/:id/go-on')
  @HttpCode(200)
  @ApiOkResponse({ type: ReplyDto })
  goOn(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ReplyDto> {
    return this.replies.goOn(person, id)
  }

  @Post('replies/:id/taken')
  @HttpCode(204)
  @ApiNoContentResponse()
  taken(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.replies.setTaken(person, id)
  }

  /** The text of a page at an address that this server may call. */
  @Post('page')
  @HttpCode(200)
  @ApiOkResponse({ type: PageDto })
  async page(@Body() { url }: PageAddressDto): Promise<PageDto> {
    const bytes = await fetchPage(url, this.settings.pageOrigins ?? []).catch((error: unknown) => {
      throw error instanceof PageError ? new UnprocessableEntityException(error.message) : error
    })
    const { json } = await this.work.run('openFile', bytes)
    const { text } = JSON.parse(Buffer.from(json).toString('utf8')) as { text: string }
    if (!text.trim()) throw new UnprocessableEntityException('There is no text on this page.')
    return { text }
  }

  /** Senses of words from the open word net. */
  @Post('words')
  @HttpCode(200)
  @ApiOkResponse({ type: [LookedUpDto] })
  async words(@Body() { words, passage }: LookUpDto): Promise<LookedUpDto[]> {
    const found = await this.work.run('lookUpWords', { words: words.map((word) => word.trim()), passage })
    return found as LookedUpDto[]
  }

  @Get('requests')
  @ApiOkResponse({ type: [KeptRequestDto] })
  kept(@CurrentPerson() person: SignedIn): Promise<KeptRequestDto[]> {
    return this.requests.list(person.workspaceId)
  }

  @Put('requests')
  @ApiOkResponse({ type: KeptRequestDto })
  keep(@CurrentPerson() person: SignedIn, @Body() given: KeepRequestDto): Promise<KeptRequestDto> {
    return this.requests.keep(person.workspaceId, given)
  }

  @Delete('requests/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.requests.delete(person.workspaceId, id)
  }
}
