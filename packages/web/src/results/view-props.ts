import type { Looked, Sitting } from './queries'

export interface ViewProps {
  readonly sitting: Sitting
  readonly looked: Looked
}
