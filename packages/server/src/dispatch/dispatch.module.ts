import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { JobsModule } from '../jobs/jobs.module.ts'
import { PapersModule } from '../papers/index.ts'
import { DispatchController } from './dispatch.controller.ts'
import { DispatchService } from './dispatch.service.ts'

@Module({
  imports: [BankModule, PapersModule, JobsModule],
  controllers: [DispatchController],
  providers: [DispatchService],
  exports: [DispatchService],
})
export class DispatchModule {}
