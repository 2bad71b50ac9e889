/** Where a job stands between the first photo and the last invoice. */
export const JOB_STATES = [
  'new',
  'walked',
  'priced',
  'sent',
  'seen',
  'question',
  'accepted',
  'scheduled',
  'closed',
  'declined',
  'expired',
] as const
export type JobState = (typeof JOB_STATES)[number]

export const STATE_WORDS: Readonly<Record<JobState, string>> = {
  new: 'new',
  walked: 'walked',
  priced: 'priced',
  sent: 'sent',
  seen: 'seen',
  question: 'asked us',
  accepted: 'said yes',
  scheduled: 'scheduled',
  closed: 'closed',
  declined: 'said no',
  expired: 'run out',
}

/** What the office says of a job that its bids do not. Days are `YYYY-MM-DD`. */
export type Standing = { readonly state: 'scheduled' | 'closed' | 'declined'; readonly on: string }

/** What is known of a job for the list. Moments are ISO. */
export type JobFacts = {
  readonly findings: number
  /** Pieces of work chosen. */
  readonly chosen: number
  /** Of the job as it was last reckoned; null: not yet. */
  readonly reckoned: { readonly open: number; readonly lacks: number; readonly keepOff: boolean } | null
  readonly bid: {
    readonly sent_at: string
    readonly seen_at: string | null
    /** Last day it stands. */
    readonly until: string | null
  } | null
  readonly accepted_at: string | null
  /** When its owner asked what nobody has answered yet; null: nothing is open. */
  readonly asked_at: string | null
  readonly standing: Standing | null
  /** What was promised to be looked at again after the work, the first that is due; null: nothing. */
  readonly look: { readonly what: string; readonly due: string } | null
  /** The invoice that is not paid in full and falls due first; null: none is, or whoever asks sees no money. */
  readonly unpaid: { readonly number: number; readonly due: string } | null
}

/** What to do about it: the verb first, why, and the day it falls due; null: whenever there is time. */
export type NextStep = { readonly verb: string; readonly why: string; readonly due: string | null }
export type Group = 'next' | 'waiting' | 'done'
export type JobDay = { readonly state: JobState; readonly step: NextStep | null; readonly group: Group }

/**
 * Days after which one asks again, in calendar days: opened but unanswered, sent but never opened, and so long before a bid runs out.
 * Our judgement; common practice is one to two weeks.
 */
export const ASK_AGAIN = { unopened: 3, unanswered: 7, beforeEnd: 5 } as const

const DAY_MS = 86_400_000

/** A day some days on. */
export function daysOn(day: string, days: number): string {
  return new Date(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)
}

/** Whole days from one day to another; below zero: it lies before. */
export function daysBetween(from: string, to: string): number {
  return Math.round(
    (Date.parse(`${to.slice(0, 10)}T00:00:00Z`) - Date.parse(`${from.slice(0, 10)}T00:00:00Z`)) / DAY_MS,
  )
}

function stateOf(facts: JobFacts, today: string): JobState {
  if (facts.standing?.state !== 'closed' && facts.asked_at !== null) return 'question'
  if (facts.standing) return facts.standing.state
  if (facts.accepted_at !== null) return 'accepted'
  if (facts.bid) {
    if (facts.bid.until !== null && facts.bid.until < today) return 'expired'
    return facts.bid.seen_at === null ? 'sent' : 'seen'
  }
  if (facts.chosen > 0) return 'priced'
  return facts.findings > 0 ? 'walked' : 'new'
}

/** A look after the work comes up so many days before it is due: a year of waiting is no waiting. */
const LOOK_AHEAD_DAYS = 14

/** Money that is late presses while the work goes on; once it is done, what is open waits for its day. */
function moneyStep(state: JobState, { unpaid }: JobFacts, today: string): NextStep | null {
  const isTheirs = state === 'accepted' || state === 'scheduled' || state === 'closed'
  if (unpaid === null || !isTheirs || (state !== 'closed' && unpaid.due >= today)) return null
  const why = `invoice ${unpaid.number} ${unpaid.due < today ? 'is late' : 'is open'}`
  return { verb: 'Ask for the money', why, due: daysOn(unpaid.due, 1) }
}

