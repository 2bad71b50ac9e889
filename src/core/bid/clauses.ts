import { rowsOf } from '../firmValues/rows'
import { CLAUSES, DECAYED_WOOD_SCHOOL_BY_ID, type ClauseRow } from '../catalogue'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { gradeOf, WAYS_TO_LOOK, type JobDocument } from '../job'
import { dayWords, formatCents } from '../measure'
import type { Looks } from '../price'
import { decisionOn, scopeLineWords } from '../scope'
import { causeOf } from '../trace'
import { answerWords } from '../walk'
import { dayAfter } from '../measure/days'
import type { BidModel } from './bidModel'
import { sourcePairs } from './sourcePairs'
import { ownerTitle } from './ownerWords'
import type { Stages } from './stages'

/** What it costs to look at what is held, as an offer. Gear without a rate is said, never priced as nothing. */
function lookWords(looks: Looks): string {
  if (looks.kind !== 'priced' || looks.lines.length === 0) return ''
  const lines = looks.lines.map(
    (line) =>
      `${WAYS_TO_LOOK[line.way]} ${formatCents(line.sell_cents)} for ${line.holds.length}${line.opens ? ', with your permission to open' : ''}`,
  )
  const missing = looks.missing.length > 0 ? ' Hire of the lift is not in it and is added at cost.' : ''
  return `We can look at these: ${lines.join('; ')}; all of them ${formatCents(looks.total_cents)}.${missing}`
}

export function listHeading(job: JobDocument): string {
  const list = job.response_list
  const whose = [list?.title, list?.author ? `by ${list.author}` : '', list?.dated ? `of ${list.dated}` : '']
  return ['Answers to the list', ...whose].filter(Boolean).join(' ')
}

/** Source fixes the owner declined: by whose word, why, and what it does to the warranty. */
function declinedWords(stages: Stages, job: JobDocument): string {
  return stages.trace.sources
    .flatMap((source) => {
      const decision = source.letter === null ? null : decisionOn(source, job)
      if (decision?.decision !== 'declined') return []
      const { name, fix, ifOnlyEffect } = causeOf(source.cause)
      return [
        `${name}, ${source.seat_words}: the fix (${fix?.words.toLowerCase() ?? 'none'}) was declined by ${decision.by}${decision.reason ? ` (${decision.reason})` : ''}. ${ifOnlyEffect} Recurrence there is excluded from the warranty.`,
      ]
    })
    .join(' ')
}

/** Soft wood that we mend: there practice differs, and the owner may ask. */
function mendsDecay({ scope }: Stages, job: JobDocument): boolean {
  const mended = new Set(
    scope.items
      .flatMap((item) => item.spots.filter(({ standing }) => standing === 'ours'))
      .flatMap((spot) => spot.finding_ids),
  )
  return job.findings.some((each) => mended.has(each.id) && (gradeOf(each) ?? 0) >= 2)
}

/** What must be there before work is begun, each once, with the work it is asked for; what is asked for the same work together. */
function neededWords({ scope }: Stages): string {
  const asked = new Map<string, Set<string>>()
  for (const item of scope.items.filter(({ standing }) => standing === 'ours')) {
    for (const need of item.needs)
      asked.set(need, (asked.get(need) ?? new Set<string>()).add(ownerTitle(item).toLowerCase()))
  }
  const together = new Map<string, string[]>()
  for (const [need, names] of asked) {
    const key = [...names].join('; ')
    together.set(key, [...(together.get(key) ?? []), need])
  }
  return [...together].map(([names, needs]) => `For ${names}: ${needs.join(' ')}`).join(' ')
}

/** A first day that is set may slip by a week of the weather or of the job before. Our judgement. */
const START_WITHIN_DAYS = 7

/** When we begin and how long we are there, where a first day is set; until then the firm's own words say it. */
function plannedWords(stages: Stages, job: JobDocument): string {
  if (!job.plan?.start) return ''
  const { first, last, work_days, troubles } = stages.plan
  // Days of what was accepted before say nothing of a bid that asks for more.
  if (last === null || troubles.some(({ kind }) => kind === 'not-accepted')) return ''
  const days = work_days === 1 ? 'one working day' : `about ${work_days} working days`
  return `As planned today we begin between ${dayWords(first)} and ${dayWords(dayAfter(first, START_WITHIN_DAYS))} and are there on ${days}. Rain, and what is found behind the boards, move it; we tell you when they do.`
}

