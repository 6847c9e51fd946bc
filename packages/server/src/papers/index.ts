export { Paper, type PaperEntry } from './paper.entity.ts'
export { PapersModule } from './papers.module.ts'
export { PapersService, type PaperItem } from './papers.service.ts'
