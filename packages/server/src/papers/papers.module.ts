import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { PapersController } from './papers.controller.ts'
import { PapersService } from './papers.service.ts'
import { PrintService } from './print.service.ts'
import { VersionsService } from './versions.service.ts'

@Module({
  imports: [BankModule],
  controllers: [PapersController],
  providers: [PapersService, PrintService, VersionsService],
  exports: [PapersService],
})
export class PapersModule {}
