import {
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Req,
  Sse,
  type MessageEvent,
} from '@nestjs/common'
import { ApiCreatedResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import { distinctUntilChanged, from, map, switchMap, takeWhile, timer, type Observable } from 'rxjs'
import type { Request } from 'express'
import { CurrentPerson, type SignedIn } from '../../access/current-person.ts'
import { originOf } from '../../http/origin.ts'
import { DeliveryDto, DeliverySummaryDto, OpeningDto, PeopleDto, SendDto, SetOpenDto } from './deliveries.dto.ts'
import { DeliveriesService } from './deliveries.service.ts'

const LOOK_EVERY_MS = 300
const OVER = ['done', 'failed', 'stopped']

@ApiTags('dispatch')
@Controller('api/deliveries')
export class DeliveriesController {
  constructor(private readonly deliveries: DeliveriesService) {}

  @Post()
  @ApiCreatedResponse({ type: DeliveryDto })
  send(@CurrentPerson() person: SignedIn, @Body() asked: SendDto, @Req() request: Request): Promise<DeliveryDto> {
    return this.deliveries.send(person, asked, originOf(request))
  }

  @Get()
  @ApiOkResponse({ type: [DeliverySummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<DeliverySummaryDto[]> {
    return this.deliveries.list(person.workspaceId)
  }

  @Get(':id')
  @ApiOkResponse({ type: DeliveryDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.deliveries.get(person.workspaceId, id)
  }

  /**
   * How far it is, as server-sent events: a summary whenever it changed, the last when it is over. Whichever server
   * carries it out, the database knows.
   */
  @Sse(':id/events')
  @ApiProduces('text/event-stream')
  @ApiOkResponse({ type: DeliverySummaryDto })
  events(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Observable<MessageEvent> {
    return timer(0, LOOK_EVERY_MS).pipe(
      switchMap(() => from(this.deliveries.summary(person.workspaceId, id))),
      distinctUntilChanged((a, b) => a.state === b.state && a.done === b.done && a.total === b.total),
      takeWhile(({ state }) => !OVER.includes(state), true),
      map((data): MessageEvent => ({ data })),
    )
  }

  @Post(':id/retry')
  @HttpCode(200)
  @ApiOkResponse({ type: DeliveryDto })
  retry(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.deliveries.retry(person.workspaceId, id)
  }

  @Post(':id/stop')
  @HttpCode(200)
  @ApiOkResponse({ type: DeliveryDto })
  stop(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.deliveries.stop(person.workspaceId, id)
  }

  @Put(':id/open')
  @ApiOkResponse({ type: DeliveryDto })
  setOpen(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { isOpen }: SetOpenDto,
  ): Promise<DeliveryDto> {
    return this.deliveries.setOpen(person, id, isOpen)
  }

  @Put(':id/opening')
  @ApiOkResponse({ type: DeliveryDto })
  setOpening(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: OpeningDto,
  ): Promise<DeliveryDto> {
    return this.deliveries.setOpening(person, id, given)
  }

  @Put(':id/people')
  @ApiOkResponse({ type: DeliveryDto })
  setPeople(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { people }: PeopleDto,
  ): Promise<DeliveryDto> {
    return this.deliveries.setPeople(person, id, people)
  }

  @Post(':id/remove-there')
  @HttpCode(200)
  @ApiOkResponse({ type: DeliveryDto })
  removeThere(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.deliveries.removeThere(person, id)
  }
}
