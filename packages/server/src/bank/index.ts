export { BankItem, ItemRevision, type CameFrom } from './bank.entities.ts'
export { BankModule } from './bank.module.ts'
export { BankService } from './bank.service.ts'
