import { Global, Module } from '@nestjs/common'
import { RecordController } from './record.controller.ts'
import { RecordService } from './record.service.ts'

@Global()
@Module({ controllers: [RecordController], providers: [RecordService], exports: [RecordService] })
export class RecordModule {}
