import { methodOf } from '../catalogue'
import { byId, type JobDocument, type SourceDecision, type WorkItem } from '../job'
import { causeOf, type Source } from '../trace'
import type { ItemSpot } from './spots'

/** The last word on a source fix, taken or declined; it follows its findings when the source changes its letter. */
export function decisionOn(source: Source, job: JobDocument): SourceDecision | null {
  return (
    job.source_decisions.findLast(
      (each) => each.cause === source.cause && each.finding_ids.some((id) => source.finding_ids.includes(id)),
    ) ?? null
  )
}

/** Whether a method, or an item's own word, cures a source: referring it cures nothing by itself. */
export function cures(item: WorkItem, source: Source): boolean {
  if (item.cures.includes(source.cause)) return true
  if (causeOf(source.cause).fix?.method === item.method) return true
  return methodOf(item.method)?.alsoFixes.includes(source.cause) ?? false
}

/** Whether work at a place will be done: by us, or by somebody else who hands it over. */
function willBeDone(spot: ItemSpot, item: WorkItem): boolean {
  if (spot.standing === 'by-owner' || spot.standing === 'by-others') return spot.hand_over !== ''
  return spot.standing === 'ours' && methodOf(item.method)?.sells === true
}

/** Items by the cause they cure, found once for all that ask of the same items. */
const curingItems = new WeakMap<readonly Placed[], Map<string, readonly Placed[]>>()
function curingOf(source: Source, placed: readonly Placed[]): readonly Placed[] {
  const byCause = curingItems.get(placed) ?? new Map<string, readonly Placed[]>()
  curingItems.set(placed, byCause)
  const held = byCause.get(source.cause) ?? placed.filter(({ item }) => cures(item, source))
  byCause.set(source.cause, held)
  return held
}

/** How the fix of a source stands. */
export type FixStanding =
  /** An item that cures it stands at its seat and will be done, by us or with a hand-over. */
  | 'fixed'
  /** Chosen, and named in the bid, but not in its sum: an option, by a trade not called yet, held or stopped. */
  | 'named'
  /** The owner took it, and nothing in the bid does it. */
  | 'taken'
  | 'declined'
  | 'open'

/** Work with its places. */
export type Placed = { readonly item: WorkItem; readonly spots: readonly ItemSpot[] }

/** The openings that findings are at; what lies beside or below one is reached from it, and is no place of its own. */
function openingsOf(ids: readonly string[], job: JobDocument): string[] {
  const openings = ids.flatMap((id) => {
    const place = byId(job.findings, id)?.place
    return place?.kind === 'side' && place.feature_id !== null ? [place.feature_id] : []
  })
  return [...new Set(openings)]
}

/** Of a habit: whether each opening that is asked about is mended; of what is at none, whether all of them are. */
function isFixedEverywhere(
  source: Source,
  mended: readonly string[],
  among: readonly string[],
  job: JobDocument,
): boolean {
  const asked = openingsOf(among, job)
  const openings = asked.length > 0 ? asked : openingsOf(source.finding_ids, job)
  if (openings.length === 0) return among.length > 0 && among.every((id) => mended.includes(id))
  const there = new Set(openingsOf(mended, job))
  return openings.every((opening) => there.has(opening))
}

/**
 * Whether a source is fixed: at each of its places when it is one habit over many, else anywhere. The one function that Scope, the
 * bid, warranties and cautions ask.
 *
 * @param among findings of the source that are asked about: what is mended at one window is cured there, whatever the others do
 */
export function fixStanding(
  source: Source,
  placed: readonly Placed[],
  job: JobDocument,
  among: readonly string[] = source.finding_ids,
): FixStanding {
  const curing = curingOf(source, placed)
  const at = (done: boolean): Set<string> =>
    new Set(
      curing.flatMap(({ item, spots }) =>
        spots.filter((spot) => willBeDone(spot, item) === done).flatMap((spot) => spot.finding_ids),
      ),
    )
  const done = at(true)
  // One place with two faults: work at a finding that this source reaches beside another cures it there too.
  const reached = [...source.finding_ids, ...source.also_ids]
  const mended = reached.filter((id) => done.has(id))
  const isFixed = source.repeated ? isFixedEverywhere(source, mended, among, job) : mended.length > 0
  if (isFixed) return 'fixed'
  const decision = decisionOn(source, job)?.decision
  if (decision === 'declined') return 'declined'
  const named = at(false)
  if (mended.length > 0 || reached.some((id) => named.has(id))) return 'named'
  return decision === 'accepted' ? 'taken' : 'open'
}
