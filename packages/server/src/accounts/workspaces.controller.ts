import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import {
  ChooseWorkspaceDto,
  InviteDto,
  NewLinkDto,
  SetRoleDto,
  WorkspaceDto,
  WorkspaceNameDto,
} from './dto/people.dto.ts'
import { LinksService } from './links.service.ts'
import { WorkspacesService } from './workspaces.service.ts'

@ApiTags('workspace')
@Controller('api')
export class WorkspacesController {
  constructor(
    private readonly workspaces: WorkspacesService,
    private readonly links: LinksService,
  ) {}

  @Post('workspaces')
  @ApiCreatedResponse({ type: ChooseWorkspaceDto })
  async make(@CurrentPerson() person: SignedIn, @Body() { name }: WorkspaceNameDto): Promise<ChooseWorkspaceDto> {
    return { id: await this.workspaces.make(person, name) }
  }

  @Get('workspace')
  @ApiOkResponse({ type: WorkspaceDto })
  get(@CurrentPerson() person: SignedIn): Promise<WorkspaceDto> {
    return this.workspaces.get(person)
  }

  @Put('workspace')
  @ApiOkResponse({ type: WorkspaceDto })
  async rename(@CurrentPerson() person: SignedIn, @Body() { name }: WorkspaceNameDto): Promise<WorkspaceDto> {
    await this.workspaces.rename(person, name)
    return this.workspaces.get(person)
  }

  @Delete('workspace')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn): Promise<void> {
    return this.workspaces.setDeleted(person, true)
  }

  @Post('workspace/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn): Promise<void> {
    return this.workspaces.setDeleted(person, false)
  }

  @Post('workspace/leave')
  @HttpCode(204)
  @ApiNoContentResponse()
  leave(@CurrentPerson() person: SignedIn): Promise<void> {
    return this.workspaces.remove(person, person.id)
  }

  @Put('workspace/members/:id')
  @ApiOkResponse({ type: WorkspaceDto })
  async setRole(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { role }: SetRoleDto,
  ): Promise<WorkspaceDto> {
    await this.workspaces.setRole(person, id, role)
    return this.workspaces.get(person)
  }

  @Delete('workspace/members/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.workspaces.remove(person, id)
  }

  @Post('workspace/members/:id/reset')
  @ApiCreatedResponse({ type: NewLinkDto })
  reset(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<NewLinkDto> {
    return this.links.resetPassword(person, id)
  }

  @Post('workspace/invitations')
  @ApiCreatedResponse({ type: NewLinkDto })
  invite(@CurrentPerson() person: SignedIn, @Body() given: InviteDto): Promise<NewLinkDto> {
    return this.links.invite(person, given)
  }

  @Delete('workspace/invitations/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  takeBack(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.links.takeBack(person, id)
  }
}
