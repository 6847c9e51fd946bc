import type { ServiceId } from '@zakuska/core'
import { breakwater } from './breakwater/index.ts'
import type { Adapter } from './contract.ts'
import { foghorn } from './foghorn/index.ts'
import { inlet } from './inlet/index.ts'

/** Every destination that items are sent to. */
export const ADAPTERS: Readonly<Record<ServiceId, Adapter>> = { inlet, breakwater, foghorn }

export { DestinationError } from './call.ts'
