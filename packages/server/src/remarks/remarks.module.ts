import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { RemarksController } from './remarks.controller.ts'
import { RemarksService } from './remarks.service.ts'

@Module({ imports: [BankModule], controllers: [RemarksController], providers: [RemarksService] })
export class RemarksModule {}
