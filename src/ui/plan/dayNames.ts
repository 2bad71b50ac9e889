const part = (options: Intl.DateTimeFormatOptions, locale: string): Intl.DateTimeFormat =>
  new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' })

const at = (day: string): Date => new Date(`${day}T00:00:00Z`)

/** `Mon, Nov 30`. */
export function shortDay(day: string, locale = 'en-US'): string {
  return part({ weekday: 'short', month: 'short', day: 'numeric' }, locale).format(at(day))
}
/** `Monday, November 30`. */
export function longDay(day: string, locale = 'en-US'): string {
  return part({ weekday: 'long', month: 'long', day: 'numeric' }, locale).format(at(day))
}
