import type { ProviderId } from '../writing.entities.ts'
import { chat } from './chat.ts'
import type { WritingProvider } from './contract.ts'
import { skerry } from './skerry.ts'

export const WRITING_PROVIDERS: Readonly<Record<ProviderId, WritingProvider>> = { skerry, chat }
export {
  WritingError,
  type WritingAccount,
  type WritingPiece,
  type WritingProvider,
  type WrittenUnits,
} from './contract.ts'
