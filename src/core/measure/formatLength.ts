import type { Length } from './length'

function fraction(of64: number): string {
  let top = of64
  let bottom = 64
  while (top % 2 === 0 && bottom > 1) {
    top /= 2
    bottom /= 2
  }
  return `${top}/${bottom}`
}

function inchText(part64: number): string {
  const whole = Math.floor(part64 / 64)
  const rest = part64 % 64
  if (rest === 0) return `${whole}`
  return whole === 0 ? fraction(rest) : `${whole}-${fraction(rest)}`
}

/**
 * A length as a carpenter writes it, in feet and inches.
 *
 * Units: `measured` (the default) shows the nearest sixteenth; `exact` shows every 64th, for stock sizes such as 15/32.
 * Sign: a negative length carries a leading minus.
 * Ties: half a sixteenth rounds up.
 *
 * @example
 * formatLength(14240) // => "18' 6-1/2\""
 * formatLength(30, 'exact') // => '15/32"'
 * formatLength(10752) // => "14'"
 */
export function formatLength(length: Length, as: 'measured' | 'exact' = 'measured'): string {
  const sign = length < 0 ? '-' : ''
  const size = Math.abs(length)
  const shown = as === 'exact' ? size : Math.round(size / 4) * 4
  const ft = Math.floor(shown / 768)
  const rest = shown % 768
  if (ft === 0) return `${sign}${inchText(rest)}"`
  return rest === 0 ? `${sign}${ft}'` : `${sign}${ft}' ${inchText(rest)}"`
}
