/** Days of the calendar, `2026-05-04`: no hours, no zone. */
const DAY_MS = 86_400_000
const at = (day: string): number =>
  Date.UTC(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8, 10)))

/** Days from one day of the calendar to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((at(to) - at(from)) / DAY_MS)
}
/** The day so many days after another. */
export function dayAfter(day: string, days: number): string {
  return new Date(at(day) + days * DAY_MS).toISOString().slice(0, 10)
}
/** Monday 1 to Sunday 7. */
export function weekday(day: string): number {
  return new Date(at(day)).getUTCDay() || 7
}
/** The day after so many days of work in the offices of others: Monday to Friday. */
export function afterOfficeDays(day: string, days: number): string {
  let date = day
  for (let left = days; left > 0;) {
    date = dayAfter(date, 1)
    if (weekday(date) <= 5) left -= 1
  }
  return date
}
