import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Query, Req, Res } from '@nestjs/common'
import { ApiCreatedResponse, ApiFoundResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { CurrentPerson, type SignedIn } from '../../access/current-person.ts'
import { originOf } from '../../http/origin.ts'
import type { Asking } from './consent.ts'
import { ConnectionDto, ConnectionsDto, ConsentDto, NewConnectionDto, RemoteChoiceDto } from './connections.dto.ts'
import { ConnectionsService } from './connections.service.ts'

declare module 'express-session' {
  interface SessionData {
    /** A consent that was asked for. */
    asking: Asking
  }
}

const RETURN = '/api/connections/return'

@ApiTags('dispatch')
@Controller('api/connections')
export class ConnectionsController {
  constructor(private readonly connections: ConnectionsService) {}

  @Get()
  @ApiOkResponse({ type: ConnectionsDto })
  list(@CurrentPerson() person: SignedIn): Promise<ConnectionsDto> {
    return this.connections.list(person.workspaceId)
  }

  @Post()
  @ApiCreatedResponse({ type: ConnectionDto })
  connect(@CurrentPerson() person: SignedIn, @Body() given: NewConnectionDto): Promise<ConnectionDto> {
    return this.connections.connect(person, given)
  }

  @Post('consent')
  @HttpCode(200)
  @ApiOkResponse({ type: ConsentDto })
  async ask(
    @CurrentPerson() person: SignedIn,
    @Body() given: NewConnectionDto,
    @Req() request: Request,
  ): Promise<ConsentDto> {
    const redirect = originOf(request) + RETURN
    const { asking, address } = await this.connections.ask(person.workspaceId, given, redirect)
    request.session.asking = asking
    return { address }
  }

  /** Where the destination sends the person back to (RFC 6749, section 4.1.2). */
  @Get('return')
  @ApiFoundResponse({ description: 'On to Dispatch, with what came of it' })
  async answered(
    @CurrentPerson() person: SignedIn,
    @Query() answer: Record<string, unknown>,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const { asking } = request.session
    delete request.session.asking
    const text = (name: string): string | undefined => (typeof answer[name] === 'string' ? answer[name] : undefined)
    const said = await this.connections.answered(person, asking, {
      state: text('state'),
      code: text('code'),
      error: text('error'),
    })
    const query = said === null ? { connected: asking?.name ?? '' } : { refused: said }
    response.redirect(303, `/dispatch?${new URLSearchParams(query).toString()}`)
  }

  @Get(':id/places')
  @ApiOkResponse({ type: [RemoteChoiceDto] })
  places(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<RemoteChoiceDto[]> {
    return this.connections.places(person.workspaceId, id)
  }

  /** What it tells of its limits now. */
  @Post(':id/told')
  @HttpCode(200)
  @ApiOkResponse({ type: ConnectionDto })
  hear(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ConnectionDto> {
    return this.connections.hear(person.workspaceId, id)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.connections.remove(person, id)
  }
}