/** Who pays and who may say yes, where that is somebody else than the one it is made out to. */
function otherPeople(job: JobDocument, toName: string): string[] {
  const named = (role: 'pays' | 'may-approve'): string =>
    job.people
      .filter((person) => person.roles.includes(role) && person.name && person.name !== toName)
      .map(({ name }) => name)
      .join(', ')
  const [pays, approves] = [named('pays'), named('may-approve')]
  return [pays ? `Paid by ${pays}.` : '', approves ? `May be accepted by ${approves} as well.` : '']
}

type Told = { readonly heading?: string; readonly text: string }
type Of = { readonly job: JobDocument; readonly stages: Stages; readonly preparedOn: string }

/** What a bid tells from the job; nothing to tell, nothing printed. A row of the catalogue names one of these. */
export const TELLERS: Readonly<Record<string, (of: Of) => Told>> = {
  'who-where-when': ({ job }) => {
    const front = job.job
    const owner = job.people.find((person) => person.roles.includes('owns') || person.roles.includes('pays'))
    const lines = [
      `Bid of ${job.settings.firm_name} for ${owner?.name || 'the owner'}${front.address ? `, ${front.address}` : ''}.`,
      front.walked_on ? `Looked at on ${dayWords(front.walked_on)}.` : 'Day of the walk not noted.',
      front.weather ? `Weather: ${front.weather}.` : '',
      front.present ? `Present: ${front.present}.` : '',
      ...otherPeople(job, owner?.name ?? ''),
      front.asked ? `Asked for: ${front.asked}` : '',
    ]
    return { text: lines.filter(Boolean).join(' ') }
  },
  'scope-line': ({ job }) => ({ text: scopeLineWords(job) }),
  'must-stay': ({ job }) => ({ text: job.job.must_stay }),
  'how-looked': ({ stages }) => ({
    text: [stages.coverage.paragraph, lookWords(stages.looks)].filter(Boolean).join(' '),
  }),
  sources: ({ job, stages }) => ({
    text: sourcePairs(stages, job)
      .map((pair) => `${pair.source}: reaches finding ${pair.findings}. ${pair.standing}`)
      .join(' '),
  }),
  declined: ({ job, stages }) => ({ text: declinedWords(stages, job) }),
  'price-basis': ({ job, stages, preparedOn }) => ({
    text:
      stages.price.kind === 'priced'
        ? [
            stages.price.basis,
            rowsOf(job.settings).currency_says,
            `Good until ${dayWords(dayAfter(preparedOn, job.settings.clauses.validity_days))}.`,
          ]
            .filter(Boolean)
            .join(' ')
        : '',
  }),
  'decayed-wood': ({ job, stages }) => ({
    text: mendsDecay(stages, job)
      ? (DECAYED_WOOD_SCHOOL_BY_ID.get(job.settings.decayed_wood_school)?.says ?? '')
      : '',
  }),
  // Where there is no price there is nothing agreed that could be changed.
  'change-orders': ({ stages }) => ({ text: stages.price.kind === 'priced' ? OWNER_SAYS.changes : '' }),
  'planned-days': ({ job, stages }) => ({ text: plannedWords(stages, job) }),
  'before-work': ({ stages }) => ({ text: neededWords(stages) }),
  list: ({ job }) => ({ heading: listHeading(job), text: job.response_items.map(answerWords).join(' · ') }),
}

/** The words of a clause in this bid, or nothing. @throws Error for a row that names a teller nobody wrote. */
function toldBy(row: ClauseRow, of: Of): Told {
  const { words } = row
  switch (words.kind) {
    case 'fixed':
      return { text: words.text }
    case 'setting': {
      const said = (of.job.settings.clauses as Readonly<Record<string, unknown>>)[words.setting]
      return { text: typeof said === 'string' ? said : '' }
    }
    case 'told': {
      const teller = TELLERS[words.teller]
      if (!teller) throw new Error(`clause ${row.id} is told by ${words.teller}, which is not written`)
      return teller(of)
    }
  }
}

/** Clauses of a bid whose trigger is there, in the order of the catalogue. */
export function clausesOf(job: JobDocument, stages: Stages, preparedOn: string): BidModel['clauses'] {
  const of = { job, stages, preparedOn }
  return CLAUSES.flatMap((row) => {
    const raised = row.onlyWith === null || stages.cautions.all.some(({ kind }) => kind === row.onlyWith)
    const { heading, text } = raised ? toldBy(row, of) : { text: '' }
    return text ? [{ number: row.number, heading: heading ?? row.heading, text }] : []
  })
}
