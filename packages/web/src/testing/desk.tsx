import { readDraft } from '@zakuska/core'
import { act, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { Notices } from '../parts/notices'
import { useDesk, type Desk } from '../drafts/use-desk'
import type { SavedDraft } from '../drafts/queries'
import type { ReadRequest } from '../drafts/reader.worker'

/** A draft as the server has it. */
export function savedDraft(text: string, more: Partial<SavedDraft> = {}): SavedDraft {
  return {
    ...{ id: 'd1', title: 'Knots', text, styles: [], keyText: null, taught: [], notation: null, followed: [] },
    ...{ version: 1, itemCount: 0, signedCount: 0, troubleCount: 0, source: null, evidence: null },
    ...{ createdAt: '2026-11-29T10:00:00Z', updatedAt: '2026-11-29T10:00:00Z', updatedBy: null },
    ...more,
  }
}

/** The reader's worker, which answers when it is told to, in the order that it is told. */
export class WaitingReader {
  static asked: ReadRequest[] = []
  static #listeners: ((event: { data: unknown }) => void)[] = []
  static #answers = 0

  static start(): void {
    WaitingReader.asked = []
    WaitingReader.#listeners = []
    WaitingReader.#answers = 0
    Object.assign(globalThis, { Worker: WaitingReader })
  }

  /** Answers what was asked at that place, the newest where none is named. */
  static answer(at = -1): void {
    const request = WaitingReader.asked.at(at)
    if (!request) throw new Error('Nothing was asked.')
    const data = {
      version: request.version,
      answer: ++WaitingReader.#answers,
      since: 0,
      reading: readDraft(request.source),
    }
    act(() => WaitingReader.#listeners.forEach((listen) => listen({ data })))
  }

  addEventListener(_type: string, listen: (event: { data: unknown }) => void): void {
    WaitingReader.#listeners.push(listen)
  }

  postMessage(asked: ReadRequest): void {
    if ('version' in asked) WaitingReader.asked.push(asked)
  }

  terminate(): void {
    WaitingReader.#listeners = []
  }
}

export interface OpenDesk {
  readonly desk: () => Desk
  readonly element: HTMLElement
  readonly went: (number | null)[]
  readonly leave: () => void
}

/** The desk of a draft, with its editor in the page; `answer()` is what it waits for. */
export function openDesk(
  draft: SavedDraft,
  may: { readonly write?: boolean; readonly signOff?: boolean } = {},
): OpenDesk {
  const element = document.body.appendChild(document.createElement('div'))
  const went: (number | null)[] = []
  const hooks = {
    personName: 'Iris Holm',
    scrolled: () => undefined,
    toItems: () => undefined,
    wentOn: (next: number | null) => void went.push(next),
    mayWrite: may.write ?? true,
    maySignOff: may.signOff ?? true,
  }
  const wrapper = ({ children }: { readonly children: ReactNode }) => <Notices>{children}</Notices>
  const { result, unmount } = renderHook(() => useDesk(draft, hooks), { wrapper })
  act(() => result.current.attach(element))
  const leave = (): void => {
    act(() => result.current.attach(null))
    unmount()
    element.remove()
  }
  return { desk: () => result.current, element, went, leave }
}

/** Types a text in the place of another, as a person would. */
export function replaceText({ desk }: OpenDesk, from: number, to: number, insert: string): void {
  act(() => desk().view()?.dispatch({ changes: { from, to, insert } }))
}
