import ICAL from 'ical.js'
import { dayAfter } from '../measure/days'

/** A day of a calendar, all day long. */
export type Entry = {
  /** Same id, same entry: taken in again it is replaced, not doubled. */
  readonly id: string
  readonly on: string
  /** Last day, where it lasts longer than one. */
  readonly until?: string
  /** Again every so many months, for ever; absent: once. */
  readonly every_months?: number
  readonly title: string
  readonly notes: string
}

/**
 * Days as a calendar file.
 *
 * @param of.made when the file is written
 * @param of.what what it holds, for the program that reads it
 * Source of the form: RFC 5545; an end is the day after the last.
 */
export function calendarFile(
  entries: readonly Entry[],
  of: { readonly made: Date; readonly what: string },
): string {
  const calendar = new ICAL.Component(['vcalendar', [], []])
  calendar.updatePropertyWithValue('prodid', `-//Detrimus//${of.what}//EN`)
  calendar.updatePropertyWithValue('version', '2.0')
  for (const { id, on, until, every_months, title, notes } of entries) {
    const component = new ICAL.Component('vevent')
    const event = new ICAL.Event(component)
    event.uid = `${id}@detrimus.invalid`
    event.summary = title
    event.description = notes
    event.startDate = ICAL.Time.fromDateString(on)
    event.endDate = ICAL.Time.fromDateString(dayAfter(until ?? on, 1))
    if (every_months !== undefined) {
      const again = ICAL.Recur.fromData({ freq: 'MONTHLY', interval: every_months })
      component.updatePropertyWithValue('rrule', again)
    }
    component.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(of.made, true))
    calendar.addSubcomponent(component)
  }
  return `${calendar.toString()}\r\n`
}
