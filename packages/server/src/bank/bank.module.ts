import { Module } from '@nestjs/common'
import { BankController } from './bank.controller.ts'
import { BankService } from './bank.service.ts'
import { BulkService } from './bulk.service.ts'
import { FiltersService } from './filters.service.ts'
import { OutcomesController } from './outcomes.controller.ts'
import { OutcomesService } from './outcomes.service.ts'
import { TranslationsService } from './translations.service.ts'

@Module({
  controllers: [BankController, OutcomesController],
  providers: [BankService, BulkService, FiltersService, OutcomesService, TranslationsService],
  exports: [BankService],
})
export class BankModule {}
