import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnauthorizedException } from '@nestjs/common'
import { BankItem } from '../bank/bank.entities.ts'
import { Delivery } from '../dispatch/dispatch.entities.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { Person, Workspace } from './accounts.entities.ts'
import type { SignedIn } from './current-person.ts'
import type { CountsDto, WorkspaceSettingsDto } from './dto/session.dto.ts'
import { hashPassword, isPassword } from './passwords.ts'

@Injectable()
export class AccountsService {
  #decoy: Promise<string> | null = null

  constructor(private readonly em: EntityManager) {}

  /** @throws UnauthorizedException in the same words and the same time, whether the address is known or not. */
  async signIn(email: string, password: string): Promise<SignedIn> {
    const person = await this.em.findOne(Person, { email: email.trim().toLowerCase() })
    this.#decoy ??= hashPassword('nobody')
    const right = await isPassword(person?.passwordHash ?? (await this.#decoy), password)
    if (!person || !right) throw new UnauthorizedException('The address or the password is not right.')
    const workspace = await this.em.findOneOrFail(Workspace, { id: person.workspaceId })
    return { id: person.id, name: person.name, workspaceId: workspace.id, workspace: workspace.name }
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

  async counts(workspaceId: string): Promise<CountsDto> {
    const own = { workspaceId, deletedAt: null }
    const [drafts, bank, papers, dispatch, results] = await Promise.all([
      this.em.count(Draft, own),
      this.em.count(BankItem, own),
      this.em.count(Paper, { ...own, versionOf: null }),
      this.em.count(Delivery, { workspaceId }),
      this.em.count(Delivery, { workspaceId, fetchedAt: { $ne: null } }),
    ])
    return { drafts, bank, papers, dispatch, results }
  }
}
