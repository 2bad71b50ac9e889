import { partOf } from '../catalogue'
import type { Finding } from './document'
import { formatLength } from '../measure'
import type { Measured, Quantity } from './values'

/** A foot in 64ths of an inch. */
const FT_64 = 768

/** How much a finding is of: its length and its count in one, by how its part is counted. Null: nobody measured or counted. */
export function sizeOfFinding({ component, extent, count }: Finding): Quantity | null {
  if (extent === null) return count === null ? null : { kind: 'count', count, how: 'counted' }
  if (partOf(component)?.piece?.courses) return { kind: 'courses', courses: count ?? 1, length: extent }
  return count !== null && count > 1
    ? { kind: 'members', count, length: extent }
    : { kind: 'length', length: extent }
}

/** The area of a size in square feet; null where it is no area. */
export function areaOf_ft2(size: Quantity | null): number | null {
  return size?.kind === 'area' ? size.area / FT_64 ** 2 : null
}

/** A size as places of one kind: how many alike, how many boards above one another at each, and how long each is. */
export function oneOfSize(size: Quantity | null): {
  readonly times: number
  readonly courses: number
  readonly length: Measured | null
} {
  switch (size?.kind) {
    case 'length':
      return { times: 1, courses: 1, length: size.length }
    case 'courses':
      return { times: 1, courses: size.courses, length: size.length }
    case 'members':
      return { times: size.count, courses: 1, length: size.length }
    case 'count':
      return { times: size.count, courses: 1, length: null }
    case 'area':
    case 'volume':
    case undefined:
      return { times: 1, courses: 1, length: null }
  }
}

/**
 * A quantity as it is said: how many, and how long each is.
 *
 * @example
 * quantityWords({ kind: 'courses', courses: 3, length: { value: 7680, how: 'taped' } }) // => '3 courses of 10\''
 */
export function quantityWords(size: Quantity | null): string {
  switch (size?.kind) {
    case 'length':
      return formatLength(size.length.value)
    case 'courses': {
      const long = formatLength(size.length.value)
      return size.courses > 1 ? `${size.courses} courses of ${long}` : long
    }
    case 'members':
      return `${size.count} × ${formatLength(size.length.value)}`
    case 'count':
      return size.count > 1 ? `${size.count} of them` : ''
    case 'area':
      return `${(size.area / FT_64 ** 2).toFixed(0)} ft²`
    case 'volume':
      return `${(size.volume / (3 * FT_64) ** 3).toFixed(1)} yd³`
    case undefined:
      return ''
  }
}
