import type { Choosable, Choice } from '../../core/bid/choose'

/** What an owner has chosen so far, and of what he left out what keeps people from being hurt. */
export type OwnersChoice = Choice & { readonly declined: readonly string[] }

export const NOTHING_CHANGED: OwnersChoice = { left: [], taken: [], looks: [], declined: [] }

const without = (ids: readonly string[], id: string): readonly string[] => ids.filter((each) => each !== id)
const toggled = (ids: readonly string[], id: string): readonly string[] =>
  ids.includes(id) ? without(ids, id) : [...ids, id]

/** Leaves an item out, or takes it in again. One that keeps people from being hurt is written down as declined. */
export function leave(choice: OwnersChoice, id: string, isHazard: boolean): OwnersChoice {
  const left = toggled(choice.left, id)
  const declined = without(choice.declined, id)
  return { ...choice, left, declined: isHazard && left.includes(id) ? [...declined, id] : declined }
}

/**
 * Takes an option, or gives it back. What stands in for the same item gives way, and the item itself is neither left out nor done
 * twice: it is replaced.
 */
export function take(choice: OwnersChoice, id: string, bid: Choosable): OwnersChoice {
  const { instead_of = null } = bid.beside.find((each) => each.id === id) ?? {}
  if (choice.taken.includes(id)) return { ...choice, taken: without(choice.taken, id) }
  const rivals = bid.beside
    .filter((each) => instead_of !== null && each.instead_of === instead_of)
    .map((each) => each.id)
  const taken = [...choice.taken.filter((each) => !rivals.includes(each)), id]
  if (instead_of === null) return { ...choice, taken }
  return {
    ...choice,
    taken,
    left: without(choice.left, instead_of),
    declined: without(choice.declined, instead_of),
  }
}

/** Has a place looked at that nobody reached, or not. */
export function look(choice: OwnersChoice, id: string): OwnersChoice {
  return { ...choice, looks: toggled(choice.looks, id) }
}

export type Stroke = readonly (readonly [across: number, down: number])[]

/** Points kept of one stroke, and strokes of one signature: more than a hand makes. */
const MOST_POINTS = 600
const MOST_STROKES = 40

/** A signature with a point more, in hundredths of a percent of the field; one that is full takes no more. */
export function drawnOn(
  strokes: readonly Stroke[],
  at: { readonly across: number; readonly down: number },
  isNew: boolean,
): readonly Stroke[] {
  const point = [at.across, at.down].map((each) => Math.round(Math.min(1, Math.max(0, each)) * 10_000))
  const drawn = [point[0]!, point[1]!] as const
  if (isNew) return strokes.length >= MOST_STROKES ? strokes : [...strokes, [drawn]]
  const last = strokes.at(-1)
  if (!last || last.length >= MOST_POINTS) return strokes
  return [...strokes.slice(0, -1), [...last, drawn]]
}
