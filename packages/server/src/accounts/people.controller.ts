import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import type { Request } from 'express'
import { AccountsService } from './accounts.service.ts'
import { CurrentPerson, MaybePerson, type SignedIn } from '../access/current-person.ts'
import {
  ChooseWorkspaceDto,
  FirstRunDto,
  FirstRunStateDto,
  LinkDto,
  NewPasswordDto,
  PersonDto,
  ProfileDto,
  SessionDto,
  TakeUpDto,
} from './dto/people.dto.ts'
import { LinksService } from './links.service.ts'
import { PeopleService } from './people.service.ts'
import { beginSession } from './sessions.ts'

/** What is one's own, and what makes one somebody. */
@ApiTags('people')
@Controller('api')
export class PeopleController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly people: PeopleService,
    private readonly links: LinksService,
  ) {}

  @Get('first-run')
  @ApiOkResponse({ type: FirstRunStateDto })
  async isFirstRun(): Promise<FirstRunStateDto> {
    return { isOpen: await this.people.isFirstRun() }
  }

  @Post('first-run')
  @ApiCreatedResponse({ type: PersonDto })
  async firstRun(@Body() given: FirstRunDto, @Req() request: Request): Promise<PersonDto> {
    const person = await this.people.firstRun(given)
    return this.#enter(request, person.id, person.lastWorkspaceId)
  }

  @Put('session/workspace')
  @ApiOkResponse({ type: PersonDto })
  async choose(
    @CurrentPerson() person: SignedIn,
    @Body() { id }: ChooseWorkspaceDto,
    @Req() request: Request,
  ): Promise<PersonDto> {
    const now = await this.accounts.choose(person.id, id)
    request.session.workspaceId = now.workspaceId
    return this.accounts.who(now)
  }

  @Put('me')
  @ApiOkResponse({ type: PersonDto })
  async change(@CurrentPerson() person: SignedIn, @Body() given: ProfileDto): Promise<PersonDto> {
    await this.people.change(person, given)
    return this.accounts.who({ ...person, name: given.name.trim(), email: given.email.trim().toLowerCase() })
  }

  @Put('me/password')
  @HttpCode(204)
  @ApiNoContentResponse()
  changePassword(
    @CurrentPerson() person: SignedIn,
    @Body() given: NewPasswordDto,
    @Req() request: Request,
  ): Promise<void> {
    return this.people.changePassword(person, given, request.sessionID)
  }

  @Get('me/sessions')
  @ApiOkResponse({ type: [SessionDto] })
  sessions(@CurrentPerson() person: SignedIn, @Req() request: Request): Promise<SessionDto[]> {
    return this.people.sessions(person.id, request.sessionID)
  }

  /** Signs out everywhere else. */
  @Delete('me/sessions')
  @HttpCode(204)
  @ApiNoContentResponse()
  endSessions(@CurrentPerson() person: SignedIn, @Req() request: Request): Promise<void> {
    return this.people.endSessions(person.id, request.sessionID)
  }

  @Get('links/:token')
  @ApiOkResponse({ type: LinkDto })
  showLink(@Param('token') token: string): Promise<LinkDto> {
    return this.links.show(token)
  }

  @Post('links/:token')
  @HttpCode(200)
  @ApiOkResponse({ type: PersonDto })
  async takeUp(
    @Param('token') token: string,
    @Body() given: TakeUpDto,
    @MaybePerson() signedIn: SignedIn | null,
    @Req() request: Request,
  ): Promise<PersonDto> {
    const { person, workspaceId } = await this.links.takeUp(token, given, signedIn)
    return this.#enter(request, person.id, workspaceId)
  }

  async #enter(request: Request, personId: string, workspaceId: string | null): Promise<PersonDto> {
    const now = await beginSession(request, this.accounts, personId, workspaceId)
    return this.accounts.who(now)
  }
}
