import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { DraftsController } from './drafts.controller.ts'
import { DraftsService } from './drafts.service.ts'
import { FilesController } from './files.controller.ts'
import { FilesService } from './files.service.ts'

@Module({
  imports: [BankModule],
  controllers: [DraftsController, FilesController],
  providers: [DraftsService, FilesService],
  exports: [DraftsService],
})
export class DraftsModule {}
