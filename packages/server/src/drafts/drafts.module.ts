import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { DraftsController } from './drafts.controller.ts'
import { DraftsService } from './drafts.service.ts'
import { FilesController } from './files.controller.ts'
import { FilesService } from './files.service.ts'
import { NotationsController } from './notations.controller.ts'
import { NotationsService } from './notations.service.ts'

@Module({
  imports: [BankModule],
  controllers: [DraftsController, FilesController, NotationsController],
  providers: [DraftsService, FilesService, NotationsService],
  exports: [DraftsService],
})
export class DraftsModule {}
