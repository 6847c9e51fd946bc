import { Module } from '@nestjs/common'
import { JobsService } from './jobs.service.ts'

@Module({ providers: [JobsService], exports: [JobsService] })
export class JobsModule {}
