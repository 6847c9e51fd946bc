import { Global, Module } from '@nestjs/common'
import { WorkService } from './work.service.ts'

@Global()
@Module({ providers: [WorkService], exports: [WorkService] })
export class WorkModule {}
