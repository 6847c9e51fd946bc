import { ACCOUNT_ENTITIES } from './accounts/accounts.entities.ts'
import { Asset } from './assets/asset.entity.ts'
import { BANK_ENTITIES } from './bank/bank.entities.ts'
import { CopyLink } from './copies/copy-link.entity.ts'
import type { Entities } from './database/settings.ts'
import { Connection } from './dispatch/connections/connection.entity.ts'
import { Delivery } from './dispatch/deliveries/delivery.entity.ts'
import { ColumnLayout } from './drafts/column-layout.entity.ts'
import { Draft } from './drafts/draft.entity.ts'
import { KeptNotation } from './drafts/kept-notation.entity.ts'
import { Paper } from './papers/paper.entity.ts'
import { RecordEntry } from './record/record.entity.ts'
import { Remark } from './remarks/remark.entity.ts'
import { RESULT_ENTITIES } from './results/sitting.entity.ts'
import { WRITING_ENTITIES } from './writing/writing.entities.ts'

/** The tables of all features. */
export const ENTITIES: Entities = [
  ...ACCOUNT_ENTITIES,
  RecordEntry,
  Remark,
  CopyLink,
  Draft,
  ColumnLayout,
  KeptNotation,
  Asset,
  ...BANK_ENTITIES,
  Paper,
  Connection,
  Delivery,
  ...RESULT_ENTITIES,
  ...WRITING_ENTITIES,
]
