import { Module } from '@nestjs/common'
import { DraftsModule } from '../drafts/drafts.module.ts'
import { PapersModule } from '../papers/index.ts'
import { ArchiveController } from './archive.controller.ts'
import { ArchiveService } from './archive.service.ts'

@Module({ imports: [DraftsModule, PapersModule], controllers: [ArchiveController], providers: [ArchiveService] })
export class ArchiveModule {}
