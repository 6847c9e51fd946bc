import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import {
  gradebookTables,
  isGraded,
  keyInWords,
  plainText,
  pointsPossible,
  qtiResult,
  responseText,
  resultsSheet,
  scorePaper,
  SHEET_COLUMNS,
  type SheetColumn,
} from '@zakuska/core'
import { packZip, type FeedbackRow, type FeedbackSheet } from '@zakuska/documents'
import { WorkService } from '../work/work.service.ts'
import { countingOf, type CountedAttempt } from './counting.ts'
import type { FeedbackQuery, GradebookQuery, SheetQuery } from './dto/sittings.dto.ts'
import type { Sitting } from './sitting.entity.ts'
import { SittingsService } from './sittings.service.ts'

export interface Sheet {
  readonly fileName: string
  /** Media type. */
  readonly type: string
  readonly bytes: Uint8Array
}

const ZIP = 'application/zip'
const TYPES = {
  csv: 'text/csv; charset=utf-8',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
} as const

/** What of a sitting goes elsewhere: to a spreadsheet, a gradebook, another system, the people. */
@Injectable()
export class SheetsService {
  constructor(
    private readonly sittings: SittingsService,
    private readonly work: WorkService,
  ) {}

  async sheet(workspaceId: string, id: string, { columns, as }: SheetQuery): Promise<Sheet> {
    const chosen = columns.split(',').filter((one): one is SheetColumn => SHEET_COLUMNS.some((name) => name === one))
    if (!chosen.length) throw new UnprocessableEntityException('Choose at least one column.')
    const { sitting, counted } = await this.#counted(workspaceId, id)
    const bodies = sitting.items.map(({ body }) => body)
    const attempts = counted.map((one) => ({
      ...{ student: one.student, responses: one.responses, given: one.given ?? {}, fields: one.attempt.fields },
      submittedAt: one.attempt.submittedAt?.toISOString() ?? null,
    }))
    const figures = scorePaper(bodies, attempts, sitting.settings)
    const rows = resultsSheet(bodies, attempts, figures, chosen, sitting.settings)
    const bytes = await this.work.run('writeTable', { rows, as, name: sitting.title })
    return { fileName: `${nameOf(sitting)}-results.${as}`, type: TYPES[as], bytes }
  }

  async gradebook(workspaceId: string, id: string, { field, classId, schoolId }: GradebookQuery): Promise<Sheet> {
    const { sitting, counted } = await this.#counted(workspaceId, id)
    const figures = this.#figures(sitting, counted)
    const idOf = ({ attempt, student }: CountedAttempt): string => (field ? (attempt.fields[field] ?? '') : student)
    const nameless = counted.filter((one) => !idOf(one).trim())
    if (nameless.length)
      throw new UnprocessableEntityException(
        `${nameless.length} of ${counted.length} have nothing in “${field}”. Choose a field that everybody filled in.`,
      )
    const times = counted.flatMap(({ attempt }) => attempt.submittedAt?.toISOString() ?? []).sort()
    const tables = gradebookTables({
      ...{ id: `zakuska-${sitting.id}`, title: sitting.title, classId, schoolId },
      pointsPossible: figures.pointsPossible,
      assigned: sitting.createdAt.toISOString(),
      due: times.at(-1) ?? sitting.createdAt.toISOString(),
      written: new Date().toISOString(),
      marks: counted.map((one, at) => ({
        studentId: idOf(one).trim(),
        score: round(figures.attempts[at]?.total ?? 0),
        isFinal: figures.attempts[at]?.waiting === 0,
        date: one.attempt.submittedAt?.toISOString() ?? null,
      })),
    })
    const files: { path: string; bytes: Uint8Array }[] = []
    for (const [path, rows] of Object.entries(tables))
      files.push({ path, bytes: await this.work.run('writeTable', { rows, as: 'csv', name: path }) })
    return { fileName: `${nameOf(sitting)}-gradebook.zip`, type: ZIP, bytes: packZip(files) }
  }

  async reports(workspaceId: string, id: string): Promise<Sheet> {
    const { sitting, counted } = await this.#counted(workspaceId, id)
    const figures = this.#figures(sitting, counted)
    const encoder = new TextEncoder()
    const files = counted.map((one, at) => ({
      path: `result-${String(at + 1).padStart(4, '0')}.xml`,
      bytes: encoder.encode(
        qtiResult({
          ...{ personId: one.student, testId: `sitting-${sitting.id}` },
          at: (one.attempt.submittedAt ?? sitting.createdAt).toISOString(),
          total: figures.attempts[at]?.total ?? 0,
          possible: figures.pointsPossible,
          items: sitting.items.map(({ itemId, body }, place) => ({
            ...{ id: `item-${itemId}`, item: body, response: one.responses[place] ?? null },
            points: figures.attempts[at]?.points[place] ?? null,
          })),
        }),
      ),
    }))
    return { fileName: `${nameOf(sitting)}-qti-results.zip`, type: ZIP, bytes: packZip(files) }
  }

  async feedback(workspaceId: string, id: string, { files, keys, size }: FeedbackQuery): Promise<Sheet> {
    const { sitting, counted } = await this.#counted(workspaceId, id)
    if (!counted.length) throw new UnprocessableEntityException('Nobody has handed in yet.')
    const figures = this.#figures(sitting, counted)
    const each = files === 'each'
    const sheets = counted.map((one, at): FeedbackSheet => ({
      ...{ student: one.student, title: sitting.title },
      about: one.attempt.submittedAt?.toISOString().slice(0, 10) ?? '',
      total: figures.attempts[at]?.total ?? 0,
      possible: figures.pointsPossible,
      rows: feedbackRows(sitting, one, figures.attempts[at]?.points ?? [], keys === 'true'),
    }))
    const bytes = await this.work.run('feedback', { sheets, size, each })
    return {
      fileName: `${nameOf(sitting)}-feedback.${each ? 'zip' : 'pdf'}`,
      type: each ? ZIP : 'application/pdf',
      bytes,
    }
  }

  async #counted(workspaceId: string, id: string): Promise<{ sitting: Sitting; counted: CountedAttempt[] }> {
    const sitting = await this.sittings.find(workspaceId, id)
    return { sitting, counted: countingOf(sitting, await this.sittings.attemptsOf(sitting)) }
  }

  #figures(sitting: Sitting, counted: readonly CountedAttempt[]): ReturnType<typeof scorePaper> {
    return scorePaper(
      sitting.items.map(({ body }) => body),
      counted,
      sitting.settings,
    )
  }
}

function feedbackRows(
  sitting: Sitting,
  { responses, attempt }: CountedAttempt,
  points: readonly (number | null)[],
  withKeys: boolean,
): FeedbackRow[] {
  return sitting.items.flatMap(({ body }, place): FeedbackRow[] => {
    if (body.kind === 'note' || pointsPossible([body]) === 0) return []
    const response = responses[place]
    const remark = attempt.remarks[place]
    return [
      {
        number: place + 1,
        stem: plainText(body.stem),
        given: response ? responseText(body, response) : '',
        key: withKeys && isGraded(body.kind) ? keyInWords(body) : null,
        points: points[place] ?? null,
        of: body.points,
        notes: [
          ...(body.feedback ? [plainText(body.feedback)] : []),
          ...(remark ? [remark] : []),
          ...(sitting.settings.leftOut.includes(place) ? ['This question does not count.'] : []),
        ],
      },
    ]
  })
}

function nameOf({ title }: Sitting): string {
  const plain = title
    .normalize('NFD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
  return plain.toLowerCase() || 'sitting'
}

function round(value: number): number {
  return Number(value.toFixed(2))
}
