import { Module } from '@nestjs/common'
import { DispatchModule } from '../dispatch/index.ts'
import { ResultsController } from './results.controller.ts'
import { ResultsService } from './results.service.ts'

@Module({ imports: [DispatchModule], controllers: [ResultsController], providers: [ResultsService] })
export class ResultsModule {}
