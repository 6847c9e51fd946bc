import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable } from '@nestjs/common'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { RecordService } from '../record/record.service.ts'
import { Membership, OneTimeLink, Person, Workspace } from './accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import type { MemberDto, WorkspaceDto } from './dto/people.dto.ts'
import type { Role } from '../access/permissions.ts'

/** Days in which a deleted workspace can be brought back. */
export const DAYS_OF_GRACE = 30
const DAY_MS = 86_400_000

/** Workspaces and who is in them. */
@Injectable()
export class WorkspacesService {
  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
  ) {}

  /** A new workspace, of which whoever makes it is the owner. */
  async make(person: SignedIn, name: string): Promise<string> {
    const workspace = this.em.create(Workspace, { id: randomUUID(), name: name.trim() })
    this.em.create(Membership, {
      workspaceId: workspace.id,
      personId: person.id,
      role: 'owner',
      since: new Date(),
    })
    this.record.note({ workspaceId: workspace.id, name: person.name }, 'workspace', 'made the workspace')
    await this.em.flush()
    return workspace.id
  }

  async get(person: SignedIn): Promise<WorkspaceDto> {
    const { id, name, deletedAt } = await this.em.findOneOrFail(
      Workspace,
      { id: person.workspaceId },
      { refresh: true },
    )
    const isOwner = person.role === 'owner'
    const invitations = isOwner
      ? await this.em.find(
          OneTimeLink,
          { workspaceId: id, kind: 'invitation', usedAt: null, expiresAt: { $gt: new Date() } },
          { orderBy: { expiresAt: 'desc' }, limit: 200 },
        )
      : []
    return {
      id,
      name,
      members: await this.#members(id, isOwner),
      invitations: invitations.map((link) => ({
        id: link.id,
        note: link.note,
        role: link.role ?? 'viewer',
        madeBy: link.madeBy,
        expiresAt: link.expiresAt.toISOString(),
      })),
      goneAt: deletedAt && new Date(deletedAt.getTime() + DAYS_OF_GRACE * DAY_MS).toISOString(),
    }
  }

  /** Addresses are for owners only. */
  async #members(workspaceId: string, withAddresses: boolean): Promise<MemberDto[]> {
    const rows = await this.em.execute<MemberDto[]>(
      `select p.id, p.name, p.email, m.role from membership m join person p on p.id = m.person_id
       where m.workspace_id = ? order by m.since, lower(p.name)`,
      [workspaceId],
    )
    return rows.map((row) => ({ ...row, email: withAddresses ? row.email : '' }))
  }

  async rename(person: SignedIn, name: string): Promise<void> {
    const workspace = await this.em.findOneOrFail(Workspace, { id: person.workspaceId })
    this.record.note(person, 'workspace', `renamed the workspace from “${workspace.name}” to “${name.trim()}”`)
    workspace.name = name.trim()
    await this.em.flush()
  }

  async setRole(person: SignedIn, memberId: string, role: Role): Promise<void> {
    await this.#changing(person.workspaceId, memberId, async (member, name) => {
      if (member.role === 'owner' && role !== 'owner') await this.#demandOtherOwner(member)
      this.record.note(person, 'people', `made ${name} ${role} (was ${member.role})`)
      member.role = role
    })
  }

  /** Takes somebody out of the workspace; their account stays. */
  async remove(person: SignedIn, memberId: string): Promise<void> {
    await this.#changing(person.workspaceId, memberId, async (member, name) => {
      if (member.role === 'owner') await this.#demandOtherOwner(member)
      this.record.note(person, 'people', memberId === person.id ? `left the workspace` : `took ${name} out`)
      this.em.remove(member)
    })
  }

  async setDeleted(person: SignedIn, deleted: boolean): Promise<void> {
    const workspace = await this.em.findOneOrFail(Workspace, { id: person.workspaceId }, { refresh: true })
    workspace.deletedAt = deleted ? new Date() : null
    this.record.note(person, 'workspace', deleted ? 'deleted the workspace' : 'brought the workspace back')
    await this.em.flush()
  }

  /** One change of who is in a workspace at a time, so that the last owner cannot go twice. */
  #changing(
    workspaceId: string,
    memberId: string,
    change: (member: Membership, name: string) => Promise<void>,
  ): Promise<void> {
    return this.em.transactional(async (em) => {
      await em.findOneOrFail(Workspace, { id: workspaceId }, LOCKED)
      const member = orNotFound(await em.findOne(Membership, { workspaceId, personId: memberId }), 'member')
      const { name } = await em.findOneOrFail(Person, { id: memberId })
      await change(member, name)
    })
  }

  async #demandOtherOwner({ workspaceId, personId }: Membership): Promise<void> {
    const others = await this.em.count(Membership, { workspaceId, role: 'owner', personId: { $ne: personId } })
    if (!others)
      throw new ConflictException('A workspace keeps one owner at least. Make somebody else owner first, or delete it.')
  }
}
