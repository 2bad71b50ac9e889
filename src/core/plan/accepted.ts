import type { JobDocument } from '../job'
import type { Scope } from '../scope'
import { takeoffJob, type Takeoff } from '../takeoff'

/** What the owner said yes to: the items of the bid, what of them he left out, and which options he took. */
export type AcceptedChoice = {
  readonly items: readonly string[]
  readonly left: readonly string[]
  readonly taken: readonly string[]
}

export type AcceptedWork = {
  readonly job: JobDocument
  readonly scope: Scope
  readonly takeoff: Takeoff
  /** Ours since, without a yes: listed, not planned. */
  readonly unaccepted: readonly string[]
}

/** Of the items as they stand, those that we do and sell. */
export const isOurWork = ({ standing, row }: Scope['items'][number]): boolean =>
  standing === 'ours' && row?.sells !== false

/**
 * The work as it was accepted: what was left out is not ours any more, options that were taken are, and what came into the job since
 * waits for its own yes. Before a yes, the work as it stands.
 */
export function acceptedWork(
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  choice: AcceptedChoice | null,
): AcceptedWork {
  if (choice === null) return { ...of, unaccepted: [] }
  const taken = new Set(choice.taken)
  const items = new Set([...choice.items, ...choice.taken])
  // What was taken in place of something else leaves that out.
  const replaced = of.scope.items.flatMap((item) => (taken.has(item.id) ? item.item.instead_of : []))
  const left = new Set([...choice.left, ...replaced])
  // What another item does already was never in the bid by itself: it follows that item.
  const elsewhere = new Set(
    of.takeoff.items.flatMap(({ item_id, includedIn }) => (includedIn === null ? [] : [item_id])),
  )
  const unaccepted = of.scope.items
    .filter(
      ({ id, standing, row }) =>
        standing === 'ours' && row?.sells !== false && !items.has(id) && !elsewhere.has(id),
    )
    .map(({ id }) => id)
  const out = new Set([...left, ...unaccepted])
  if (out.size + taken.size === 0) return { ...of, unaccepted }
  const changed = of.scope.items.map((item) => {
    if (!out.has(item.id) && !taken.has(item.id)) return item
    const standing = out.has(item.id) ? ('declined' as const) : ('ours' as const)
    const spots = item.spots.map((spot) => (spot.outside ? spot : { ...spot, standing, why: '' }))
    return { ...item, standing, spots }
  })
  const scope = { ...of.scope, items: changed }
  return { job: of.job, scope, takeoff: takeoffJob(of.job, scope), unaccepted }
}
