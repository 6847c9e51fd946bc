import {
  arrange,
  forStudent,
  fromStudent,
  fitsItem,
  isAnswered,
  withOptionOrder,
  type Response,
  type StudentItem,
} from '@zakuska/core'
import type { Attempt, SavedAnswer, Sitting } from '../sitting.entity.ts'

/** An item where one person sees it. */
export interface Shown {
  /** Its place in the sitting. */
  readonly place: number
  readonly student: StudentItem
  readonly section: number | null
  readonly required: boolean
}

/** Seeds of items that stand side by side must not be alike. */
const STEP = 7919

/** The items in the order, and with the options in the order, that this person sees: always the same for an attempt. */
export function shownTo(sitting: Sitting, seed: number): Shown[] {
  const { taking, items } = sitting
  const sections = items.map((_item, place) => taking?.places[place]?.section ?? null)
  const order = arrange(
    items.map(({ body }) => body),
    sections.map((section) => (section === null ? null : String(section))),
    { seed, shuffleItems: taking?.shuffleItems ?? false, shuffleOptions: taking?.shuffleOptions ?? true },
  )
  return order.flatMap(({ at, optionOrder }): Shown[] => {
    const body = items[at]?.body
    if (!body) return []
    return [
      {
        place: at,
        student: forStudent(withOptionOrder(body, optionOrder), (seed + (at + 1) * STEP) | 0),
        section: sections[at] ?? null,
        required: taking?.places[at]?.required ?? true,
      },
    ]
  })
}

/** The answers as responses to the items, in the order of the sitting; what fits no item is passed over. */
export function responsesOf(
  sitting: Sitting,
  { seed, answers }: { readonly seed: number; readonly answers: Readonly<Record<string, SavedAnswer>> },
): (Response | null)[] {
  const responses: (Response | null)[] = sitting.items.map(() => null)
  shownTo(sitting, seed).forEach(({ place, student }, at) => {
    const given = answers[at]?.response
    const body = sitting.items[place]?.body
    if (!given || !body) return
    const response = fromStudent(student, given)
    if (fitsItem(body, response) && isAnswered(response)) responses[place] = response
  })
  return responses
}

/** Hands an attempt in as it was saved. */
export function handIn(sitting: Sitting, attempt: Attempt, at: Date): void {
  Object.assign(attempt, { responses: responsesOf(sitting, attempt), isHandedIn: true, submittedAt: at })
}
