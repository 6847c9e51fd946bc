import { MikroOrmModule } from '@mikro-orm/nestjs'
import { type DynamicModule, Global, Module, ValidationPipe } from '@nestjs/common'
import { APP_FILTER, APP_PIPE } from '@nestjs/core'
import { LoggerModule } from 'nestjs-pino'
import { AccountsModule } from './accounts/accounts.module.ts'
import { ArchiveModule } from './archive/archive.module.ts'
import { AssetsModule } from './assets/assets.module.ts'
import { BankModule } from './bank/index.ts'
import { ormSettings } from './database/settings.ts'
import { ENTITIES } from './entities.ts'
import { TASK_TERMS } from './tasks.ts'
import { CopiesModule } from './copies/copies.module.ts'
import { DispatchModule } from './dispatch/index.ts'
import { DraftsModule } from './drafts/drafts.module.ts'
import { HealthController } from './health/health.controller.ts'
import { pathToLog } from './http/path-to-log.ts'
import { ProblemFilter, safeToLog } from './http/problem.filter.ts'
import { OverviewController } from './overview/overview.controller.ts'
import { PapersModule } from './papers/index.ts'
import { PresenceController } from './presence/presence.controller.ts'
import { RecordModule } from './record/record.module.ts'
import { RemarksModule } from './remarks/remarks.module.ts'
import { ResultsModule } from './results/results.module.ts'
import { SETTINGS, type ServerSettings } from './settings/settings.ts'
import { WritingModule } from './writing/writing.module.ts'
import { WorkModule } from './work/work.module.ts'

@Global()
@Module({})
export class AppModule {
  // eslint-disable-next-line max-lines-per-function -- a list of modules, with no step of its own
  static with(settings: ServerSettings): DynamicModule {
    return {
      module: AppModule,
      imports: [
        LoggerModule.forRoot({
          pinoHttp: {
            level: process.env['LOG_LEVEL'] ?? 'warn',
            // What was asked for, not with which words, nor by whom: searches and texts stay out of the log.
            serializers: {
              req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
                id,
                method,
                path: pathToLog(url),
              }),
              res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
              err: (error: unknown) => safeToLog(error),
            },
          },
        }),
        MikroOrmModule.forRoot(ormSettings(settings.databaseUrl, ENTITIES, !settings.offline)),
        WorkModule.with(TASK_TERMS),
        RecordModule,
        AccountsModule,
        DraftsModule,
        WritingModule,
        AssetsModule,
        BankModule,
        PapersModule,
        DispatchModule,
        ResultsModule,
        RemarksModule,
        CopiesModule,
        ArchiveModule,
      ],
      controllers: [HealthController, PresenceController, OverviewController],
      providers: [
        { provide: SETTINGS, useValue: settings },
        { provide: APP_FILTER, useClass: ProblemFilter },
        {
          provide: APP_PIPE,
          useValue: new ValidationPipe({ whitelist: true, forbidNonWhitelisted: true, transform: true }),
        },
      ],
      exports: [SETTINGS],
    }
  }
}
