import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnauthorizedException } from '@nestjs/common'
import { RecordService } from '../record/record.service.ts'
import { Person, Workspace } from './accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import type { PersonDto, WorkspaceSummaryDto } from './dto/people.dto.ts'
import type { WorkspaceSettingsDto } from './dto/session.dto.ts'
import { hashPassword, isPassword } from './passwords.ts'
import { rightsOf, type Role } from '../access/permissions.ts'

interface SignedInRow {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly workspaceId: string | null
  readonly workspace: string | null
  readonly role: Role | null
}

/** Signing in, and who a session belongs to. */
@Injectable()
export class AccountsService {
  #decoy: Promise<string> | null = null

  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
  ) {}

  /** @throws UnauthorizedException in the same words and the same time, whether the address is known or not. */
  async signIn(email: string, password: string): Promise<Person> {
    const person = await this.em.findOne(Person, { email: email.trim().toLowerCase() })
    this.#decoy ??= hashPassword('nobody')
    const right = await isPassword(person?.passwordHash ?? (await this.#decoy), password)
    if (!person || !right) throw new UnauthorizedException('The address or the password is not right.')
    this.record.note({ workspaceId: person.lastWorkspaceId, name: person.name }, 'signed-in', 'signed in')
    await this.em.flush()
    return person
  }

  /**
   * Who a session belongs to and in which workspace: the one that it chose, or else one that the person is in.
   * Null where the person is gone, or is in no workspace any more.
   */
  async find(personId: string, workspaceId: string | null): Promise<SignedIn | null> {
    const [row] = await this.em.execute<SignedInRow[]>(
      `select p.id, p.name, p.email, w.id as "workspaceId", w.name as workspace, m.role
       from person p join membership m on m.person_id = p.id join workspace w on w.id = m.workspace_id
       where p.id = ? and (w.deleted_at is null or (w.id = ? and m.role = 'owner'))
       order by (w.id = ?) desc nulls last, (w.id = p.last_workspace_id) desc nulls last, m.since limit 1`,
      [personId, workspaceId, workspaceId],
    )
    if (!row?.workspaceId || row.workspace === null || !row.role) return null
    const { id, name, email, workspace, role } = row
    return { id, name, email, workspaceId: row.workspaceId, workspace, role }
  }

  async who(person: SignedIn): Promise<PersonDto> {
    const { id, name, email, workspaceId, workspace, role } = person
    return {
      id,
      name,
      email,
      workspaceId,
      workspace,
      role,
      rights: [...rightsOf(role)],
      workspaces: await this.#workspacesOf(id),
    }
  }

  #workspacesOf(personId: string): Promise<WorkspaceSummaryDto[]> {
    return this.em.execute<WorkspaceSummaryDto[]>(
      `select w.id, w.name, m.role, w.deleted_at is not null as "isDeleted" from membership m
       join workspace w on w.id = m.workspace_id
       where m.person_id = ? and (w.deleted_at is null or m.role = 'owner') order by lower(w.name)`,
      [personId],
    )
  }

  /** Remembers the workspace for the next sign-in. @throws UnauthorizedException where the person is not in it. */
  async choose(personId: string, workspaceId: string): Promise<SignedIn> {
    const found = await this.find(personId, workspaceId)
    if (found?.workspaceId !== workspaceId) throw new UnauthorizedException('You are not in this workspace.')
    await this.em.nativeUpdate(Person, { id: personId }, { lastWorkspaceId: workspaceId })
    return found
  }

  async settings(workspaceId: string): Promise<WorkspaceSettingsDto> {
    const { settings } = await this.em.findOneOrFail(Workspace, { id: workspaceId })
    return { ...settings }
  }

  /** What is not given goes back to its default. */
  async setSettings(workspaceId: string, given: WorkspaceSettingsDto): Promise<WorkspaceSettingsDto> {
    const workspace = await this.em.findOneOrFail(Workspace, { id: workspaceId })
    workspace.settings = { ...given }
    await this.em.flush()
    return this.settings(workspaceId)
  }
}
