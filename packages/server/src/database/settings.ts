import { Migrator } from '@mikro-orm/migrations'
import { defineConfig } from '@mikro-orm/postgresql'
import { Membership, OneTimeLink, Person, Workspace } from '../accounts/accounts.entities.ts'
import { Asset } from '../assets/asset.entity.ts'
import { BankItem, BulkChange, ItemRevision, Outcome, SavedFilter } from '../bank/bank.entities.ts'
import { Connection } from '../dispatch/connections/connection.entity.ts'
import { Delivery } from '../dispatch/deliveries/delivery.entity.ts'
import { ColumnLayout } from '../drafts/column-layout.entity.ts'
import { KeptNotation } from '../drafts/kept-notation.entity.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { CopyLink } from '../copies/copy-link.entity.ts'
import { Remark } from '../remarks/remark.entity.ts'
import { RecordEntry } from '../record/record.entity.ts'
import { Attempt, Regrading, Roster, Sitting } from '../results/sitting.entity.ts'
import { KeptRequest, WritingAllowance, WritingReply, WritingService } from '../writing/writing.entities.ts'
import { MIGRATIONS } from './migrations/index.ts'

/** MikroORM's settings for a database address; `connect: false` leaves it alone until it is asked something. Migrations are listed by name, so that no folder is searched. */
export function ormSettings(databaseUrl: string, connect = true): ReturnType<typeof defineConfig> {
  return defineConfig({
    clientUrl: databaseUrl,
    connect,
    entities: [
      Workspace,
      Person,
      Membership,
      OneTimeLink,
      RecordEntry,
      Remark,
      CopyLink,
      Draft,
      ColumnLayout,
      KeptNotation,
      Asset,
      BankItem,
      ItemRevision,
      SavedFilter,
      BulkChange,
      Outcome,
      Paper,
      Connection,
      Delivery,
      Sitting,
      Attempt,
      Regrading,
      Roster,
      WritingService,
      WritingAllowance,
      WritingReply,
      KeptRequest,
    ],
    extensions: [Migrator],
    migrations: { migrationsList: [...MIGRATIONS], snapshot: false, tableName: 'migration' },
    discovery: { warnWhenNoEntities: true, disableDynamicFileAccess: true },
    forceUtcTimezone: true,
    // The migrator talks while it works; our own scripts say what matters.
    logger: () => undefined,
  })
}
