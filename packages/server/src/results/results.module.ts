import { Module } from '@nestjs/common'
import { AccountsModule } from '../accounts/accounts.module.ts'
import { DispatchModule } from '../dispatch/index.ts'
import { PapersModule } from '../papers/index.ts'
import { RostersController } from './rosters.controller.ts'
import { SheetsService } from './sheets.service.ts'
import { SittingsController } from './sittings.controller.ts'
import { SittingsService } from './sittings.service.ts'
import { HereController } from './taking/here.controller.ts'
import { TakeController } from './taking/take.controller.ts'
import { MovingService } from './taking/moving.service.ts'
import { TakingLimits } from './taking/taking-limits.ts'
import { TakingService } from './taking/taking.service.ts'

@Module({
  imports: [AccountsModule, DispatchModule, PapersModule],
  controllers: [HereController, SittingsController, RostersController, TakeController],
  providers: [SittingsService, SheetsService, MovingService, TakingLimits, TakingService],
})
export class ResultsModule {}