function stepOf(state: JobState, facts: JobFacts, today: string): NextStep | null {
  const { bid, reckoned, standing } = facts
  const money = moneyStep(state, facts, today)
  if (money) return money
  switch (state) {
    case 'new':
      return { verb: 'Walk the house', why: 'nothing found yet', due: null }
    case 'walked':
      return reckoned?.keepOff
        ? { verb: 'Tell them to keep off', why: 'found on the walk, and no bid has said it', due: null }
        : { verb: 'Choose the repairs', why: `${facts.findings} found, nothing chosen`, due: null }
    case 'priced': {
      if (reckoned?.keepOff)
        return { verb: 'Tell them to keep off', why: 'no bid has said it yet', due: null }
      const open = (reckoned?.open ?? 0) + (reckoned?.lacks ?? 0)
      return open > 0
        ? { verb: 'Finish the bid', why: `${open} still open`, due: null }
        : { verb: 'Send the bid', why: 'ready', due: null }
    }
    case 'sent': {
      const due = daysOn(bid!.sent_at, ASK_AGAIN.unopened)
      return { verb: 'Ask whether it came', why: 'not opened yet', due: earlier(due, ending(bid!.until)) }
    }
    case 'seen': {
      const due = daysOn(bid!.seen_at!, ASK_AGAIN.unanswered)
      return { verb: 'Ask about the bid', why: 'opened, not answered', due: earlier(due, ending(bid!.until)) }
    }
    case 'question':
      return { verb: 'Answer the owner', why: 'asked about the bid', due: facts.asked_at!.slice(0, 10) }
    case 'expired':
      return { verb: 'Renew it or close it', why: 'the bid has run out', due: daysOn(bid!.until!, 1) }
    case 'accepted':
      return { verb: 'Set a date', why: 'the owner said yes', due: facts.accepted_at!.slice(0, 10) }
    case 'scheduled':
      return { verb: 'Begin', why: 'the date that was set', due: standing!.on }
    case 'closed':
      return facts.look !== null && facts.look.due <= daysOn(today, LOOK_AHEAD_DAYS)
        ? { verb: 'Look again', why: facts.look.what, due: facts.look.due }
        : null
    case 'declined':
      return null
  }
}

/** The day to ask before a bid runs out. */
const ending = (until: string | null): string | null =>
  until === null ? null : daysOn(until, -ASK_AGAIN.beforeEnd)
const earlier = (day: string, other: string | null): string => (other !== null && other < day ? other : day)

/** Where a job stands today, and what is next. A step that is due later waits by itself and comes up on its day. */
export function jobDay(facts: JobFacts, today: string): JobDay {
  const state = stateOf(facts, today)
  const step = stepOf(state, facts, today)
  const group = step === null ? 'done' : step.due !== null && step.due > today ? 'waiting' : 'next'
  return { state, step, group }
}

/** What presses most stands first: someone may be hurt, someone has said yes, a day that passed, what can be sent. */
const PRESSING: readonly string[] = [
  'Tell them to keep off',
  'Answer the owner',
  'Set a date',
  'Begin',
  'Ask for the money',
  'Look again',
  'Ask about the bid',
  'Ask whether it came',
  'Send the bid',
  'Renew it or close it',
  'Finish the bid',
  'Choose the repairs',
  'Walk the house',
]
const GROUP_ORDER: readonly Group[] = ['next', 'waiting', 'done']

/** Order of two jobs in the firm's day: what to do, by how it presses and how long it is due; then what waits, by its day. */
export function byDay(a: JobDay, b: JobDay): number {
  const groups = GROUP_ORDER.indexOf(a.group) - GROUP_ORDER.indexOf(b.group)
  if (groups !== 0) return groups
  const late = (each: JobDay): string => each.step?.due ?? '9999-12-31'
  if (a.group === 'waiting') return late(a).localeCompare(late(b))
  const rank = (each: JobDay): number => (each.step ? PRESSING.indexOf(each.step.verb) : PRESSING.length)
  return rank(a) - rank(b) || late(a).localeCompare(late(b))
}
