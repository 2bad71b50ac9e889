import { BEHIND, FINDS } from '../catalogue/hidden/finds'
import type { JobDocument, OpenedPlace } from './document'

/** What an opened place showed, layer by layer: the backing of a surface, and the framing behind that. */
export type Showed = { readonly backing: boolean; readonly framing: boolean; readonly other: boolean }

/** What was found at an opened place, by the layers of its surface. */
export function showedOf({ guess, found }: Pick<OpenedPlace, 'guess' | 'found'>): Showed {
  const layers = guess === null ? undefined : BEHIND[guess.row]
  const has = (find: string | null | undefined): boolean => found.some((each) => each.find === find)
  const backing = has(layers?.backing)
  const framing = has(layers?.framing)
  const other = found.some(({ find }) => find !== layers?.backing && find !== layers?.framing)
  return { backing, framing, other }
}

/** Every time somebody opened further at a finding, in order. */
export function openingsAt(
  job: Pick<JobDocument, 'opened_places'>,
  findingId: string,
): readonly OpenedPlace[] {
  return job.opened_places.filter((each) => each.finding_id === findingId && !each.removed)
}

/**
 * What was opened at a finding, all of it together: what was reckoned before the first time, and what was found since; null: nobody
 * opened it.
 */
export function openedAt(job: Pick<JobDocument, 'opened_places'>, findingId: string): OpenedPlace | null {
  const all = openingsAt(job, findingId)
  const [first] = all
  const last = all.at(-1)
  if (first === undefined || last === undefined) return null
  const said = (of: (each: OpenedPlace) => string): string => all.map(of).filter(Boolean).join(' ')
  return {
    ...first,
    found: all.flatMap(({ found }) => found),
    caused_by: all.findLast(({ caused_by }) => caused_by !== null)?.caused_by ?? null,
    taped: all.findLast(({ taped }) => taped !== null)?.taped ?? null,
    words: said(({ words }) => words),
    tonight: last.tonight,
    photo_ids: [...new Set(all.flatMap(({ photo_ids }) => photo_ids))],
  }
}

/** Each opened finding once, with all that was found there. */
export function openedFindings(job: Pick<JobDocument, 'opened_places'>): OpenedPlace[] {
  const ids = new Set(job.opened_places.filter(({ removed }) => !removed).map(({ finding_id }) => finding_id))
  return [...ids].flatMap((id) => openedAt(job, id) ?? [])
}

/** What a find is called; one that this program no longer knows by its id. */
export function findName(id: string): string {
  return FINDS.find((find) => find.id === id)?.plain ?? id.replaceAll('-', ' ')
}

/**
 * The same after a count.
 *
 * @example
 * countedFind('stud') // => 'wall stud, one beside the soft one'
 */
export function countedFind(id: string): string {
  const name = findName(id).replace(/^An? /, '')
  return name.charAt(0).toLowerCase() + name.slice(1)
}
