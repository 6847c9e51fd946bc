import { Body, Controller, Delete, Get, HttpCode, Post, Put, Req, UseGuards } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { ThrottlerGuard } from '@nestjs/throttler'
import type { Request } from 'express'
import { AccountsService } from './accounts.service.ts'
import { CurrentPerson, Public, type SignedIn } from './current-person.ts'
import { CountsDto, PersonDto, SignInDto, WorkspaceSettingsDto } from './dto/session.dto.ts'

@ApiTags('accounts')
@Controller('api/session')
export class SessionController {
  constructor(private readonly accounts: AccountsService) {}

  @Public()
  @UseGuards(ThrottlerGuard)
  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: PersonDto })
  async signIn(@Body() given: SignInDto, @Req() request: Request): Promise<PersonDto> {
    const person = await this.accounts.signIn(given.email, given.password)
    // A new session id, so that one planted before the sign-in is worth nothing.
    await new Promise<void>((resolve, reject) =>
      request.session.regenerate((error: unknown) => (error ? reject(asError(error)) : resolve())),
    )
    request.session.person = person
    return toDto(person)
  }

  @Get()
  @ApiOkResponse({ type: PersonDto })
  who(@CurrentPerson() person: SignedIn): PersonDto {
    return toDto(person)
  }

  @Delete()
  @HttpCode(204)
  async signOut(@Req() request: Request): Promise<void> {
    await new Promise<void>((resolve, reject) =>
      request.session.destroy((error: unknown) => (error ? reject(asError(error)) : resolve())),
    )
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

  @Get('counts')
  @ApiOkResponse({ type: CountsDto })
  counts(@CurrentPerson() person: SignedIn): Promise<CountsDto> {
    return this.accounts.counts(person.workspaceId)
  }
}

function toDto({ id, name, workspace }: SignedIn): PersonDto {
  return { id, name, workspace }
}

function asError(error: unknown): Error {
  return error instanceof Error ? error : new Error(String(error))
}
