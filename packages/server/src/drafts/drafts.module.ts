import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { DraftsController } from './drafts.controller.ts'
import { DraftsService } from './drafts.service.ts'

@Module({
  imports: [BankModule],
  controllers: [DraftsController],
  providers: [DraftsService],
  exports: [DraftsService],
})
export class DraftsModule {}
