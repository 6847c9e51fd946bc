import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { outcomesFromRows, OutcomesError, proposeOutcomes, readCase, type OutcomeNode } from '@zakuska/core'
import { csvRows } from '@zakuska/documents'
import { Workspace } from '../accounts/accounts.entities.ts'
import { LOCKED } from '../database/locked.ts'
import { Outcome } from './bank.entities.ts'
import { BankService } from './bank.service.ts'
import type { OutcomeDto, ProposalDto } from './dto/outcomes.dto.ts'

@Injectable()
export class OutcomesService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
  ) {}

  /** The tree, parents before their children, each with how many items it has. */
  async list(workspaceId: string): Promise<OutcomeDto[]> {
    const [outcomes, counts] = await Promise.all([
      this.em.find(Outcome, { workspaceId }, { orderBy: { place: 'asc' } }),
      this.em.execute<{ outcome: string; count: number; signed: number }[]>(
        `select outcome, count(*)::int as count, count(sign_off)::int as signed from bank_item
         where workspace_id = ? and deleted_at is null and outcome is not null group by outcome`,
        [workspaceId],
      ),
    ])
    const byCode = new Map(counts.map((one) => [one.outcome, one]))
    return outcomes.map(({ id, parentId, code, statement }) => ({
      id,
      parentId,
      code,
      statement,
      itemCount: byCode.get(code)?.count ?? 0,
      signedCount: byCode.get(code)?.signed ?? 0,
    }))
  }

  /** Replaces the tree by what a file holds; items keep the outcome that they name. @throws UnprocessableEntityException */
  async replace(workspaceId: string, text: string): Promise<OutcomeDto[]> {
    const nodes = read(text)
    await this.em.transactional(async (em) => {
      // Two that replace the tree at once go one after the other.
      await em.findOne(Workspace, { id: workspaceId }, LOCKED)
      await em.nativeDelete(Outcome, { workspaceId })
      addOutcomes(em, workspaceId, nodes)
    })
    return this.list(workspaceId)
  }

  async proposals(workspaceId: string, itemId: string): Promise<ProposalDto[]> {
    const item = await this.bank.find(workspaceId, itemId)
    const outcomes = await this.em.find(Outcome, { workspaceId }, { orderBy: { place: 'asc' } })
    const nodes = outcomes.map(({ id, parentId, code, statement }): OutcomeNode => ({
      id,
      parent: parentId,
      code,
      statement,
    }))
    return proposeOutcomes(item.body, nodes).map(({ outcome, likeness }) => ({
      code: outcome.code,
      statement: outcome.statement,
      likeness,
    }))
  }
}

/** Makes a workspace's outcomes, in the order given; they are stored with the next flush. */
export function addOutcomes(em: EntityManager, workspaceId: string, nodes: readonly OutcomeNode[]): void {
  const ids = new Map(nodes.map((node) => [node.id, randomUUID()]))
  nodes.forEach((node, place) =>
    em.create(Outcome, {
      id: ids.get(node.id) ?? randomUUID(),
      workspaceId,
      parentId: node.parent === null ? null : (ids.get(node.parent) ?? null),
      sourceId: node.id,
      code: node.code,
      statement: node.statement,
      place,
    }),
  )
}

function read(text: string): OutcomeNode[] {
  try {
    return /^\s*\{/.test(text) ? readCase(text) : outcomesFromRows(csvRows(text))
  } catch (error) {
    throw error instanceof OutcomesError ? new UnprocessableEntityException(error.message) : error
  }
}
