import { Module } from '@nestjs/common'
import { AccountConnections } from './account-connections.ts'
import { AccountsService } from './accounts.service.ts'
import { LinksService } from './links.service.ts'
import { PeopleController } from './people.controller.ts'
import { PeopleService } from './people.service.ts'
import { PurgeService } from './purge.service.ts'
import { SessionController } from './session.controller.ts'
import { SignInLimits } from './sign-in-limits.ts'
import { Tries } from './tries.ts'
import { WorkspacesController } from './workspaces.controller.ts'
import { WorkspacesService } from './workspaces.service.ts'

@Module({
  controllers: [SessionController, PeopleController, WorkspacesController],
  providers: [
    AccountsService,
    PeopleService,
    WorkspacesService,
    LinksService,
    SignInLimits,
    AccountConnections,
    Tries,
    PurgeService,
  ],
  exports: [AccountConnections, AccountsService, Tries],
})
export class AccountsModule {}
