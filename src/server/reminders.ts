import 'server-only'
import { randomUUID } from 'node:crypto'
import { dayWords } from '../core/measure'
import { reminderDue, type ReminderKind } from '../core/office/reminders'
import { insertMail } from '../db/queries/bids'
import { firmsWithBidsOut, listBidsOut, noteReminder, type OutBid } from '../db/queries/reminders'
import { withTx } from '../db/tx'
import { todayIn } from './days'
import { context } from './context'

const SAYS: Readonly<Record<ReminderKind, string>> = {
  unseen: 'it has not been opened yet; perhaps our message went astray.',
  unanswered: 'you have had it for a week. Ask us whatever is not clear, on its page or by telephone.',
  'runs-out': 'it soon ends. After that day we have to look at its prices again.',
}

/** The link itself is kept nowhere but in the message it was sent with. */
function bodyOf(bid: OutBid, kind: ReminderKind, sentOn: string): string {
  return `Hello,

a word about bid ${bid.number} for ${bid.title}: ${SAYS[kind]}

It stands until ${dayWords(bid.until)}. Its link is in our message of ${dayWords(sentOn)}; if you cannot find it, tell us and we send it again.

${bid.firm}`
}

/**
 * Reminds owners of the bids that are out, into the outbox: each of one thing a day at most, and of each thing once. Every firm is looked
 * at as itself.
 *
 * @returns how many were reminded
 */
export async function remindOwners(now = new Date()): Promise<number> {
  const { pool } = await context()
  let many = 0
  for (const firm of await firmsWithBidsOut(pool)) {
    many += await withTx(pool, firm, async (tx) => {
      let here = 0
      for (const bid of await listBidsOut(tx)) {
        const dayOf = (moment: Date): string => todayIn(bid.time_zone, moment)
        const sent_on = dayOf(bid.sent_at)
        const kind = reminderDue(
          {
            sent_on,
            seen_on: bid.seen_at && dayOf(bid.seen_at),
            until: bid.until,
            asked: bid.asked,
            reminded: bid.reminded,
          },
          dayOf(now),
        )
        // Two servers may come by at the same time: the database takes one.
        if (kind === null || !(await noteReminder(tx, bid.id, kind))) continue
        await insertMail(tx, {
          id: randomUUID(),
          jobId: bid.job_id,
          bidId: bid.id,
          to: bid.to,
          subject: `Reminder: bid ${bid.number} for ${bid.title}`,
          body: bodyOf(bid, kind, sent_on),
        })
        here += 1
      }
      return here
    })
  }
  return many
}
