/** When a student sees feedback: after each item, after handing in, or not at all. */
export type FeedbackWhen = 'each' | 'after' | 'never'

/** Where one item of a paper stands. */
export interface PaperPlace {
  /** Index into the sections; null: before the first. */
  readonly section: number | null
  readonly required: boolean
}

/** What a paper says besides its items, in the way that formats carry it. */
export interface PaperPlan {
  /** Plain text. */
  readonly instructions: string
  /** What a student writes above the items; not graded. */
  readonly identity: readonly string[]
  /** Seconds for the whole paper; null: as long as it takes. */
  readonly timeLimit: number | null
  /** How often it may be taken; null: as often as one likes. */
  readonly attempts: number | null
  /** Items change places within their sections. */
  readonly shuffleItems: boolean
  readonly feedbackWhen: FeedbackWhen
  readonly sections: readonly { readonly title: string; readonly instructions: string }[]
  /** One for each item, in order. */
  readonly places: readonly PaperPlace[]
}

/** What a paper may have that a format or destination does not hold. */
export const PAPER_FEATURES = [
  'sections',
  'instructions',
  'identity',
  'time-limit',
  'attempts',
  'shuffle-items',
  'some-required',
  'feedback-each',
  'feedback-never',
] as const
export type PaperFeature = (typeof PAPER_FEATURES)[number]

/** What becomes of each feature that is not held, for a person. */
export type PaperLimits = Readonly<Partial<Record<PaperFeature, string>>>

/** Of a format that lists items and knows nothing of a test. */
export const ITEMS_ONLY: PaperLimits = {
  sections: 'Sections are left out; the items keep their order',
  instructions: 'Instructions are left out',
  identity: 'Fields other than name and class are not asked',
  'time-limit': 'The time limit is to be set on the site',
  attempts: 'How often it may be taken is to be set on the site',
  'shuffle-items': 'Whether items change places is to be set on the site',
  'some-required': 'Which items must be answered is to be set on the site',
  'feedback-each': 'When feedback is shown is to be set on the site',
  'feedback-never': 'When feedback is shown is to be set on the site',
}

export interface PaperLoss {
  readonly feature: PaperFeature
  readonly says: string
}

/** A paper that says nothing but its items. */
export function barePlan(items: number): PaperPlan {
  return {
    instructions: '',
    identity: [],
    timeLimit: null,
    attempts: null,
    shuffleItems: false,
    feedbackWhen: 'after',
    sections: [],
    places: Array.from({ length: items }, () => ({ section: null, required: true })),
  }
}

/** What of a paper would not arrive. */
export function fitPaper(plan: PaperPlan, limits: PaperLimits): PaperLoss[] {
  const own = featuresOfPaper(plan)
  return PAPER_FEATURES.flatMap((feature) => {
    const says = limits[feature]
    return says !== undefined && own.has(feature) ? [{ feature, says }] : []
  })
}

function featuresOfPaper(plan: PaperPlan): ReadonlySet<PaperFeature> {
  const required = plan.places.filter((place) => place.required).length
  const holds: Readonly<Record<PaperFeature, boolean>> = {
    sections: plan.places.some((place) => place.section !== null),
    instructions: [plan, ...plan.sections].some((part) => part.instructions.trim() !== ''),
    // Sites know a student's name and class without asking.
    identity: plan.identity.some((field) => !['name', 'class'].includes(field.trim().toLowerCase())),
    'time-limit': plan.timeLimit !== null,
    attempts: plan.attempts !== null,
    'shuffle-items': plan.shuffleItems,
    // Where all items are alike, the site has one switch for them.
    'some-required': required > 0 && required < plan.places.length,
    'feedback-each': plan.feedbackWhen === 'each',
    'feedback-never': plan.feedbackWhen === 'never',
  }
  return new Set(PAPER_FEATURES.filter((feature) => holds[feature]))
}

/** The sections that hold any of the items, in order, the one before the first with a null section. */
export interface PlannedSection<T> {
  readonly section: { readonly title: string; readonly instructions: string } | null
  readonly parts: readonly { readonly part: T; readonly required: boolean }[]
}

/**
 * Puts what is written of each item under its section.
 *
 * @param parts with the index of the item that each stands for.
 */
export function bySection<T>(
  plan: PaperPlan,
  parts: readonly { readonly at: number; readonly part: T }[],
): PlannedSection<T>[] {
  return [null, ...plan.sections.keys()].flatMap((section) => {
    const own = parts.filter(({ at }) => (plan.places[at]?.section ?? null) === section)
    if (!own.length) return []
    return [
      {
        section: section === null ? null : (plan.sections[section] ?? null),
        parts: own.map(({ at, part }) => ({ part, required: plan.places[at]?.required ?? true })),
      },
    ]
  })
}
