/** How a crack runs in a face. */
export type CrackRun = 'vertical' | 'horizontal' | 'diagonal' | 'stepped'

/** One look at a crack, dated. Widths in inches at both ends: `upper` and `lower`, or the two ends of a horizontal one. */
export type CrackReading = {
  readonly day: string
  readonly upper_in: number
  readonly lower_in: number
  /** By how much one face stands proud of the other. */
  readonly offset_in: number
}
export type Crack = {
  readonly run: CrackRun
  readonly masonry: boolean
  readonly filledBefore: boolean
  readonly readings: readonly CrackReading[]
}

const MM_IN = 1 / 25.4

/** Classes of width for masonry, millimetres. Burland and others 1977, BRE Digest 251, from memory. Width alone is no class of damage. */
export const CRACK_CLASSES = [
  { below_mm: 0.1, name: 'negligible' },
  { below_mm: 1, name: 'very slight' },
  { below_mm: 5, name: 'slight' },
  { below_mm: 15, name: 'moderate' },
  { below_mm: 25, name: 'severe' },
] as const
export type CrackClass = (typeof CRACK_CLASSES)[number]['name'] | 'very severe'

/** The class of a width; null where the face is not masonry: there are no classes for wallboard. */
export function crackClass(width_in: number, masonry: boolean): CrackClass | null {
  if (!masonry) return null
  return CRACK_CLASSES.find(({ below_mm }) => width_in < below_mm * MM_IN + 1e-12)?.name ?? 'very severe'
}

/** Narrower differences than this are not told apart by eye. Our judgement. */
const SAME_IN = 1 / 64

export type CrackShape = {
  readonly wide: 'above' | 'below' | 'even'
  /** First to last reading of one crack, inches and days; null with one reading. */
  readonly grew: { readonly in_: number; readonly days: number } | null
  readonly class: CrackClass | null
}

/** What a crack shows: where it is wider, and whether it grew between two dated looks. */
export function crackShape(crack: Crack): CrackShape | null {
  const ordered = [...crack.readings].sort((a, b) => (a.day < b.day ? -1 : 1))
  const [first, last] = [ordered[0], ordered.at(-1)]
  if (!first || !last) return null
  const width = (of: CrackReading): number => Math.max(of.upper_in, of.lower_in)
  const difference = last.upper_in - last.lower_in
  return {
    wide: Math.abs(difference) < SAME_IN ? 'even' : difference > 0 ? 'above' : 'below',
    grew:
      ordered.length < 2
        ? null
        : {
            in_: width(last) - width(first),
            days: Math.round((Date.parse(last.day) - Date.parse(first.day)) / 86_400_000),
          },
    class: crackClass(width(last), crack.masonry),
  }
}
