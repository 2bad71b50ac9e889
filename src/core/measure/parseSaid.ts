import type { Month } from './months'
import { err, ok, type Result } from '../result'
import { NUMBER_WORDS } from './numberWords'

/** Why a value that was typed or said was not taken. */
export type SaidError =
  | { readonly kind: 'unreadable'; readonly text: string }
  | { readonly kind: 'out-of-range'; readonly text: string; readonly least: number; readonly most: number }

/** What a value may be. `whole`: nothing between. */
export type SaidRange = { readonly least: number; readonly most: number; readonly whole?: boolean }

const tidy = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, ' ')
const unreadable = (text: string): Result<never, SaidError> => err({ kind: 'unreadable', text: text.trim() })

function within(
  value: number,
  text: string,
  { least, most, whole = false }: SaidRange,
): Result<number, SaidError> {
  if (whole && !Number.isInteger(value)) return unreadable(text)
  return value >= least && value <= most
    ? ok(value)
    : err({ kind: 'out-of-range', text: text.trim(), least, most })
}

/** Counts that are no figure and no number word. */
const SOME: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  none: 0,
  no: 0,
  nil: 0,
  'a couple': 2,
  couple: 2,
  'a pair': 2,
  'half a dozen': 6,
  'a dozen': 12,
  dozen: 12,
  half: 0.5,
  'a half': 0.5,
}
/** A tail said after a whole number. */
const TAILS: Readonly<Record<string, number>> = {
  'and a half': 0.5,
  'and a quarter': 0.25,
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
}

/** A number in figures or in words; null: it is neither. */
function numberIn(said: string): number | null {
  const some = SOME[said]
  if (some !== undefined) return some
  for (const [tail, part] of Object.entries(TAILS)) {
    if (!said.endsWith(tail)) continue
    const head = said.slice(0, -tail.length).trim()
    const whole = head === '' ? 0 : numberIn(head)
    return whole === null ? null : whole + part
  }
  const figures = said
    .replace(/^about |^around |^roughly |^~/, '')
    .replaceAll(/(\d),(?=\d{3}\b)/g, '$1')
    .replace(',', '.')
  if (/^[-−+]?(\d+(\.\d+)?|\.\d+)$/.test(figures)) return Number(figures.replace('−', '-'))
  const words = figures.split(/[ -]/)
  const values = words.map((word) => NUMBER_WORDS[word])
  if (values.some((value) => value === undefined)) return null
  const [tens = 0, ones] = values as number[]
  if (values.length === 1) return tens
  return values.length === 2 && tens >= 20 && ones! > 0 && ones! < 10 ? tens + ones! : null
}

/**
 * A number as it is typed or said: `12`, `1,200`, `three`, `twenty-five`, `a dozen`, `two and a half`, `about 6`.
 *
 * @example
 * parseNumber('a dozen', { least: 1, most: 999, whole: true }) // => ok(12)
 * parseNumber('a few', { least: 1, most: 999 }) // => err({ kind: 'unreadable', text: 'a few' })
 */
export function parseNumber(text: string, range: SaidRange): Result<number, SaidError> {
  const value = numberIn(tidy(text))
  return value === null ? unreadable(text) : within(value, text, range)
}

const HOURS_PER: Readonly<Record<string, number>> = {
  h: 1,
  hr: 1,
  hrs: 1,
  hour: 1,
  hours: 1,
  d: 24,
  day: 24,
  days: 24,
  week: 168,
  weeks: 168,
  night: 12,
  nights: 24,
}
/** Times since something that need no number. A day is taken as 24 hours. */
const SINCE: Readonly<Record<string, number>> = {
  now: 0,
  'it is raining': 0,
  raining: 0,
  'just now': 0,
  'this morning': 6,
  'last night': 12,
  overnight: 12,
  yesterday: 24,
  'since yesterday': 24,
  'the day before yesterday': 48,
  'last week': 168,
}

/**
 * Hours as they are typed or said: `30`, `two days`, `2 d`, `a week`, `half an hour`, `a day and a half`, `yesterday`. A bare number
 * is hours.
 *
 * @example
 * parseHours('two days', { least: 0, most: 10000 }) // => ok(48)
 */
