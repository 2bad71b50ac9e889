import 'server-only'
import type { BidModel } from '../../core/bid'
import { dayAfter, dayWords } from '../../core/measure'
import { REMIND_AFTER } from '../../core/office/reminders'
import { calendarFile } from '../../core/print/calendarFile'

const notes = ({ title, address, firm }: BidModel): string =>
  [title, address, firm.name].filter(Boolean).join(', ')

/** For its owner: the last day on which a bid stands. */
export function ownersCalendar(
  model: BidModel,
  of: { readonly number: number; readonly hash: string; readonly made: Date },
): string {
  return calendarFile(
    [
      {
        id: `bid-${of.hash.slice(0, 16)}-until`,
        on: model.valid_until,
        title: `Last day of the bid for ${model.title || 'the repairs'}`,
        notes: `${notes(model)}. Bid ${of.number}, prepared ${dayWords(model.prepared_on)}.`,
      },
    ],
    { made: of.made, what: 'bids' },
  )
}

/** For the firm: when to ask again, and the last day. */
export function firmsCalendar(model: BidModel, bidId: string, made: Date): string {
  const title = model.title || 'a job'
  return calendarFile(
    [
      {
        id: `bid-${bidId}-ask`,
        on: dayAfter(model.prepared_on, REMIND_AFTER.unanswered),
        title: `Ask again about the bid, ${title}`,
        notes: `${notes(model)}. Sent ${dayWords(model.prepared_on)}.`,
      },
      {
        id: `bid-${bidId}-until`,
        on: model.valid_until,
        title: `The bid runs out, ${title}`,
        notes: notes(model),
      },
    ],
    { made, what: 'bids' },
  )
}
