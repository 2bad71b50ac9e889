import { opensSurface } from '../scope/opensSurface'
import { finishedOf, openedAt, type Finding, type OpenedPlace } from '../job'
import type { Derived } from '../pipeline'

/** A finding whose board comes off in work of ours: when, and what stood behind it. */
export type PlaceToOpen = {
  readonly finding: Finding
  readonly item_id: string
  readonly name: string
  readonly where: string
  /** First planned day of its work; null: it has none. */
  readonly day: string | null
  readonly opened: OpenedPlace | null
  /** Its work is done already: nothing comes off there any more. */
  readonly done: boolean
}

/** Places that the work of ours opens, those not opened yet first, in the order of their days. */
export function placesToOpen({ job, scope, plan }: Pick<Derived, 'job' | 'scope' | 'plan'>): PlaceToOpen[] {
  // What was found behind a board is no board itself.
  const found = new Set(job.opened_places.flatMap((place) => place.found.map(({ item_id }) => item_id)))
  const seen = new Set<string>()
  const places = scope.items
    .filter((item) => opensSurface(item) && !found.has(item.id))
    .flatMap((item) => {
      const day = plan.units
        .filter((unit) => unit.item_id === item.id)
        .map(({ first }) => first)
        .toSorted()[0]
      return item.finding_ids.flatMap((id): PlaceToOpen[] => {
        const finding = job.findings.find((each) => each.id === id)
        if (!finding || seen.has(id)) return []
        seen.add(id)
        const spot = item.spots.find(({ finding_ids }) => finding_ids.includes(id))
        return [
          {
            finding,
            item_id: item.id,
            name: item.name,
            where: spot?.where ?? item.where,
            day: day ?? null,
            opened: openedAt(job, id),
            done: finishedOf(job, item.id) !== null,
          },
        ]
      })
    })
  const rank = ({ opened, day }: PlaceToOpen): string => `${opened ? 1 : 0} ${day ?? '9999'}`
  return places.toSorted((a, b) => rank(a).localeCompare(rank(b)))
}