export function parseHours(text: string, range: SaidRange): Result<number, SaidError> {
  const said = tidy(text)
    .replace(/ ago$/, '')
    .replace(/^since /, (word) => (tidy(text) in SINCE ? word : ''))
  const since = SINCE[tidy(text)] ?? SINCE[said]
  if (since !== undefined) return within(since, text, range)
  const bare = numberIn(said)
  if (bare !== null) return within(bare, text, range)
  const found = /^(.*?)\s*(h|hr|hrs|hours?|d|days?|weeks?|nights?)( and a half)?$/.exec(said)
  if (!found) return unreadable(text)
  const [, many = '', unit = '', half] = found
  const count = many === 'half an' || many === 'half a' ? 0.5 : numberIn(many)
  return count === null
    ? unreadable(text)
    : within((count + (half ? 0.5 : 0)) * HOURS_PER[unit]!, text, range)
}

const SHARES: Readonly<Record<string, number>> = {
  none: 0,
  'a tenth': 10,
  'a fifth': 20,
  'a quarter': 25,
  quarter: 25,
  'a third': 33,
  third: 33,
  half: 50,
  'a half': 50,
  'two thirds': 67,
  'three quarters': 75,
  all: 100,
  'all of it': 100,
}

/**
 * A share in percent, from 0 to 100: `30`, `30 %`, `thirty percent`, `a third`, `half of it`.
 *
 * @example
 * parsePercent('a third') // => ok(33)
 */
export function parsePercent(
  text: string,
  range: SaidRange = { least: 0, most: 100 },
): Result<number, SaidError> {
  const said = tidy(text)
    .replace(/\s*(%|percent|per cent)$/, '')
    .replace(/^about /, '')
  const share = SHARES[said.replace(/ of (it|them)$/, '')] ?? SHARES[said.replace(/-/g, ' ')]
  const value = share ?? numberIn(said)
  return value === null ? unreadable(text) : within(value, text, range)
}

/** Degrees Fahrenheit of degrees Celsius, to a tenth. */
export const toFahrenheit = (celsius: number): number => Math.round(celsius * 18 + 320) / 10 + 0
/**
 * A temperature in degrees Celsius, from one typed in either: `52 F`, `11 °C`, `52 degrees`. A bare number is Fahrenheit, as the trade
 * here says it.
 *
 * @param range of what it may be, in degrees Celsius
 * @example
 * parseTemperature_c('50 F', { least: -40, most: 80 }) // => ok(10)
 * parseTemperature_c('10 C', { least: -40, most: 80 }) // => ok(10)
 */
export function parseTemperature_c(text: string, range: SaidRange): Result<number, SaidError> {
  const found = /^(.*?)\s*(?:°|º|degrees?|deg)?\s*(f|fahrenheit|c|celsius|centigrade)?$/.exec(tidy(text))
  const value = found ? numberIn(found[1]!.trim()) : null
  if (!found || value === null) return unreadable(text)
  const isCelsius = found[2]?.startsWith('c') === true
  const celsius = isCelsius ? value : ((value - 32) * 5) / 9
  return within(Math.round(celsius * 10) / 10, text, range)
}

/**
 * A roof's rise in inches to a run of 12: `6`, `6 in 12`, `6/12`, `6:12`, `45°`, `flat`.
 *
 * @example
 * parsePitch('6 in 12', { least: 0, most: 36 }) // => ok(6)
 * parsePitch('45 degrees', { least: 0, most: 36 }) // => ok(12)
 */
export function parsePitch(text: string, range: SaidRange): Result<number, SaidError> {
  const said = tidy(text)
  if (said === 'flat') return within(0, text, range)
  const turned = /^(.*?)\s*(?:°|degrees?)$/.exec(said)
  if (turned) {
    const degrees = numberIn(turned[1]!)
    if (degrees === null || degrees < 0 || degrees >= 90) return unreadable(text)
    return within(Math.round(Math.tan((degrees * Math.PI) / 180) * 12 * 10) / 10, text, range)
  }
  const value = numberIn(said.replace(/\s*(?:in|on|over|\/|:)\s*(?:12|twelve)$/, ''))
  return value === null ? unreadable(text) : within(value, text, range)
}

