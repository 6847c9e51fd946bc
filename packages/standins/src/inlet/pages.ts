import { escape, htmlPage, lines } from '../shared/html.ts'
import type { OnlineForm, Question, Submission } from './model.ts'

const STYLE = `body{font:17px/1.5 "DejaVu Sans",Verdana,sans-serif;max-width:38rem;margin:0 auto;padding:1.5rem 1rem 4rem;color:#1b2733;background:#fff}
h1{font-size:1.45rem;margin:.2em 0}h2{font-size:1.15rem;border-top:2px solid #1b2733;padding-top:.8rem;margin-top:2.2rem}
fieldset{border:0;padding:0;margin:1.6rem 0}legend{padding:0;font-weight:600}legend p{margin:.2em 0}.about{color:#4a5a68;margin:.1rem 0 .4rem}
label{display:block;padding:.3rem 0}input[type=text],textarea,select{font:inherit;width:100%;box-sizing:border-box;padding:.4rem;border:1px solid #6b7a88;border-radius:0}
input[type=radio],input[type=checkbox]{width:1.15rem;height:1.15rem;vertical-align:-.15rem;margin-right:.5rem}
table{border-collapse:collapse;width:100%}th,td{padding:.35rem .3rem;border-bottom:1px solid #c9d1d8;text-align:center}th[scope=row]{text-align:left;font-weight:400}
.wide{overflow-x:auto}img{max-width:100%}button{font:inherit;padding:.5rem 1.3rem;background:#1b2733;color:#fff;border:2px solid #1b2733}button.quiet{background:#fff;color:#1b2733}
.must{color:#8a1f11}.foot{color:#4a5a68;font-size:.85rem;margin-top:3rem}`

export function inletPage(title: string, body: string): string {
  return htmlPage(title, STYLE, `${body}<p class="foot">Inlet, forms for a small school</p>`)
}

/** The page of a form; works without scripts, by keyboard and on a phone. `missing`: what was left open and must not be. */
export function formPage(
  form: OnlineForm,
  given: Readonly<Record<string, readonly string[]>>,
  missing: readonly string[],
  objection: string | null = null,
): string {
  const fields = form.settings.fields.map(
    (field, at) =>
      `<fieldset><label><b>${escape(field)}</b> <input type="text" name="field${at}" required maxlength="120" value="${escape(given[`field${at}`]?.[0] ?? '')}"></label></fieldset>`,
  )
  const said = missing.length
    ? `<p class="must" role="alert">Not handed in yet: ${missing.length === 1 ? 'one question needs' : `${missing.length} questions need`} an answer. They are marked.</p>`
    : objection !== null
      ? `<p class="must" role="alert">Not handed in: ${escape(objection)}</p>`
      : ''
  const questions = form.questions.map((question) => questionHtml(question, given[question.id] ?? [], missing))
  return inletPage(
    form.title,
    `<h1>${escape(form.title)}</h1>${lines(form.description)}${said}<form method="post" novalidate>${fields.join('')}${questions.join('')}<button>Hand in</button></form>`,
  )
}

export function closedPage(form: OnlineForm, why: string): string {
  return inletPage(form.title, `<h1>${escape(form.title)}</h1><p>${escape(why)}</p>`)
}

export function thanksPage(form: OnlineForm, submission: Submission): string {
  const graded = form.questions.filter((question) => question.right)
  const earned = graded.reduce((sum, { id }) => sum + (submission.points[id] ?? 0), 0)
  const possible = graded.reduce((sum, { points }) => sum + points, 0)
  const isShown = form.settings.isQuiz && form.settings.feedback === 'after'
  const rows = graded.map((question) => {
    const isRight = (submission.points[question.id] ?? 0) > 0
    const says = isRight ? question.feedback.right : question.feedback.wrong
    return `<tr><th scope="row">${lines(question.title)}${says ? `<div class="about">${lines(says)}</div>` : ''}</th><td>${submission.points[question.id] ?? 0} of ${question.points}</td></tr>`
  })
  return inletPage(
    form.title,
    `<h1>${escape(form.title)}</h1><p>Your answers were handed in.</p>${isShown ? `<p>You have <b>${earned} of ${possible}</b> points.</p><table><tbody>${rows.join('')}</tbody></table>` : ''}`,
  )
}

