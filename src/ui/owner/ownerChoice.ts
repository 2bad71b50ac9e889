import type { Choosable, Choice } from '../../core/bid/choose'

/** What an owner has chosen so far, and of what he left out what keeps people from being hurt. */
export type OwnersChoice = Choice & { readonly declined: readonly string[] }

export const NOTHING_CHANGED: OwnersChoice = { left: [], taken: [], looks: [], declined: [] }

const without = (ids: readonly string[], id: string): readonly string[] => ids.filter((each) => each !== id)
const toggled = (ids: readonly string[], id: string): readonly string[] =>
  ids.includes(id) ? without(ids, id) : [...ids, id]

/** What makes no sense any more is given back or left out with it; what keeps people from being hurt stays until it is left by name. */
function settled(choice: OwnersChoice, bid: Choosable): OwnersChoice {
  const replaced = bid.beside.flatMap(({ id, instead_of }) => (choice.taken.includes(id) ? instead_of : []))
  const isDone = (id: string): boolean =>
    choice.taken.includes(id) ||
    bid.items.some((item) => item.id === id && !choice.left.includes(id) && !replaced.includes(id))
  const known = new Set([...bid.items, ...bid.beside.filter(({ takeable }) => takeable)].map(({ id }) => id))
  const lacks = ({ requires }: { readonly requires: readonly string[] }): boolean =>
    requires.some((id) => known.has(id) && !isDone(id))
  const back = bid.beside.find((option) => choice.taken.includes(option.id) && lacks(option))
  if (back) return settled({ ...choice, taken: without(choice.taken, back.id) }, bid)
  const out = bid.items.find((item) => isDone(item.id) && lacks(item) && item.leave?.hazard === false)
  return out ? settled({ ...choice, left: [...choice.left, out.id] }, bid) : choice
}

/** Leaves an item out, or takes it in again. One that keeps people from being hurt is written down as declined. */
export function leave(choice: OwnersChoice, id: string, bid: Choosable): OwnersChoice {
  const item = bid.items.find((each) => each.id === id)
  const left = toggled(choice.left, id)
  const declined = without(choice.declined, id)
  const isOut = left.includes(id)
  if (!isOut)
    return (item?.requires ?? []).reduce<OwnersChoice>((next, need) => had(next, need, bid), {
      ...choice,
      left,
      declined,
    })
  return settled({ ...choice, left, declined: item?.leave?.hazard ? [...declined, id] : declined }, bid)
}

/** With an item or an option done that another needs. */
function had(choice: OwnersChoice, id: string, bid: Choosable): OwnersChoice {
  if (choice.left.includes(id)) return leave(choice, id, bid)
  const isOption = bid.beside.some((each) => each.id === id && each.takeable)
  return isOption && !choice.taken.includes(id) ? take(choice, id, bid) : choice
}

/**
 * Takes an option, or gives it back; with it goes what makes no sense without it, and with it comes what it needs. What stands in for
 * the same item gives way, and the item itself is neither left out nor done twice: it is replaced.
 */
export function take(choice: OwnersChoice, id: string, bid: Choosable): OwnersChoice {
  const option = bid.beside.find((each) => each.id === id)
  if (choice.taken.includes(id)) return settled({ ...choice, taken: without(choice.taken, id) }, bid)
  const instead = option?.instead_of ?? []
  const rivals = bid.beside
    .filter((each) => each.instead_of.some((other) => instead.includes(other)))
    .map((each) => each.id)
  const taken = [...choice.taken.filter((each) => !rivals.includes(each)), id]
  const next: OwnersChoice = {
    ...choice,
    taken,
    left: choice.left.filter((each) => !instead.includes(each)),
    declined: choice.declined.filter((each) => !instead.includes(each)),
  }
  return settled(
    (option?.requires ?? []).reduce<OwnersChoice>((so, need) => had(so, need, bid), next),
    bid,
  )
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