const DAY_MS = 86_400_000
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday']
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const MONTH =
  'jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?'

const at = (day: string): number => Date.parse(`${day}T00:00:00Z`)
const dayOf = (moment: number): string => new Date(moment).toISOString().slice(0, 10)

/** A day that is in the calendar; null: it is not. */
function calendarDay(year: number, month: number, day: number): string | null {
  const moment = Date.UTC(year, month - 1, day)
  const made = new Date(moment)
  return made.getUTCMonth() === month - 1 && made.getUTCDate() === day ? dayOf(moment) : null
}

/** A month and a day without a year: the one nearest to today. */
function nearest(today: string, month: number, day: number): string | null {
  const year = Number(today.slice(0, 4))
  const days = [year - 1, year, year + 1].flatMap((each) => calendarDay(each, month, day) ?? [])
  return days.toSorted((a, b) => Math.abs(at(a) - at(today)) - Math.abs(at(b) - at(today)))[0] ?? null
}

/**
 * A day, `YYYY-MM-DD`, as it is typed or said: `2026-05-04`, `5/4/26`, `May 4`, `4 May 2026`, `yesterday`, `last Tuesday`, `next Friday`,
 * `two weeks ago`, `in 3 days`. A bare weekday is the last one, today included; a day without its year is the nearest.
 *
 * @example
 * parseDay('yesterday', '2026-05-04') // => ok('2026-05-03')
 * parseDay('May 9', '2026-05-04') // => ok('2026-05-09')
 */
export function parseDay(text: string, today: string): Result<string, SaidError> {
  const said = tidy(text)
    .replaceAll(/(\d)(st|nd|rd|th)\b/g, '$1')
    .replaceAll(',', ' ')
    .replaceAll(/\s+/g, ' ')
    .replace(/^on /, '')
  const from = (days: number): Result<string, SaidError> => ok(dayOf(at(today) + days * DAY_MS))
  const maybe = (day: string | null): Result<string, SaidError> => (day === null ? unreadable(text) : ok(day))
  if (said === 'today') return from(0)
  if (said === 'yesterday') return from(-1)
  if (said === 'tomorrow') return from(1)
  if (said === 'the day before yesterday') return from(-2)
  if (said === 'last week') return from(-7)
  if (said === 'next week') return from(7)
  const away = /^(?:(in) )?(.+?) (day|week)s?( ago)?$/.exec(said)
  if (away && (away[1] !== undefined) !== (away[4] !== undefined)) {
    const count = numberIn(away[2]!)
    if (count === null || !Number.isInteger(count)) return unreadable(text)
    return from(count * (away[3] === 'week' ? 7 : 1) * (away[1] ? 1 : -1))
  }
  const weekday = /^(?:(last|next|this) )?(\w+)$/.exec(said)
  const index = weekday
    ? WEEKDAYS.findIndex((name) => weekday[2]!.length >= 3 && name.startsWith(weekday[2]!))
    : -1
  if (weekday && index >= 0) {
    const back = (new Date(at(today)).getUTCDay() - index + 7) % 7
    if (weekday[1] === 'next') return from(back === 0 ? 7 : 7 - back)
    if (weekday[1] === 'this') return from(back === 0 ? 0 : 7 - back)
    return from(weekday[1] === 'last' && back === 0 ? -7 : -back)
  }
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(said)
  if (iso) return maybe(calendarDay(Number(iso[1]), Number(iso[2]), Number(iso[3])))
  // Month first, as it is written where feet and inches are.
  const slashed = /^(\d{1,2})[/.](\d{1,2})(?:[/.](\d{2}|\d{4}))?$/.exec(said)
  const named = new RegExp(`^(${MONTH}) (\\d{1,2})(?: (\\d{4}))?$`).exec(said)
  const turned = new RegExp(`^(\\d{1,2}) (${MONTH})(?: (\\d{4}))?$`).exec(said)
  const parts = slashed
    ? [Number(slashed[1]), slashed[2], slashed[3]]
    : named
      ? [MONTHS.indexOf(named[1]!.slice(0, 3)) + 1, named[2], named[3]]
      : turned
        ? [MONTHS.indexOf(turned[2]!.slice(0, 3)) + 1, turned[1], turned[3]]
        : null
  if (!parts) return unreadable(text)
  const [month, day, year] = parts as [number, string, string | undefined]
  if (year === undefined) return maybe(nearest(today, month, Number(day)))
  return maybe(calendarDay(year.length === 2 ? 2000 + Number(year) : Number(year), month, Number(day)))
}

