import { placeOf } from '../geometry'
import type { Finding, JobDocument } from '../job'
import type { ScopeItem } from '../scope'
import { causeOf, type Trace } from '../trace'

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

/** Sides in walking order by letter and facing, then what is off the walls. */
function placesOf(job: JobDocument): readonly Group[] {
  return [
    ...job.sides.map(({ id, letter, facing }) => {
      return { id, name: `Side ${letter}, ${facing}`, where: `${facing} ${letter}` }
    }),
    ...[...ELSEWHERE, WHOLE].map(([id, name]) => ({ id, name, where: name.toLowerCase() })),
  ]
}

type At = ReturnType<typeof placeOf> | { readonly kind: 'whole-side'; readonly side_id: string }

function groupAt(at: At, job: JobDocument): string {
  switch (at.kind) {
    case 'side':
    case 'whole-side':
      return at.side_id
    case 'deck':
    case 'crawl':
    case 'roof':
    case 'room':
      return at.kind
    case 'words':
      return sideIn(at.words, job) ?? WHOLE[0]
    case 'photo':
    case 'none':
      return WHOLE[0]
  }
}

/** The side that words begin with, as "front A, door A2". */
function sideIn(words: string, job: JobDocument): string | null {
  const side = job.sides.find(({ letter, facing }) => {
    const name = `${facing} ${letter}`
    return words === name || words.startsWith(`${name},`) || words.startsWith(`${name} `)
  })
  return side?.id ?? null
}

/** The place of the house that a finding is at. */
export const placeOfFinding = (finding: Finding, job: JobDocument): string =>
  groupAt(placeOf(finding, job), job)

/** The first place of an item. Its other places are named in it. */
function placeOfItem(item: ScopeItem, job: JobDocument): string {
  const [first] = item.spots
  return first ? groupAt(first.at, job) : WHOLE[0]
}

const OTHER = ['other', 'Everything else'] as const
const causeId = (letter: string): string => `cause-${letter}`

/** The heads of a bid, and the head that a finding and an item stand under. */
export type Heads = {
  readonly groups: readonly Group[]
  readonly ofFinding: (finding: Finding) => string
  readonly ofItem: (item: ScopeItem) => string
}

function byCause(trace: Trace): Heads {
  const sources = trace.sources.filter(({ letter }) => letter !== null)
  const of = (holds: (source: Trace['sources'][number]) => boolean): string => {
    const source = sources.find(holds)
    return source ? causeId(source.letter!) : OTHER[0]
  }
  return {
    groups: [
      ...sources.map(({ letter, cause, seat_words }) => {
        return { id: causeId(letter!), name: `${causeOf(cause).name}, ${seat_words}`, where: '' }
      }),
      { id: OTHER[0], name: OTHER[1], where: '' },
    ],
    ofFinding: ({ id }) => of(({ finding_ids }) => finding_ids.includes(id)),
    // What mends a cause stands with it, before what mends its damage.
    ofItem: ({ fixes, finding_ids }) =>
      of(({ letter, finding_ids: reached }) =>
        fixes.length > 0 ? fixes.includes(letter!) : finding_ids.some((id) => reached.includes(id)),
      ),
  }
}

/** The heads that the firm puts its work under. */
export function headsOf(job: JobDocument, trace: Trace): Heads {
  switch (job.settings.bid.heads) {
    case 'place':
      return {
        groups: placesOf(job),
        ofFinding: (finding) => placeOfFinding(finding, job),
        ofItem: (item) => placeOfItem(item, job),
      }
    case 'cause':
      return byCause(trace)
    case 'none':
      return { groups: [], ofFinding: () => '', ofItem: () => '' }
  }
}
