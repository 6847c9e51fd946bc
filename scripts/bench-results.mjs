const PEOPLE = 10_000
const ITEMS = 40
const RUNS = 5

/** Responses of many to a paper of every graded kind, made by a fixed rule: right, wrong and open ones. */
function responsesOf(items, probes) {
  let state = 1866
  const next = () => (state = (state * 1_103_515_245 + 12_345) % 2 ** 31) / 2 ** 31
  return Array.from({ length: PEOPLE }, (_none, at) => ({
    student: `Student ${at}`,
    responses: items.map((_item, place) => {
      const own = probes[place]
      return next() < 0.6 ? own[0].response : own[Math.floor(next() * own.length)].response
    }),
  }))
}

/** Grading and the whole analysis of many attempts, against parsing the CSV that they are written in. */
export async function results(items, line) {
  const { analyse, isGraded, probesOf, resultsSheet, scoreAttempts, scorePaper } =
    await import('../packages/core/dist/index.js')
  const { parse } = await import('csv-parse/sync')
  const { stringify } = await import('csv-stringify/sync')
  const graded = items.filter(({ kind }) => isGraded(kind)).slice(0, ITEMS)
  const attempts = responsesOf(graded, graded.map(probesOf))
  const rows = attempts.map((attempt) => ({ ...attempt, fields: {}, submittedAt: null }))
  const csv = stringify(resultsSheet(graded, rows, scorePaper(graded, attempts), ['student', 'answers']))
  const best = (work) => {
    let least = Number.POSITIVE_INFINITY
    for (let run = 0; run < RUNS; run++) {
      const start = performance.now()
      work()
      least = Math.min(least, performance.now() - start)
    }
    return least
  }
  const parsing = best(() => parse(csv))
  const grading = best(() => scoreAttempts(graded, attempts))
  const analysing = best(() => analyse(graded, attempts))
  const beside = `parsing their CSV (${(csv.length / 1024 / 1024).toFixed(1)} MiB) ${parsing.toFixed(0)} ms`
  line(`grading ${PEOPLE} × ${ITEMS} responses`, `${grading.toFixed(0)} ms; ${beside}`, grading / parsing, 1)
  line(`the whole item analysis of them`, `${analysing.toFixed(0)} ms; ${beside}`, analysing / parsing, 1)
}
