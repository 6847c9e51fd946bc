import { Body, Controller, Delete, Get, HttpCode, Post, Put, Req, Res } from '@nestjs/common'
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { AccountsService } from './accounts.service.ts'
import { CurrentPerson, MaybePerson, type SignedIn } from '../access/current-person.ts'
import { PersonDto } from './dto/people.dto.ts'
import { SignInDto, WorkspaceSettingsDto } from './dto/session.dto.ts'
import { beginSession, endSession } from './sessions.ts'
import { SignInLimits } from './sign-in-limits.ts'

@ApiTags('accounts')
@Controller('api/session')
export class SessionController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly limits: SignInLimits,
  ) {}

  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: PersonDto })
  async signIn(@Body() given: SignInDto, @Req() request: Request): Promise<PersonDto> {
    await this.limits.count(request.ip ?? '', given.email)
    const { id, lastWorkspaceId } = await this.accounts.signIn(given.email, given.password)
    await this.limits.forget(given.email)
    return this.accounts.who(await beginSession(request, this.accounts, id, lastWorkspaceId))
  }

  /** Who is signed in; 204 where nobody is, which is nothing wrong. */
  @Get()
  @ApiOkResponse({ type: PersonDto })
  @ApiNoContentResponse()
  async who(
    @MaybePerson() person: SignedIn | null,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PersonDto | undefined> {
    if (person) return this.accounts.who(person)
    response.status(204)
    return undefined
  }

  @Delete()
  @HttpCode(204)
  signOut(@Req() request: Request): Promise<void> {
    return endSession(request)
  }

  @Get('settings')
  @ApiOkResponse({ type: WorkspaceSettingsDto })
  settings(@CurrentPerson() person: SignedIn): Promise<WorkspaceSettingsDto> {
    return this.accounts.settings(person.workspaceId)
  }

  @Put('settings')
  @ApiOkResponse({ type: WorkspaceSettingsDto })
  setSettings(@CurrentPerson() person: SignedIn, @Body() given: WorkspaceSettingsDto): Promise<WorkspaceSettingsDto> {
    return this.accounts.setSettings(person.workspaceId, given)
  }
}
