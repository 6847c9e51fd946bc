import { Module } from '@nestjs/common'
import { DispatchModule } from '../dispatch/index.ts'
import { PapersModule } from '../papers/index.ts'
import { RostersController } from './rosters.controller.ts'
import { SheetsService } from './sheets.service.ts'
import { SittingsController } from './sittings.controller.ts'
import { SittingsService } from './sittings.service.ts'
import { HereController } from './taking/here.controller.ts'
import { TakeController } from './taking/take.controller.ts'
import { TakingService } from './taking/taking.service.ts'

@Module({
  imports: [DispatchModule, PapersModule],
  controllers: [HereController, SittingsController, RostersController, TakeController],
  providers: [SittingsService, SheetsService, TakingService],
})
export class ResultsModule {}
