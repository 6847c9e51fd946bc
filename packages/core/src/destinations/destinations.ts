import { COLUMNS_LIMITS } from '../formats/columns/limits.ts'
import { FORMAT_IDS, type FormatId } from '../formats/format.ts'
import { FORMAT_DESCRIPTIONS } from '../formats/descriptions.ts'
import type { FormatLimits } from '../fit/limits.ts'
import { ITEMS_ONLY, type PaperLimits } from '../formats/paper-plan.ts'
import { BREAKWATER_LIMITS, BREAKWATER_PAPER } from './breakwater.ts'
import { FOGHORN_LIMITS, FOGHORN_PAPER } from './foghorn.ts'
import { INLET_LIMITS, INLET_PAPER } from './inlet.ts'

/** Services that items are sent to, in the order in which screens list them. */
export const SERVICE_IDS = ['inlet', 'breakwater', 'foghorn'] as const
export type ServiceId = (typeof SERVICE_IDS)[number]

/** A kind of place that items go to: a file in a format, or a service that takes such files. */
export interface Destination {
  readonly id: FormatId | ServiceId | 'csv' | 'xlsx' | 'form' | 'live-game'
  readonly name: string
  readonly what: string
  /** What is written for it, or null: the report alone is of use, to somebody who types there by hand. */
  readonly file: FormatId | 'csv' | 'xlsx' | 'game-sheet' | null
  readonly limits: FormatLimits
  /** What it does not hold of a paper itself. */
  readonly paper: PaperLimits
}

/** What online forms in general take (common practice; each has limits of its own). */
const FORM_LIMITS: FormatLimits = {
  'no-key': { verdict: 'changes', says: 'Is asked, but not graded' },
  'kind-cloze': { verdict: 'cannot', says: 'Forms have no text with several gaps', remedy: 'split' },
  'kind-match': { verdict: 'changes', says: 'Becomes a grid with a row per part' },
  'kind-order': { verdict: 'cannot', says: 'Forms have no ordering that grades', remedy: 'as-match' },
  'credit-each': { verdict: 'changes', says: 'Only exactly the key earns points', affects: ['key-part', 'key-plus'] },
  weights: { verdict: 'changes', says: 'Shares of the points are not given' },
  'part-credit': { verdict: 'changes', says: 'The rows are not graded each on their own' },
  'band-credit': { verdict: 'changes', says: 'Shares of the points are not given' },
  'number-band': { verdict: 'changes', says: 'A number is compared as text; the band has to be checked by hand' },
  mathematics: { verdict: 'changes', says: 'Formulas are shown as they are typed' },
  'rich-part': { verdict: 'changes', says: 'Options are plain text', remedy: 'plain-text' },
  'option-feedback': { verdict: 'changes', says: 'There is one feedback for right and one for wrong' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
  'time-limit': { verdict: 'changes', says: 'The time limit is left out', remedy: 'drop-time-limit' },
}

/** What live games in general take: quick questions that fit on a screen (common practice; each has limits of its own). */
const LIVE_LIMITS: FormatLimits = {
  'no-key': { verdict: 'cannot', says: 'A game needs a right answer' },
  'kind-cloze': { verdict: 'cannot', says: 'Games have no text with several gaps', remedy: 'split' },
  'kind-match': { verdict: 'cannot', says: 'Games have no matching', remedy: 'split' },
  'kind-grid': { verdict: 'cannot', says: 'Games have no grids', remedy: 'split' },
  'kind-essay': { verdict: 'cannot', says: 'Nobody reads essays during a game' },
  'option-count': { verdict: 'cannot', says: 'A game shows at most six options', over: 6 },
  'option-length': { verdict: 'changes', says: 'Options over 75 characters are cut', over: 75, remedy: 'shorten' },
  'stem-length': { verdict: 'changes', says: 'Questions over 120 characters are hard to read on a screen', over: 120 },
  passage: { verdict: 'changes', says: 'The passage is left out' },
  'rich-text': { verdict: 'changes', says: 'Only the text itself is kept, without its dress', remedy: 'plain-text' },
  feedback: { verdict: 'changes', says: 'The feedback is left out', remedy: 'drop-feedback' },
  hint: { verdict: 'changes', says: 'The hint is left out', remedy: 'drop-hint' },
}

/** What forms in general hold of a paper: sections, texts, fields, and which items are required (common practice). */
const FORM_PAPER: PaperLimits = {
  'time-limit': 'Forms in general have no time limit',
  attempts: 'A form is filled in once, or as often as one likes',
  'feedback-each': 'Feedback is shown after handing in',
}

const LIVE_PAPER: PaperLimits = {
  ...ITEMS_ONLY,
  sections: 'A game has one round; the items keep their order',
  identity: 'Players give a name of their own',
  'time-limit': 'A game has a time for each item, not for the whole',
  attempts: 'A game is played when it is started',
}

const WHAT: Readonly<Record<FormatId, string>> = {
  gift: 'text file',
  aiken: 'text file',
  qti12: 'content package',
  qti21: 'content package',
  qti22: 'content package',
  qti30: 'content package',
  cc13: 'cartridge',
}

export const DESTINATIONS: readonly Destination[] = [
  { id: 'inlet', name: 'Inlet', what: 'online forms', file: null, limits: INLET_LIMITS, paper: INLET_PAPER },
  {
    id: 'breakwater',
    name: 'Breakwater',
    what: 'course site',
    file: 'qti21',
    limits: BREAKWATER_LIMITS,
    paper: BREAKWATER_PAPER,
  },
  {
    id: 'foghorn',
    name: 'Foghorn',
    what: 'live game',
    file: 'game-sheet',
    limits: FOGHORN_LIMITS,
    paper: FOGHORN_PAPER,
  },
  ...FORMAT_IDS.map((id): Destination => {
    const { name, limits, paper } = FORMAT_DESCRIPTIONS[id]
    return { id, name, what: WHAT[id], file: id, limits, paper }
  }),
  { id: 'csv', name: 'CSV', what: 'table of text', file: 'csv', limits: COLUMNS_LIMITS, paper: ITEMS_ONLY },
  { id: 'xlsx', name: 'XLSX', what: 'workbook', file: 'xlsx', limits: COLUMNS_LIMITS, paper: ITEMS_ONLY },
  { id: 'form', name: 'Online forms', what: 'in general', file: null, limits: FORM_LIMITS, paper: FORM_PAPER },
  { id: 'live-game', name: 'Live games', what: 'in general', file: null, limits: LIVE_LIMITS, paper: LIVE_PAPER },
]

export function isService(id: string): id is ServiceId {
  return SERVICE_IDS.some((one) => one === id)
}

/** @throws RangeError where there is no such destination. */
export function destinationOf(id: Destination['id']): Destination {
  const found = DESTINATIONS.find((one) => one.id === id)
  if (!found) throw new RangeError(`There is no destination ${id}.`)
  return found
}

/** The limits of a destination; none are known of other things. */
export function limitsOf(id: string): FormatLimits | undefined {
  return DESTINATIONS.find((one) => one.id === id)?.limits
}
