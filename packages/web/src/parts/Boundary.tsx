import { Component, type ErrorInfo, type ReactNode } from 'react'
import { Button } from './Button'

interface Props {
  readonly children: ReactNode
  /** Another place is another try. */
  readonly place: string
}

interface State {
  readonly failed: boolean
  readonly place: string
}

/**
 * Stands in for a page that cannot be drawn, or whose script could not be fetched, as after the server was renewed. What
 * was typed is kept by the browser or saved, so that loading it again loses nothing.
 */
export class Boundary extends Component<Props, State> {
  override state: State = { failed: false, place: this.props.place }

  static getDerivedStateFromError(): Partial<State> {
    return { failed: true }
  }

  static getDerivedStateFromProps({ place }: Props, state: State): Partial<State> | null {
    return place === state.place ? null : { failed: false, place }
  }

  override componentDidCatch(error: Error, { componentStack }: ErrorInfo): void {
    console.error(error, componentStack)
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children
    return (
      <div role="alert" className="m-auto max-w-md p-8 text-center">
        <h1 className="mb-2 text-lg font-semibold">This page cannot be shown just now</h1>
        <p className="mb-4 text-muted">What you typed is kept. Loading the page again mostly helps.</p>
        <Button tone="lead" autoFocus onClick={() => window.location.reload()}>
          Load it again
        </Button>
      </div>
    )
  }
}
