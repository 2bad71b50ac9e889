import type { GearRow } from '../catalogue'
import { shareCents, toFeet } from '../measure'
import { combineFactors } from './factors'
import { factorsOf, type FactorsBy } from './factorsOf'
import type { Pace } from './hours'
import type { Drafted } from './shareHours'
import { byLadder, type Use } from './uses'
import type { WorkedPlace } from './workedPlace'

type By = Omit<FactorsBy, 'gearAt'> & { readonly cap: number; readonly pace: Pace }
type Stretch = { readonly from: number; readonly to: number }

/** Stretches of a side that are worked at from ladders, those that touch as one; a bay wide at least. */
function stretchesOf(places: readonly WorkedPlace[], least_ft: number): Stretch[] {
  const all = places.flatMap((place): Stretch[] => {
    if (place.station === null) return []
    const from = toFeet(place.station)
    return [{ from, to: from + Math.max(least_ft, place.upright ? 0 : toFeet(place.length)) }]
  })
  const merged: { from: number; to: number }[] = []
  for (const each of all.toSorted((a, b) => a.from - b.from)) {
    const last = merged.at(-1)
    if (last && each.from <= last.to) last.to = Math.max(last.to, each.to)
    else merged.push({ ...each })
  }
  return merged
}

/** How much of a gear stands at a side: runs, or hundreds of square feet of face. Null: it does not reach, or nobody knows where. */
function unitsOf(gear: GearRow, places: readonly WorkedPlace[]): number | null {
  const top = Math.max(...places.map((place) => toFeet(place.top)))
  if (top > gear.upTo_ft || places.some((place) => place.station === null)) return null
  const stretches = stretchesOf(places, gear.least_ft)
  return gear.counts === 'run'
    ? stretches.reduce((sum, { from, to }) => sum + Math.ceil((to - from) / gear.run_ft - 1e-9), 0)
    : (stretches.reduce((sum, { from, to }) => sum + to - from, 0) * top) / 100
}

function sidesOf(uses: readonly Use[]): Map<string, Use[]> {
  const sides = new Map<string, Use[]>()
  for (const use of uses) sides.set(use.place.side, [...(sides.get(use.place.side) ?? []), use])
  return sides
}

const isMove = (use: Use): boolean => use.task === 'ladder-move'

/** Hours over the set-ups of uses, with one gear on their side, or with ladders. */
function hoursWith(uses: readonly Use[], gear: GearRow | null, by: By): number {
  return uses.reduce((sum, use) => {
    if (gear && isMove(use)) return sum
    const factor = combineFactors(factorsOf(use, { ...by, gearAt: () => gear }), by.cap)
    return sum + by.rows.task(use.task)[use.rate ?? by.pace] * use.quantity * factor
  }, 0)
}

/** A side's cheapest gear and how much of it, where it saves hours over moving ladders. */
function bestGear(uses: readonly Use[], by: By): { gear: GearRow; units: number } | null {
  const places = [...new Set(uses.map((use) => use.place))]
  let best: { gear: GearRow; units: number } | null = null
  let least = hoursWith(uses, null, by)
  for (const gear of by.rows.gear) {
    const units = unitsOf(gear, places)
    if (units === null) continue
    const task = by.rows.task(gear.task)
    const hours = task.set_up_h + task[by.pace] * units + hoursWith(uses, gear, by)
    if (hours < least - 1e-9) {
      least = hours
      best = { gear, units }
    }
  }
  return best
}

/**
 * What is put up to stand on, side by side: of ladders, pump jacks and scaffold what takes the fewest hours for all the work on a side
 * together. It is put up once; each item pays its part by its hours there. More work never takes fewer hours by it: each way alone
 * grows with the work, and the least of them is taken.
 *
 * Source: common practice; hours and factors are ours.
 */
export function withGear(
  drafts: readonly Drafted[],
  by: By,
): { readonly drafts: Drafted[]; readonly gearAt: FactorsBy['gearAt'] } {
  const high = (use: Use): boolean =>
    use.place.side !== '' && byLadder(use.place, by.rows) && (isMove(use) || by.rows.task(use.task).atHeight)
  const bySide = sidesOf(drafts.flatMap((draft) => draft.uses).filter(high))
  const chosen = new Map(
    [...bySide].flatMap(([side, uses]) => {
      const best = bestGear(uses, by)
      return best ? [[side, best] as const] : []
    }),
  )
  const gearAt = (side: string): GearRow | null => chosen.get(side)?.gear ?? null
  const mineOf = drafts.map((draft) => sidesOf(draft.uses.filter(high)))
  const shares = new Map(
    [...chosen].map(([side, { gear, units }]) => {
      const weights = mineOf.map((mine) => hoursWith(mine.get(side) ?? [], gear, by))
      return [side, shareCents(Math.round(units * 100) as never, weights)] as const
    }),
  )
  return {
    gearAt,
    drafts: drafts.map((draft, index) => {
      const added = [...mineOf[index]!].flatMap(([side, uses]): Use[] => {
        const gear = gearAt(side)
        const quantity = (shares.get(side)?.[index] ?? 0) / 100
        return gear && quantity > 0 ? [{ task: gear.task, quantity, rate: null, place: uses[0]!.place }] : []
      })
      const kept = draft.uses.filter((use) => !(isMove(use) && high(use) && gearAt(use.place.side)))
      return { ...draft, uses: [...kept, ...added] }
    }),
  }
}
