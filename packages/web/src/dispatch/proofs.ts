import type { ItemProof } from '@zakuska/core'
import type { Delivery } from './queries'

/** The key proof as core made it; null before it ran. */
export function proofsOf(delivery: Delivery): readonly ItemProof[] | null {
  return delivery.proof
}
