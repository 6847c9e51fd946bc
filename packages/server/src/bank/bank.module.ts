import { Module } from '@nestjs/common'
import { BankController } from './bank.controller.ts'
import { BankService } from './bank.service.ts'

@Module({ controllers: [BankController], providers: [BankService], exports: [BankService] })
export class BankModule {}
