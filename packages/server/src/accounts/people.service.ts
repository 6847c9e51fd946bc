import { randomUUID, timingSafeEqual } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, ForbiddenException, Inject, Injectable, UnprocessableEntityException } from '@nestjs/common'
import { RecordService } from '../record/record.service.ts'
import { SETTINGS, type ServerSettings } from '../settings/settings.ts'
import { Membership, Person, Workspace } from './accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import type { FirstRunDto, NewPasswordDto, NewPersonDto, ProfileDto, SessionDto } from './dto/people.dto.ts'
import { checkPassword, hashPassword, isPassword } from './passwords.ts'
import { tokenHash } from './tokens.ts'

/** People and what is theirs alone: name, address, password, sessions. */
@Injectable()
export class PeopleService {
  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
    @Inject(SETTINGS) private readonly settings: ServerSettings,
  ) {}

  /** Whether the first owner is still to be made. */
  async isFirstRun(): Promise<boolean> {
    return this.settings.firstRunToken !== null && (await this.em.count(Person)) === 0
  }

  /**
   * Makes the first owner and workspace, once.
   *
   * @throws ForbiddenException where somebody has an account already, or the token is not the one of this start.
   */
  async firstRun(given: FirstRunDto): Promise<Person> {
    return this.em.transactional(async (em) => {
      // Two that come at once: the second waits, and finds the first.
      await em.execute('lock table person in share row exclusive mode')
      const { firstRunToken } = this.settings
      if (firstRunToken === null || (await em.count(Person)) > 0)
        throw new ForbiddenException('This server has its first owner already. Sign in, or ask for an invitation.')
      if (!isSame(given.token, firstRunToken))
        throw new ForbiddenException('This is not the token that was printed when the server started.')
      const workspace = em.create(Workspace, { id: randomUUID(), name: given.workspace.trim() })
      const person = await this.make(given)
      person.lastWorkspaceId = workspace.id
      em.create(Membership, { workspaceId: workspace.id, personId: person.id, role: 'owner', since: new Date() })
      this.record.note({ workspaceId: workspace.id, name: person.name }, 'workspace', 'made the workspace')
      return person
    })
  }

  /** Somebody new, stored with the next flush. @throws ConflictException where the address has an account. */
  async make({ name, email, password }: NewPersonDto): Promise<Person> {
    const address = email.trim().toLowerCase()
    checkPassword(password, { name, email: address })
    if (await this.em.findOne(Person, { email: address }))
      throw new ConflictException('This address has an account already. Sign in with it.')
    return this.em.create(Person, {
      id: randomUUID(),
      name: name.trim(),
      email: address,
      passwordHash: await hashPassword(password),
    })
  }

  async change(signedIn: SignedIn, given: ProfileDto): Promise<void> {
    const person = await this.em.findOneOrFail(Person, { id: signedIn.id })
    const email = given.email.trim().toLowerCase()
    if (email !== person.email) {
      if (!(await isPassword(person.passwordHash, given.password ?? '')))
        throw new UnprocessableEntityException('To change the address, give the password that you have.')
      if (await this.em.findOne(Person, { email }))
        throw new ConflictException('Somebody else has this address already.')
      this.record.note(signedIn, 'people', `changed the address of ${person.name}`)
    }
    Object.assign(person, { name: given.name.trim(), email })
    await this.em.flush()
  }

  /** Sets a new password; every other session of the person ends. */
  async changePassword(signedIn: SignedIn, given: NewPasswordDto, sessionId: string): Promise<void> {
    const person = await this.em.findOneOrFail(Person, { id: signedIn.id })
    if (!(await isPassword(person.passwordHash, given.old)))
      throw new UnprocessableEntityException('The password that you gave as yours is not right.')
    await this.setPassword(person, given.password)
    this.record.note(signedIn, 'password', 'changed the own password')
    await this.em.flush()
    await this.endSessions(person.id, sessionId)
  }

  /** Stored with the next flush. */
  async setPassword(person: Person, password: string): Promise<void> {
    checkPassword(password, person)
    person.passwordHash = await hashPassword(password)
  }

  async sessions(personId: string, sessionId: string): Promise<SessionDto[]> {
    const rows = await this.em.execute<{ sid: string; since: string | null; agent: string | null }[]>(
      `select sid, sess ->> 'since' as since, sess ->> 'agent' as agent from session
       where sess ->> 'personId' = ? and expire > now() order by sess ->> 'since' desc limit 100`,
      [personId],
    )
    return rows.map(({ sid, since, agent }) => ({
      since: since ?? '',
      agent: agent ?? '',
      isThis: sid === sessionId,
    }))
  }

  /** Ends all sessions of somebody, but the one given. */
  async endSessions(personId: string, but: string | null): Promise<void> {
    await this.em.execute(`delete from session where sess ->> 'personId' = ? and sid is distinct from ?`, [
      personId,
      but,
    ])
  }
}

function isSame(given: string, kept: string): boolean {
  return timingSafeEqual(Buffer.from(tokenHash(given)), Buffer.from(tokenHash(kept)))
}
