import { METHODS, methodOf, type MethodRow } from '../catalogue'
import { notBoth, ONLY_AFTER, WANTS_AFTER } from '../catalogue/methods/sideWork'
import { placeOf } from '../geometry'
import { byId, newWorkItem, type Finding, type JobDocument, type WorkItem } from '../job'
import { placesOfItem } from './changedItem'

const isOn = (item: WorkItem, side_id: string): boolean =>
  item.places.some(({ at }) => at.kind === 'whole-side' && at.side_id === side_id)
const sidesOf = (item: WorkItem): string[] =>
  item.places.flatMap(({ at }) => (at.kind === 'whole-side' ? [at.side_id] : []))

const isOfFindings = (item: WorkItem): boolean => methodOf(item.method)?.answers === 'findings'

/** What is done, or may be, to the whole of a side. */
export function sideWorkOn(side_id: string, job: JobDocument): WorkItem[] {
  return job.work_items.filter((item) => methodOf(item.method)?.answers === 'side' && isOn(item, side_id))
}

/** Where work is, or a finding. */
type Placed = WorkItem['places'][number]['at'] | Finding['place']

/** Whether a part at a place comes new with work over its whole side. The face of a chimney box is no part of the side. */
function comesNew(
  row: MethodRow | null,
  component: string | null,
  at: Placed,
  side_id: string,
  job: JobDocument,
): boolean {
  if (at.kind !== 'side' || at.side_id !== side_id || component === null) return false
  if (byId(job.features, at.feature_id)?.kind === 'chimney-chase') return false
  return row?.takesIn.includes(component) ?? false
}

/**
 * The work over a whole side, in the price, that a part at a place there comes new with; null where none is. What is chosen for it there is
 * done with that.
 */
export function newWithSide(
  { component, at }: { readonly component: string | null; readonly at: Placed },
  job: JobDocument,
): WorkItem | null {
  if (at.kind !== 'side') return null
  return (
    sideWorkOn(at.side_id, job).find(
      (item) => item.state === 'ours' && comesNew(methodOf(item.method), component, at, at.side_id, job),
    ) ?? null
  )
}

/** The same of what was found. */
export const renewedWithSide = (finding: Finding, job: JobDocument): WorkItem | null =>
  newWithSide({ component: finding.component, at: placeOf(finding, job) }, job)

/** Spots in the price that come new with such work over a side: they are not done where the whole of it is. */
function spotsIn(method: string, side_id: string, job: JobDocument): string[] {
  const row = methodOf(method)
  return job.work_items.flatMap((item) => {
    const places = placesOfItem(item, job)
    const isSpot =
      item.state === 'ours' &&
      isOfFindings(item) &&
      places.length > 0 &&
      places.every(({ at }) => comesNew(row, item.component, at, side_id, job))
    return isSpot ? [item.id] : []
  })
}

/** What may still be added to a side: each once, and what comes after another only where that other is. */
export function sideMethodsFor(side_id: string, job: JobDocument): MethodRow[] {
  const there = sideWorkOn(side_id, job).map(({ method }) => method)
  return METHODS.filter(
    ({ answers, id }) =>
      answers === 'side' &&
      !there.includes(id) &&
      (ONLY_AFTER[id] ?? [id]).some((first) => first === id || there.includes(first)),
  )
}

/**
 * A work added to a side. What is not done twice over one wall comes in as the owner’s choice, in place of what is in the price there;
 * what only comes after another work stands as that one does, and not without it.
 */
export function newSideWork(
  { id, method, side_id }: { readonly id: string; readonly method: string; readonly side_id: string },
  job: JobDocument,
): WorkItem {
  const there = sideWorkOn(side_id, job)
  const instead = there.filter((item) => item.state === 'ours' && notBoth(item.method, method) !== null)
  const after = there.filter((item) => ONLY_AFTER[method]?.includes(item.method))
  const asksCondition = methodOf(method)?.recipe?.tasks.some((task) => task.byCondition) ?? false
  const standIn =
    after.length > 0 || instead.length === 0
      ? []
      : [...instead.map((item) => item.id), ...spotsIn(method, side_id, job)]
  const isOurs = after.length > 0 ? after.some(({ state }) => state === 'ours') : instead.length === 0
  // One house, one siding, until somebody says otherwise.
  const alike = job.work_items.find((item) => item.method === method)
  return newWorkItem({
    ...{ id, method, material: alike?.material ?? 'unknown' },
    places: [{ at: { kind: 'whole-side', side_id }, size: null, height: null }],
    condition: asksCondition ? 'typical' : null,
    state: isOurs ? 'ours' : standIn.length > 0 ? 'alternate' : 'optional',
    instead_of: standIn,
    requires: after.map((item) => item.id),
  })
}

/** Two works on one side that are both in the price and are never both done. */
export type Doubled = {
  readonly side_id: string
  readonly one: WorkItem
  readonly other: WorkItem
  readonly why: string
}

export function doubledOnSides(job: JobDocument): Doubled[] {
  return job.sides.flatMap(({ id: side_id }) => {
    const ours = sideWorkOn(side_id, job).filter(({ state }) => state === 'ours')
    return ours.flatMap((one, index) =>
      ours.slice(index + 1).flatMap((other): Doubled[] => {
        const why = notBoth(one.method, other.method)
        return why === null ? [] : [{ side_id, one, other, why }]
      }),
    )
  })
}

/**
 * One work taken into the price in place of what it may stand in for, which may stand in for it from then on; so may whatever else
 * stood in for those.
 *
 * @returns what changes, by item
 */
export function takenInstead(
  item: WorkItem,
  job: JobDocument,
): ReadonlyMap<string, Pick<WorkItem, 'state' | 'instead_of'>> {
  // Spots stay as they are: they come new with the side while it is in the price, and are mended again when it is not.
  const put = item.instead_of.filter((id) => {
    const other = byId(job.work_items, id)
    return !(other && isOfFindings(other))
  })
  const changes = new Map<string, Pick<WorkItem, 'state' | 'instead_of'>>([
    [item.id, { state: 'ours', instead_of: [] }],
  ])
  for (const other of job.work_items) {
    if (other.id === item.id) continue
    if (put.includes(other.id)) {
      const spots = sidesOf(other).flatMap((side_id) => spotsIn(other.method, side_id, job))
      changes.set(other.id, { state: 'alternate', instead_of: [item.id, ...spots] })
    } else if (other.instead_of.some((each) => put.includes(each))) {
      const rest = other.instead_of.filter((each) => !put.includes(each))
      changes.set(other.id, { state: other.state, instead_of: [...rest, item.id] })
    }
  }
  // What makes no sense without the one or the other goes with it.
  for (const other of job.work_items) {
    if (changes.has(other.id) || other.requires.length === 0) continue
    if (other.requires.includes(item.id) && other.state === 'optional')
      changes.set(other.id, { state: 'ours', instead_of: other.instead_of })
    else if (other.requires.some((each) => put.includes(each)) && other.state === 'ours')
      changes.set(other.id, { state: 'optional', instead_of: other.instead_of })
  }
  return changes
}

/** What a side still wants after this work and nobody took, for the owner. */
export function wantsAfter(item: WorkItem, job: JobDocument): string[] {
  const wants = WANTS_AFTER[item.method]
  if (!wants) return []
  const isTaken = (side_id: string): boolean =>
    sideWorkOn(side_id, job).some(({ method }) => method === wants.method)
  return sidesOf(item).every(isTaken) ? [] : [wants.without]
}
