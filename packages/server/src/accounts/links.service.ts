import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable, NotFoundException, UnprocessableEntityException } from '@nestjs/common'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { RecordService } from '../record/record.service.ts'
import { Membership, OneTimeLink, Person, Workspace } from './accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import type { InviteDto, LinkDto, NewLinkDto, TakeUpDto } from './dto/people.dto.ts'
import { PeopleService } from './people.service.ts'
import { newToken, tokenHash } from './tokens.ts'

const HOUR_MS = 3_600_000
const INVITATION_HOURS = 7 * 24
const PASSWORD_HOURS = 24

/** Links that work once: invitations, and new passwords for those who forgot theirs. */
@Injectable()
export class LinksService {
  constructor(
    private readonly em: EntityManager,
    private readonly people: PeopleService,
    private readonly record: RecordService,
  ) {}

  async invite(person: SignedIn, { role, note }: InviteDto): Promise<NewLinkDto> {
    const made = this.#make('invitation', INVITATION_HOURS, {
      workspaceId: person.workspaceId,
      role,
      note: note.trim(),
      madeBy: person.name,
    })
    this.record.note(person, 'people', `invited ${note.trim() || 'somebody'} as ${role}`)
    await this.em.flush()
    return made
  }

  async takeBack(person: SignedIn, id: string): Promise<void> {
    const link = orNotFound(
      await this.em.findOne(OneTimeLink, { id, workspaceId: person.workspaceId, kind: 'invitation', usedAt: null }),
      'invitation',
    )
    this.record.note(person, 'people', `took back the invitation of ${link.note || 'somebody'}`)
    this.em.remove(link)
    await this.em.flush()
  }

  /** A link by which somebody of the workspace sets a new password. */
  async resetPassword(person: SignedIn, memberId: string): Promise<NewLinkDto> {
    orNotFound(await this.em.findOne(Membership, { workspaceId: person.workspaceId, personId: memberId }), 'member')
    await this.#demandOnlyHere(person.workspaceId, memberId)
    const { name } = await this.em.findOneOrFail(Person, { id: memberId })
    const made = this.passwordLink(memberId, name, person.name)
    this.record.note(person, 'password', `made a link for a new password of ${name}`)
    await this.em.flush()
    return made
  }

  /** Who owns one workspace is not to get into the account of somebody who is in another one, too. */
  async #demandOnlyHere(workspaceId: string, personId: string): Promise<void> {
    const elsewhere = await this.em.find(Membership, { personId, workspaceId: { $ne: workspaceId } })
    if (elsewhere.length)
      throw new ConflictException(
        'They are in other workspaces, too. Whoever runs the server can make a link: npm run password -- ADDRESS.',
      )
  }

  /** Stored with the next flush. */
  passwordLink(personId: string, name: string, madeBy: string): NewLinkDto {
    return this.#make('password', PASSWORD_HOURS, { personId, note: name, madeBy })
  }

  #make(
    kind: OneTimeLink['kind'],
    hours: number,
    what: Pick<OneTimeLink, 'note' | 'madeBy'> & Partial<Pick<OneTimeLink, 'workspaceId' | 'role' | 'personId'>>,
  ): NewLinkDto {
    const token = newToken()
    const expiresAt = new Date(Date.now() + hours * HOUR_MS)
    this.em.create(OneTimeLink, { id: randomUUID(), tokenHash: tokenHash(token), kind, expiresAt, ...what })
    return { token, expiresAt: expiresAt.toISOString() }
  }

  /** What a link is for. @throws NotFoundException where it was used, taken back, or has expired. */
  async show(token: string): Promise<LinkDto> {
    const { kind, workspaceId, role, personId, madeBy } = await this.#find(token)
    const workspace = workspaceId === null ? null : await this.em.findOne(Workspace, { id: workspaceId })
    const person = personId === null ? null : await this.em.findOne(Person, { id: personId })
    return { kind, workspace: workspace?.name ?? null, role, person: person?.name ?? null, madeBy }
  }

  /**
   * Does what a link is for: joins its workspace, as who is signed in or as somebody new, or sets a password.
   *
   * @returns who is to be signed in, and where.
   */
  takeUp(
    token: string,
    given: TakeUpDto,
    signedIn: SignedIn | null,
  ): Promise<{ person: Person; workspaceId: string | null }> {
    return this.em.transactional(async (em) => {
      const link = await this.#find(token, LOCKED)
      link.usedAt = new Date()
      if (link.kind === 'password') return { person: await this.#newPassword(link, given), workspaceId: null }
      const person = signedIn ? await em.findOneOrFail(Person, { id: signedIn.id }) : await this.#newPerson(given)
      const { workspaceId, role } = link
      if (workspaceId === null || role === null) throw new TypeError('An invitation names a workspace and a role.')
      if (await em.findOne(Membership, { workspaceId, personId: person.id }))
        throw new ConflictException('You are in this workspace already.')
      em.create(Membership, { workspaceId, personId: person.id, role, since: new Date() })
      person.lastWorkspaceId = workspaceId
      this.record.note({ workspaceId, name: person.name }, 'people', `joined as ${role}, invited by ${link.madeBy}`)
      return { person, workspaceId }
    })
  }

  async #newPerson({ name, email, password }: TakeUpDto): Promise<Person> {
    if (name === undefined || email === undefined || password === undefined)
      throw new UnprocessableEntityException('Give a name, an address and a password, or sign in first.')
    return this.people.make({ name, email, password })
  }

  async #newPassword(link: OneTimeLink, { password }: TakeUpDto): Promise<Person> {
    if (password === undefined) throw new UnprocessableEntityException('Give a password.')
    const person = await this.em.findOneOrFail(Person, { id: link.personId ?? '' })
    await this.people.setPassword(person, password)
    await this.people.endSessions(person.id, null)
    this.record.note(
      { workspaceId: person.lastWorkspaceId, name: person.name },
      'password',
      `set a new password by a link from ${link.madeBy}`,
    )
    return person
  }

  async #find(token: string, lock: typeof LOCKED | object = {}): Promise<OneTimeLink> {
    const link = await this.em.findOne(OneTimeLink, { tokenHash: tokenHash(token) }, lock)
    if (!link || link.usedAt || link.expiresAt < new Date())
      throw new NotFoundException('This link was used already, or has expired. Ask for a new one.')
    return link
  }
}