const SEASONS: Readonly<Record<string, number>> = { winter: 1, spring: 4, summer: 7, fall: 10, autumn: 10 }

/**
 * As near as somebody can say when something was: `2024`, `May 2024`, `5/2024`, `2024-05`, `last year`, `two years ago`, `last winter`,
 * `3 months ago`, `last month`; a day names its month. A season is the month in its middle.
 *
 * @example
 * parseMonth('May 2024', '2026-05-04') // => ok({ year: 2024, month: 5 })
 * parseMonth('two years ago', '2026-05-04') // => ok({ year: 2024, month: null })
 * parseMonth('last winter', '2026-05-04') // => ok({ year: 2026, month: 1 })
 */
export function parseMonth(text: string, today: string): Result<Month, SaidError> {
  const said = tidy(text)
    .replaceAll(/[,.]/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()
    .replace(/^(?:in|since|about|around) /, '')
  const [year, month] = [Number(today.slice(0, 4)), Number(today.slice(5, 7))]
  const whole = (of: number): Result<Month, SaidError> => ok({ year: of, month: null })
  const counted = (months: number): Result<Month, SaidError> => {
    const at_month = year * 12 + month - 1 + months
    return ok({ year: Math.floor(at_month / 12), month: (((at_month % 12) + 12) % 12) + 1 })
  }
  const plain = /^(\d{4})$/.exec(said)
  if (plain && Number(plain[1]) >= 1700 && Number(plain[1]) <= year + 1) return whole(Number(plain[1]))
  if (said === 'this year') return whole(year)
  if (said === 'last year') return whole(year - 1)
  if (said === 'this month') return counted(0)
  if (said === 'last month') return counted(-1)
  const ago = /^(.+?) (year|month)s? ago$/.exec(said)
  if (ago) {
    const count = numberIn(ago[1]!)
    if (count === null || !Number.isInteger(count)) return unreadable(text)
    return ago[2] === 'year' ? whole(year - count) : counted(-count)
  }
  const season = /^(?:(last|this) )?(winter|spring|summer|fall|autumn)(?: (?:of )?(\d{4}))?$/.exec(said)
  if (season) {
    const middle = SEASONS[season[2]!]!
    if (season[3] !== undefined) return ok({ year: Number(season[3]), month: middle })
    const passed = middle <= month
    return ok({ year: season[1] === 'this' || passed ? year : year - 1, month: middle })
  }
  const named = new RegExp(`^(${MONTH})(?: (?:of )?(\\d{4}))?$`).exec(said)
  if (named) {
    const of = MONTHS.indexOf(named[1]!.slice(0, 3)) + 1
    return ok({
      year: named[2] === undefined ? (of <= month ? year : year - 1) : Number(named[2]),
      month: of,
    })
  }
  const figures = /^(\d{1,2})[/-](\d{4})$/.exec(said) ?? /^(\d{4})-(\d{1,2})$/.exec(said)
  if (figures) {
    const [of, in_year] = figures[1]!.length === 4 ? [figures[2], figures[1]] : [figures[1], figures[2]]
    const number = Number(of)
    return number >= 1 && number <= 12 ? ok({ year: Number(in_year), month: number }) : unreadable(text)
  }
  const day = parseDay(text, today)
  return day.ok
    ? ok({ year: Number(day.value.slice(0, 4)), month: Number(day.value.slice(5, 7)) })
    : unreadable(text)
}
