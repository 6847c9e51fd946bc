/** What the marks of one sitting are in an open gradebook. */
export interface Gradebook {
  /** Of the line item: letters, figures and hyphens; stays the same when it is written again. */
  readonly id: string
  readonly title: string
  readonly classId: string
  readonly schoolId: string
  readonly pointsPossible: number
  /** ISO 8601 dates. */
  readonly assigned: string
  readonly due: string
  readonly written: string
  readonly marks: readonly Mark[]
}

export interface Mark {
  /** What the gradebook knows the student by. */
  readonly studentId: string
  readonly score: number
  /** False: answers still wait for a person. */
  readonly isFinal: boolean
  /** ISO 8601; null: unknown. */
  readonly date: string | null
}

/** Every file that a manifest speaks of; those that are not written are absent. */
const FILES = [
  ...['academicSessions', 'categories', 'classes', 'classResources', 'courses', 'courseResources', 'demographics'],
  ...['enrollments', 'lineItemLearningObjectiveIds', 'lineItems', 'lineItemScoreScales', 'orgs', 'resources'],
  ...[
    'resultLearningObjectiveIds',
    'results',
    'resultScoreScales',
    'roles',
    'scoreScales',
    'userProfiles',
    'userResources',
    'users',
  ],
] as const
const CATEGORY = 'zakuska-checks'

/**
 * Marks as tables of OneRoster 1.2 CSV (1EdTech, OneRoster 1.2: CSV Binding, its tables manifest, categories, lineItems and
 * results; the columns from memory): a package of the kind "bulk" for these three, all others absent. People, classes and
 * schools are not in it: the gradebook knows them by the ids that are given.
 *
 * @returns rows by the name of their file, the head first.
 */
// eslint-disable-next-line max-lines-per-function -- the tables one after the other, as the binding lays them out
export function gradebookTables(book: Gradebook): Readonly<Record<string, readonly (readonly (string | number)[])[]>> {
  const written = ['categories', 'lineItems', 'results']
  return {
    'manifest.csv': [
      ['propertyName', 'value'],
      ['manifest.version', '1.0'],
      ['oneroster.version', '1.2'],
      ...FILES.map((file) => [`file.${file}`, written.includes(file) ? 'bulk' : 'absent']),
      ['source.systemName', 'Zakuska'],
      ['source.systemCode', 'zakuska'],
    ],
    'categories.csv': [
      ['sourcedId', 'status', 'dateLastModified', 'title', 'weight'],
      [CATEGORY, '', '', 'Checks', ''],
    ],
    'lineItems.csv': [
      [
        ...[
          'sourcedId',
          'status',
          'dateLastModified',
          'title',
          'description',
          'assignDate',
          'dueDate',
          'classSourcedId',
        ],
        ...['categorySourcedId', 'gradingPeriodSourcedId', 'academicSessionSourcedId', 'schoolSourcedId'],
        ...['resultValueMin', 'resultValueMax'],
      ],
      [
        ...[book.id, '', '', book.title, '', day(earlier(book.assigned, book.due)), day(book.due), book.classId],
        ...[CATEGORY, '', '', book.schoolId, 0, book.pointsPossible],
      ],
    ],
    'results.csv': [
      [
        ...['sourcedId', 'status', 'dateLastModified', 'lineItemSourcedId', 'studentSourcedId', 'score', 'scoreStatus'],
        ...['scoreDate', 'comment'],
      ],
      ...book.marks.map(({ studentId, score, isFinal, date }, at) => [
        ...[`${book.id}-${at + 1}`, '', '', book.id, studentId, score],
        ...[isFinal ? 'fully graded' : 'partially graded', day(date ?? book.written), ''],
      ]),
    ],
  }
}

/** A line item is not due before it is assigned (OneRoster 1.2, section 4.13.4, from memory). */
function earlier(a: string, b: string): string {
  return a < b ? a : b
}

/** `YYYY-MM-DD`. */
function day(iso: string): string {
  return iso.slice(0, 10)
}
