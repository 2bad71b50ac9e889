import type { JobDocument } from '../job'
import type { Scope } from '../scope'
import { takeoffJob, type Takeoff } from '../takeoff'

/** What the owner said yes to: what he left out, and which options he took. */
export type AcceptedChoice = { readonly left: readonly string[]; readonly taken: readonly string[] }

/** The work as it was accepted: what was left out is not ours any more, options that were taken are. Without a yes, as it stands. */
export function acceptedWork(
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  choice: AcceptedChoice | null,
): { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff } {
  if (choice === null || choice.left.length + choice.taken.length === 0) return of
  const taken = new Set(choice.taken)
  // What was taken in place of something else leaves that out.
  const replaced = of.scope.items.flatMap((item) => (taken.has(item.id) ? item.item.instead_of : []))
  const left = new Set([...choice.left, ...replaced])
  const items = of.scope.items.map((item) => {
    if (!left.has(item.id) && !taken.has(item.id)) return item
    const standing = left.has(item.id) ? ('declined' as const) : ('ours' as const)
    const spots = item.spots.map((spot) => (spot.outside ? spot : { ...spot, standing, why: '' }))
    return { ...item, standing, spots }
  })
  const scope = { ...of.scope, items }
  return { job: of.job, scope, takeoff: takeoffJob(of.job, scope) }
}
