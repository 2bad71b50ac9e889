import { heightOf, wholeSideOf, type DayPiece } from '../house/drawDays'
import { featureBox } from '../geometry'
import { byId } from '../job'
import type { Length } from '../measure'
import { grouped } from './grouped'
import type { PlannedUnit } from './jobPlan'
import { nameOfUnit, whereOfUnit, type PlanTold } from './say'

/** All pieces of one item at one place have this key: they are one mark on the walls. */
export const pieceKey = (unit: Pick<PlannedUnit, 'item_id' | 'key' | 'side'>): string =>
  unit.item_id === null ? unit.key : `${unit.item_id}/${unit.side}`

/** Days of the plan on which somebody is there, counted from one. */
export function dayNumbers({ plan }: Pick<PlanTold, 'plan'>): ReadonlyMap<string, number> {
  return new Map(plan.days.filter(({ units }) => units.length > 0).map(({ day }, index) => [day, index + 1]))
}

/** `3`, `3–5`: the first and the last of the days on which a piece is worked. */
function label(units: readonly PlannedUnit[], numbers: ReadonlyMap<string, number>): string {
  const mine = units.flatMap(({ days }) => days.flatMap(({ day }) => numbers.get(day) ?? []))
  if (mine.length === 0) return ''
  const from = Math.min(...mine)
  const to = Math.max(...mine)
  return from === to ? String(from) : `${from}–${to}`
}

/** Where on the walls a piece is: at its place there, or at the deck it is of; null for what is on none. */
function placeOnWalls(
  unit: PlannedUnit,
  { job, scope }: PlanTold,
): { readonly side_id: string; readonly from: Length; readonly to: Length } | null {
  const { side, extent, item_id } = unit
  if (byId(job.sides, side)) {
    const place =
      extent === 'whole' ? wholeSideOf(side, job) : { from: extent.from as Length, to: extent.to as Length }
    return { side_id: side, ...place }
  }
  if (side !== 'deck') return null
  const spots = scope.items.find((each) => each.id === item_id)?.spots ?? []
  const deck = spots.flatMap(({ at }) =>
    at.kind === 'deck' ? (byId(job.features, at.feature_id) ?? []) : [],
  )[0]
  if (!deck) return null
  const { side_id, left, right } = featureBox(deck, job)
  return { side_id, from: left, to: right }
}

/** Which part of the walls on which day, for the drawing; of one day, its own are shown out. */
export function onTheWalls(of: PlanTold, shownDay: string | null): DayPiece[] {
  const { job, scope, plan } = of
  const numbers = dayNumbers(of)
  const items = plan.units.filter(({ item_id }) => item_id !== null)
  return [...grouped(items, pieceKey)].flatMap(([key, units]): DayPiece[] => {
    const [first] = units
    const place = placeOnWalls(first!, of)
    if (place === null) return []
    const item = scope.items.find((each) => each.id === first!.item_id)
    const isShown = shownDay !== null && units.some(({ days }) => days.some(({ day }) => day === shownDay))
    const days = label(units, numbers)
    return [
      {
        key,
        ...place,
        height: heightOf(item?.finding_ids ?? [], place.side_id, job),
        label: days,
        state: units.every(({ done }) => done) ? 'done' : isShown ? 'shown' : 'later',
        name: `Day ${days}: ${nameOfUnit(first!, scope)}, ${whereOfUnit(first!, job)}`,
      },
    ]
  })
}
