import { OWNER_SAYS } from '../catalogue/sentences/owner'
import type { Cents } from '../measure'
import type { BidModel } from './bidModel'
import { chosenTotal, takeableOf, WHOLE_BID } from './choose'

/** One way to have the whole of it, with what all of it comes to. */
export type Way = { readonly says: string; readonly total_cents: Cents }

type Beside = BidModel['beside'][number]

/**
 * Alike, by title: what may stand in the place of what is proposed, in one place or several, and what may be done besides in several.
 * What makes no sense without another option goes with that one.
 */
export function alike(model: BidModel): readonly (readonly Beside[])[] {
  const proposed = new Set(model.items.map(({ id }) => id))
  const by = new Map<string, Beside[]>()
  for (const { id } of takeableOf(model)) {
    const item = model.beside.find((each) => each.id === id)!
    const isInstead = item.instead_of.length > 0
    if (!isInstead && !item.requires.every((each) => proposed.has(each))) continue
    const key = `${isInstead ? 'instead' : 'besides'} ${item.title}`
    by.set(key, [...(by.get(key) ?? []), item])
  }
  return [...by.values()].filter((group) => group.length > 1 || group[0]!.instead_of.length > 0)
}

/** Options that make no sense without one of these, and stand in for nothing themselves. */
export const onlyWith = (ids: readonly string[], model: BidModel): string[] =>
  takeableOf(model).flatMap(({ id, requires, instead_of }) =>
    instead_of.length === 0 && requires.some((each) => ids.includes(each)) ? [id] : [],
  )

const titlesOf = (ids: readonly string[], model: BidModel): string[] =>
  model.items.filter(({ id }) => ids.includes(id)).map(({ title }) => title)

/** Here this in place of that, there that in place of this: two kinds of work that are held beside each other. */
function isTurned(
  group: readonly Beside[],
  groups: readonly (readonly Beside[])[],
  model: BidModel,
): boolean {
  const over = (of: readonly Beside[]): string[] =>
    titlesOf(
      of.flatMap(({ instead_of }) => instead_of),
      model,
    )
  return groups.some(
    (other) =>
      other !== group && over(group).includes(other[0]!.title) && over(other).includes(group[0]!.title),
  )
}

/**
 * The whole bid as it stands, and with each work that may be done in several places, besides or in place of another, so that ways can be
 * held beside each other by one sum each. What makes no sense without such a work is taken with it.
 *
 * Ends: none where nothing is offered in two places alike, nor two kinds of work turned about; each is chosen by itself then.
 */
export function waysOf(model: BidModel): Way[] {
  const groups = alike(model)
  if (!groups.some((group) => group.length > 1 || isTurned(group, groups, model))) return []
  const ways = groups.flatMap((group): Way[] => {
    const ids = group.map(({ id }) => id)
    const taken = [...ids, ...onlyWith(ids, model)]
    const total = chosenTotal(model, { ...WHOLE_BID, taken })
    const titles = (wanted: readonly string[]): string =>
      [...model.items, ...model.beside]
        .filter(({ id }) => wanted.includes(id))
        .map(({ title }) => title.replace(/ (?:(?:on|of|over) )?this side$/, ''))
        .filter((title, index, all) => all.indexOf(title) === index)
        .join('; ')
    const instead = model.items.filter(({ id }) => group.some((each) => each.instead_of.includes(id)))
    return total.ok
      ? [
          {
            says: OWNER_SAYS.way({
              titles: titles(taken),
              where: group.map(({ where }) => where).join('; '),
              instead: titles(instead.map(({ id }) => id)),
            }),
            total_cents: total.value.total_cents,
          },
        ]
      : []
  })
  return ways.length > 0 ? [{ says: OWNER_SAYS.asProposed, total_cents: model.total_cents }, ...ways] : []
}