function questionHtml(question: Question, given: readonly string[], missing: readonly string[]): string {
  if (question.type === 'part')
    return `<h2>${escape(question.title)}</h2>${question.description ? `<div class="about">${lines(question.description)}</div>` : ''}`
  const picture = question.picture
    ? `<p><img alt="${escape(question.picture.description)}" src="data:${question.picture.type};base64,${escape(question.picture.data)}"></p>`
    : ''
  const about = question.description ? `<div class="about">${lines(question.description)}</div>` : ''
  if (question.type === 'text') return `<section>${picture}${lines(question.title)}${about}</section>`
  const isMissing = missing.includes(question.id)
  const points = question.right
    ? ` <span class="about">${question.points} ${question.points === 1 ? 'point' : 'points'}</span>`
    : ''
  const must = question.required
    ? ` <span class="must">${isMissing ? 'needs an answer' : 'must be answered'}</span>`
    : ''
  return `<fieldset${isMissing ? ' aria-invalid="true"' : ''}><legend>${lines(question.title)}${points}${must}</legend>${about}${picture}${answerHtml(question, given)}</fieldset>`
}

function answerHtml(question: Question, given: readonly string[]): string {
  const name = escape(question.id)
  const [only = ''] = given
  switch (question.type) {
    case 'line':
      return `<input type="text" name="${name}" aria-label="Your answer" autocomplete="off" maxlength="500" value="${escape(only)}">`
    case 'lines':
      return `<textarea name="${name}" aria-label="Your answer" rows="5" maxlength="10000">${escape(only)}</textarea>`
    case 'choice':
    case 'boxes':
      return question.options
        .map(
          (option) =>
            `<label><input type="${question.type === 'choice' ? 'radio' : 'checkbox'}" name="${name}" value="${escape(option)}"${given.includes(option) ? ' checked' : ''}>${escape(option)}</label>`,
        )
        .join('')
    case 'list':
      return `<select name="${name}" aria-label="Your answer"><option value="">choose</option>${question.options.map((option) => `<option${option === only ? ' selected' : ''}>${escape(option)}</option>`).join('')}</select>`
    case 'scale':
      return scaleHtml(question, only)
    case 'grid':
      return gridHtml(question, given)
    case 'part':
    case 'text':
      return ''
  }
}

function scaleHtml(question: Question, given: string): string {
  const steps = Array.from({ length: question.high - question.low + 1 }, (_none, at) => String(question.low + at))
  const cell = (step: string): string =>
    `<td><label>${step}<br><input type="radio" name="${escape(question.id)}" value="${step}"${given === step ? ' checked' : ''}></label></td>`
  return `<div class="wide"><table><tbody><tr><th scope="row">${escape(question.lowLabel)}</th>${steps.map(cell).join('')}<th scope="row">${escape(question.highLabel)}</th></tr></tbody></table></div>`
}

function gridHtml(question: Question, given: readonly string[]): string {
  const head = question.columns.map((column) => `<th scope="col">${escape(column)}</th>`).join('')
  const rows = question.rows.map(
    (row, at) =>
      `<tr><th scope="row">${escape(row)}</th>${question.columns
        .map(
          (column) =>
            `<td><input type="radio" name="${escape(question.id)}.${at}" value="${escape(column)}" aria-label="${escape(`${row}: ${column}`)}"${given[at] === column ? ' checked' : ''}></td>`,
        )
        .join('')}</tr>`,
  )
  return `<div class="wide"><table><thead><tr><td></td>${head}</tr></thead><tbody>${rows.join('')}</tbody></table></div>`
}
