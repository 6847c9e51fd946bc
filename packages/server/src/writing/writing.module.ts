import { Module } from '@nestjs/common'
import { DraftsModule } from '../drafts/drafts.module.ts'
import { RepliesService } from './replies.service.ts'
import { ReplyRunner } from './reply-runner.ts'
import { RequestsService } from './requests.service.ts'
import { WritingController } from './writing.controller.ts'
import { WritingServiceService } from './writing-service.service.ts'

@Module({
  imports: [DraftsModule],
  controllers: [WritingController],
  providers: [WritingServiceService, RepliesService, ReplyRunner, RequestsService],
})
export class WritingModule {}
