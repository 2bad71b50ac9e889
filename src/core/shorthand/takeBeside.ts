import type { Reader } from './reader'
import { takeOpening, type End, type OpeningSaid, type Way } from './takeOpening'

/** Beside, under or over something, or between two. */
export type Beside = { readonly of: OpeningSaid; readonly way: Way; readonly to: OpeningSaid | null }

/** `from the corner to the meter`, and the corner where it is named. */
export function takeAsFarAs(read: Reader): { readonly beside: Beside; readonly end: End | null } | null {
  const found = takeOpening(
    read,
    'from (?:the )?(?:(left|right)(?: hand)? )?(?:corner|end) (?:over |up )?(?:to|until) ',
  )
  if (!found) return null
  return {
    beside: { of: found.said, way: 'near', to: null },
    end: (found.lead[1] as End | undefined) ?? null,
  }
}

/** `left of the chimney`, `under window two`, `by the downspout`, `between window one and two`. */
export function takeBeside(read: Reader): Beside | null {
  const between = takeOpening(read, '(?<!(?:post|mull|mullion) )between ')
  if (between) {
    const { said } = between
    const two = said.which.kind === 'several' && said.which.ns.length === 2 ? said.which.ns : null
    if (two) {
      const part = (n: number): OpeningSaid => ({ ...said, which: { kind: 'nth', n } })
      return { of: part(two[0]!), way: 'right', to: part(two[1]!) }
    }
    const other = takeOpening(read, '(?:and )')
    return { of: said, way: 'right', to: other?.said ?? null }
  }
  const ways: readonly (readonly [lead: string, way: Way | null])[] = [
    [`(?:to the |on the )?(left|right)(?: side)? of `, null],
    ['(?:just )?(?:under|below|beneath|underneath) ', 'under'],
    ['(?:just )?(?:over|above) ', 'over'],
    ['(?:right )?(?:next to|beside|behind|by|near|close to|alongside|in front of|inside of|where) ', 'near'],
  ]
  for (const [lead, way] of ways) {
    const found = takeOpening(read, lead)
    if (!found) continue
    const then = way === 'near' ? read.take(/(?:(?:on|to) (?:the|its) )?(left|right) side\b/) : null
    return {
      of: found.said,
      way: (then?.[1] as End | undefined) ?? way ?? (found.lead[1] as End),
      to: null,
    }
  }
  return null
}
