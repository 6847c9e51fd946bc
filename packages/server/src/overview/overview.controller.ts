import { EntityManager } from '@mikro-orm/postgresql'
import { Controller, Get } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { BankItem } from '../bank/bank.entities.ts'
import { Delivery } from '../dispatch/deliveries/delivery.entity.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { Sitting } from '../results/sitting.entity.ts'
import { CountsDto } from './counts.dto.ts'

/** What lies at each station of the workspace; it stands above the stations, and none of them knows it. */
@ApiTags('accounts')
@Controller('api/session/counts')
export class OverviewController {
  constructor(private readonly em: EntityManager) {}

  @Get()
  @ApiOkResponse({ type: CountsDto })
  async counts(@CurrentPerson() { workspaceId }: SignedIn): Promise<CountsDto> {
    const own = { workspaceId, deletedAt: null }
    const [drafts, bank, papers, dispatch, results] = await Promise.all([
      this.em.count(Draft, own),
      this.em.count(BankItem, own),
      this.em.count(Paper, { ...own, versionOf: null }),
      this.em.count(Delivery, { workspaceId }),
      this.em.count(Sitting, own),
    ])
    return { drafts, bank, papers, dispatch, results }
  }
}
