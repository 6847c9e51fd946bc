import { Module } from '@nestjs/common'
import { AssetsController } from './assets.controller.ts'

@Module({ controllers: [AssetsController] })
export class AssetsModule {}
