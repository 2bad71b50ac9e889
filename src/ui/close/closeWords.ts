import type { Verdict } from '../../core/close/tally'

/** Hours and minutes: `1 h 05`. */
export function hoursWords(hours: number): string {
  const minutes = Math.round(hours * 60)
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`
}

/** Hours of a table: `12.25`; nothing where there is nothing. */
export const hoursCell = (hours: number): string => (hours === 0 ? '–' : hours.toFixed(hours < 10 ? 2 : 1))

/** The message that says what time along the way was spent on. */
export const ALONG = { travel: 'travel', supply: 'supply', waiting: 'waiting', other: 'otherTime' } as const

/** The message that says a verdict. */
export const VERDICTS = {
  'not-begun': 'verdictNot',
  begun: 'verdictBegun',
  under: 'verdictUnder',
  within: 'verdictWithin',
  over: 'verdictOver',
} as const satisfies Readonly<Record<Verdict, string>>
export const VERDICT_TONES: Readonly<Record<Verdict, string>> = {
  'not-begun': 'text-quiet',
  begun: 'text-ink',
  under: 'text-moss',
  within: 'text-moss',
  over: 'text-crayon-text',
}
