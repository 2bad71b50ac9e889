import 'server-only'
import ICAL from 'ical.js'
import type { BidModel } from '../../core/bid'
import { dayWords } from '../../core/measure'
import { REMIND_AFTER } from '../../core/office/reminders'
import { addDays } from '../../core/bid/addDays'

type Entry = { readonly id: string; readonly on: string; readonly title: string; readonly notes: string }

/** Days as a calendar file, all day long. Source of the form: RFC 5545. */
function calendarOf(entries: readonly Entry[], made: Date): string {
  const calendar = new ICAL.Component(['vcalendar', [], []])
  calendar.updatePropertyWithValue('prodid', '-//Detrimus//bids//EN')
  calendar.updatePropertyWithValue('version', '2.0')
  for (const { id, on, title, notes } of entries) {
    const component = new ICAL.Component('vevent')
    const event = new ICAL.Event(component)
    event.uid = `${id}@detrimus.invalid`
    event.summary = title
    event.description = notes
    event.startDate = ICAL.Time.fromDateString(on)
    event.endDate = ICAL.Time.fromDateString(addDays(on, 1))
    component.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(made, true))
    calendar.addSubcomponent(component)
  }
  return `${calendar.toString()}\r\n`
}

const notes = ({ title, address, firm }: BidModel): string =>
  [title, address, firm.name].filter(Boolean).join(', ')

/** For its owner: the last day on which a bid stands. */
export function ownersCalendar(
  model: BidModel,
  of: { readonly number: number; readonly hash: string; readonly made: Date },
): string {
  return calendarOf(
    [
      {
        id: `bid-${of.hash.slice(0, 16)}-until`,
        on: model.valid_until,
        title: `Last day of the bid for ${model.title || 'the repairs'}`,
        notes: `${notes(model)}. Bid ${of.number}, prepared ${dayWords(model.prepared_on)}.`,
      },
    ],
    of.made,
  )
}

/** For the firm: when to ask again, and the last day. */
export function firmsCalendar(model: BidModel, bidId: string, made: Date): string {
  const title = model.title || 'a job'
  return calendarOf(
    [
      {
        id: `bid-${bidId}-ask`,
        on: addDays(model.prepared_on, REMIND_AFTER.unanswered),
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
    made,
  )
}
