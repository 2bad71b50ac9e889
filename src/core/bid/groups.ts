import { placeOf } from '../geometry'
import type { Finding, JobDocument } from '../job'
import type { ScopeItem } from '../scope'

/** Places off the walls, in the order they are walked after them. */
const ELSEWHERE = [
  ['deck', 'Deck'],
  ['crawl', 'Crawl space'],
  ['roof', 'Roof'],
  ['room', 'Rooms'],
] as const
const WHOLE = ['whole', 'The whole house, or no place yet'] as const

/** A head of a bid. `where` is how places under it begin: under the head it need not be said again. */
type Group = { readonly id: string; readonly name: string; readonly where: string }

/** Heads of a bid: sides in walking order by letter and facing, then what is off the walls. */
export function groupsOf(job: JobDocument): readonly Group[] {
  return [
    ...job.sides.map(({ id, letter, facing }) => {
      return { id, name: `Side ${letter}, ${facing}`, where: `${facing} ${letter}` }
    }),
    ...[...ELSEWHERE, WHOLE].map(([id, name]) => ({ id, name, where: name.toLowerCase() })),
  ]
}

type At = ReturnType<typeof placeOf> | { readonly kind: 'whole-side'; readonly side_id: string }

function groupAt(at: At): string {
  switch (at.kind) {
    case 'side':
    case 'whole-side':
      return at.side_id
    case 'deck':
    case 'crawl':
    case 'roof':
    case 'room':
      return at.kind
    default:
      return WHOLE[0]
  }
}

/** The head a finding stands under. */
export const groupOfFinding = (finding: Finding, job: JobDocument): string => groupAt(placeOf(finding, job))

/** The head an item stands under: that of its first place. Its other places are named in it. */
export function groupOfItem(item: ScopeItem): string {
  const [first] = item.spots
  return first ? groupAt(first.at) : WHOLE[0]
}
