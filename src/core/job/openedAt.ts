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

/** What was opened at a finding, the last time it was; null: nobody opened it. */
export function openedAt(job: Pick<JobDocument, 'opened_places'>, findingId: string): OpenedPlace | null {
  return job.opened_places.findLast((each) => each.finding_id === findingId && !each.removed) ?? null
}

/** What a find is called; one that this program no longer knows by its id. */
export function findName(id: string): string {
  return FINDS.find((find) => find.id === id)?.plain ?? id.replaceAll('-', ' ')
}
