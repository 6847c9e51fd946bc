import { planOf } from '@zakuska/core'
import type { Paper, PaperItem } from '../../papers/index.ts'
import type { SendDto } from './deliveries.dto.ts'
import { Delivery } from './delivery.entity.ts'

export function planFor(paper: Paper, items: readonly PaperItem[], forAll: SendDto['forAll']) {
  const whole = planOf(
    paper,
    items.map(({ entry }) => entry),
  )
  return {
    ...whole,
    shuffleItems: forAll?.shuffleItems ?? whole.shuffleItems,
    feedbackWhen: forAll?.feedbackWhen ?? whole.feedbackWhen,
  }
}

/** What is sent again goes to where it is. */
export function placeFor(asked: SendDto, before: Delivery | null) {
  return before
    ? { into: before.into, addTo: null, addAt: null, remote: before.remote }
    : { into: asked.into, addTo: asked.addTo ?? null, addAt: asked.addAt ?? null, remote: null }
}
