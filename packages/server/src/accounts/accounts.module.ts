import { Module } from '@nestjs/common'
import { AccountsService } from './accounts.service.ts'
import { SessionController } from './session.controller.ts'

@Module({ controllers: [SessionController], providers: [AccountsService] })
export class AccountsModule {}
