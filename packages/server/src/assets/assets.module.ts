import { Module } from '@nestjs/common'
import { AssetsController, PicturesController } from './assets.controller.ts'

@Module({ controllers: [AssetsController, PicturesController] })
export class AssetsModule {}
