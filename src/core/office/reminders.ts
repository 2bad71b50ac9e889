/** Of what an owner is reminded, each once for a bid. */
export const REMINDERS = ['unseen', 'unanswered', 'runs-out'] as const
export type ReminderKind = (typeof REMINDERS)[number]

/** Days after which one asks again: sent and never opened, opened and unanswered; and so long before it runs out. Our judgement. */
export const REMIND_AFTER = { unseen: 4, unanswered: 7, runs_out: 3 } as const

/** What is known of a bid that is out and unanswered. Days are `YYYY-MM-DD`. */
export type OpenBid = {
  readonly sent_on: string
  /** Day on which it was opened first; null: never. */
  readonly seen_on: string | null
  /** Last day it stands. */
  readonly until: string
  /** Its owner asked something that nobody answered: then it is for the firm to speak. */
  readonly asked: boolean
  readonly reminded: readonly ReminderKind[]
}

const daysFrom = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000)

/**
 * The one thing to remind an owner of today; null: nothing. What runs out comes before what was not answered; nobody is reminded
 * twice of one thing, of a bid that has run out, or while his own question waits.
 */
export function reminderDue(bid: OpenBid, today: string): ReminderKind | null {
  const left = daysFrom(today, bid.until)
  if (bid.asked || left < 0) return null
  const due: readonly (readonly [ReminderKind, boolean])[] = [
    ['runs-out', left <= REMIND_AFTER.runs_out && daysFrom(bid.sent_on, today) >= 1],
    ['unanswered', bid.seen_on !== null && daysFrom(bid.seen_on, today) >= REMIND_AFTER.unanswered],
    ['unseen', bid.seen_on === null && daysFrom(bid.sent_on, today) >= REMIND_AFTER.unseen],
  ]
  return due.find(([kind, holds]) => holds && !bid.reminded.includes(kind))?.[0] ?? null
}
