import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { PapersModule } from '../papers/index.ts'
import { CopiesController } from './copies.controller.ts'
import { CopiesService } from './copies.service.ts'

@Module({ imports: [BankModule, PapersModule], controllers: [CopiesController], providers: [CopiesService] })
export class CopiesModule {}
