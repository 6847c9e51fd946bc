import { type DynamicModule, Global, Module } from '@nestjs/common'
import { WORK_TERMS, WorkService, type TermsOf } from './work.service.ts'

@Global()
@Module({})
export class WorkModule {
  static with(terms: TermsOf): DynamicModule {
    return {
      module: WorkModule,
      providers: [{ provide: WORK_TERMS, useValue: terms }, WorkService],
      exports: [WorkService],
    }
  }
}
