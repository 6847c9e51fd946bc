import { Module } from '@nestjs/common'
import { BankModule } from '../bank/index.ts'
import { JobsModule } from '../jobs/jobs.module.ts'
import { PapersModule } from '../papers/index.ts'
import { ConnectionsController } from './connections/connections.controller.ts'
import { ConnectionsService } from './connections/connections.service.ts'
import { DeliveriesController } from './deliveries/deliveries.controller.ts'
import { DeliveriesService } from './deliveries/deliveries.service.ts'
import { OpeningRunner } from './deliveries/openings.ts'
import { DeliveryRunner } from './deliveries/runner.ts'
import { PaperFilesController } from './files/files.controller.ts'
import { FilesService } from './files/files.service.ts'

@Module({
  imports: [BankModule, PapersModule, JobsModule],
  controllers: [ConnectionsController, DeliveriesController, PaperFilesController],
  providers: [ConnectionsService, DeliveriesService, DeliveryRunner, OpeningRunner, FilesService],
  exports: [DeliveriesService],
})
export class DispatchModule {}
