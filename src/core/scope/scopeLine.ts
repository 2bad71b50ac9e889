import { partName } from '../catalogue'
import { groundAt, shownBox, type WallBox } from '../geometry'
import { byId, type Finding, type JobDocument, type ScopeStretch } from '../job'
import { formatLength, type Length } from '../measure'

export type ScopeKind = ScopeStretch['kind']

export const SCOPE_WORDS: Readonly<Record<ScopeKind, string>> = {
  ours: 'ours',
  'priced-apart': 'priced apart',
  'left-out': 'left out',
  'by-owner': 'the owner does it',
  'by-others': 'others do it',
}

/** Kinds of stretch that take work out of the sum. */
export const SCOPE_KINDS = ['priced-apart', 'left-out', 'by-owner', 'by-others'] as const

/** A stretch of one side and whose it is, whole lengths of the side covered without gaps, and its height where something holds only so high. */
export type ScopePart = {
  readonly side_id: string
  readonly from: Length
  readonly to: Length
  /** Over the ground; null: from the ground, up to the top. */
  readonly low: Length | null
  readonly high: Length | null
  readonly kind: ScopeKind
  /** The stretch that says so; null where it follows from the others. */
  readonly stretch_id: string | null
}

/** Where on a wall something is, and what: a height over the ground nobody knows is in no band, a part nobody named is none. */
export type OnWall = {
  readonly station: number
  readonly height: number | null
  readonly part: string | null
}

function holds({ above, below, parts }: ScopeStretch, { height, part }: OnWall): boolean {
  if (parts.length > 0 && (part === null || !parts.includes(part))) return false
  if (above === null && below === null) return true
  return height !== null && height >= (above ?? 0) && height < (below ?? Number.POSITIVE_INFINITY)
}

/** Later stretches win where two overlap: one corrects a line by drawing over it. */
function winner(stretches: readonly ScopeStretch[], at: OnWall): ScopeStretch | null {
  return (
    stretches.findLast((each) => each.from <= at.station && at.station < each.to && holds(each, at)) ?? null
  )
}

const isBounded = (job: JobDocument): boolean => job.scope_stretches.some((each) => each.kind === 'ours')

/** The bands of a stretch of wall, from the ground up, where something holds only so high. */
function bandsOf(stretches: readonly ScopeStretch[], from: number): [low: number, high: number][] {
  const cuts = stretches
    .filter((each) => each.from <= from && from < each.to)
    .flatMap(({ above, below }) => [above, below].filter((cut) => cut !== null && cut > 0) as number[])
  const all = [0, ...[...new Set(cuts)].sort((a, b) => a - b), Number.POSITIVE_INFINITY]
  return all.slice(1).map((high, index) => [all[index]!, high])
}

/**
 * The scope line of one side, from its left end to its right and from the ground up, in parts of one kind. What holds for some parts of
 * the house alone divides no wall.
 *
 * With any `ours` on the job only those are in; without, every wall is, but for what is left out or done by somebody else.
 */
export function scopeParts(job: JobDocument, side: { id: string; length: Length }): ScopePart[] {
  const bounded = isBounded(job)
  const mine = job.scope_stretches.filter((each) => each.side_id === side.id && each.parts.length === 0)
  const cuts = [...new Set([0, side.length, ...mine.flatMap((each) => [each.from, each.to])])]
    .filter((cut) => cut >= 0 && cut <= side.length)
    .sort((a, b) => a - b)
  const cells = cuts.slice(1).flatMap((to, index): ScopePart[] => {
    const from = cuts[index]!
    return bandsOf(mine, from).reduce<ScopePart[]>((bands, [low, high]) => {
      const said = winner(mine, { station: from, height: low, part: null })
      const part: ScopePart = {
        side_id: side.id,
        from: from as Length,
        to: to as Length,
        low: low === 0 ? null : (low as Length),
        high: Number.isFinite(high) ? (high as Length) : null,
        kind: said?.kind ?? (bounded ? 'left-out' : 'ours'),
        stretch_id: said?.id ?? null,
      }
      const last = bands.at(-1)
      return last && isAlike(last, part)
        ? [...bands.slice(0, -1), { ...last, high: part.high }]
        : [...bands, part]
    }, [])
  })
  return cells.reduce<ScopePart[]>((parts, part) => {
    // Bands of one stretch after another: the one that goes on is the one of the same height.
    const before = parts.findLastIndex(
      (each) =>
        isAlike(each, part) && each.to === part.from && each.low === part.low && each.high === part.high,
    )
    return before < 0 ? [...parts, part] : parts.with(before, { ...parts[before]!, to: part.to })
  }, [])
}

const isAlike = (a: ScopePart, b: ScopePart): boolean => a.kind === b.kind && a.stretch_id === b.stretch_id

/** Not ours: what it is, and the stretch that says so; null where it follows from the others. */
export type Outside = { readonly kind: Exclude<ScopeKind, 'ours'>; readonly stretch: ScopeStretch | null }

/** Whose something on a wall is. Ends: null when it lies inside the scope. */
export function outsideAt(side_id: string, at: OnWall, job: JobDocument): Outside | null {
  if (job.scope_stretches.length === 0) return null
  const mine = job.scope_stretches.filter((each) => each.side_id === side_id)
  const stretch = winner(mine, at)
  const kind = stretch?.kind ?? (isBounded(job) ? 'left-out' : 'ours')
  return kind === 'ours' ? null : { kind, stretch }
}

/** Whose a part of a side is, as the line was divided. */
export function outsidePart({ kind, stretch_id }: ScopePart, job: JobDocument): Outside | null {
  return kind === 'ours' ? null : { kind, stretch: byId(job.scope_stretches, stretch_id) ?? null }
}

/** Whose a finding is, by the middle of its extent on the wall and its part; what was found at a deck goes with its deck, and what has no place on a wall is ours. */
export function outsideScope(finding: Finding, job: JobDocument): Outside | null {
  if (job.scope_stretches.length === 0) return null
  return outsideBox(shownBox(finding, job), finding.component, job)
}

/** Whose the middle of a box on the walls is, for a part; what is on no wall is ours. */
export function outsideBox(
  box: WallBox | null,
  part: Finding['component'],
  job: JobDocument,
): Outside | null {
  const side = byId(job.sides, box?.side_id)
  if (!box || !side) return null
  const station = (box.left + box.right) / 2
  const height = (box.bottom + box.top) / 2 - groundAt(side, station as Length)
  return outsideAt(box.side_id, { station, height, part }, job)
}

/** A height of the scope line in words, as it follows the name of a side; empty: it holds over the whole height. */
export function bandWords({
  low,
  high,
}: {
  readonly low: Length | null
  readonly high: Length | null
}): string {
  if (low !== null && high !== null) return ` from ${formatLength(low)} to ${formatLength(high)} up`
  if (high !== null) return ` up to ${formatLength(high)} high`
  return low === null ? '' : ` above ${formatLength(low)}`
}

/** How high a stretch of the scope line holds and for which parts, as it follows where it is; empty: for whatever is there. */
export function limitWords({ above, below, parts }: ScopeStretch): string {
  const only = parts.length > 0 ? `, only ${parts.map((part) => partName(part)).join(', ')}` : ''
  return `${bandWords({ low: above, high: below })}${only}`
}

/** A finding's standing in words, with who and why. */
export function outsideWords(outside: Outside): string {
  const { kind, stretch } = outside
  const who = stretch?.who ? `, ${stretch.who}` : ''
  const reason = stretch?.reason ? `: ${stretch.reason}` : ''
  const lead = kind === 'priced-apart' ? 'priced apart' : `outside the scope line, ${SCOPE_WORDS[kind]}`
  return `${lead}${kind === 'by-owner' || kind === 'by-others' ? who : ''}${reason}`
}

/** The scope line told for the bid: where it starts and stops, what is left out and why, what is priced apart, who does the rest. */
export function scopeLineWords(job: JobDocument): string {
  const told = (kind: ScopeKind): string[] =>
    job.scope_stretches
      .filter((each) => each.kind === kind)
      .map((each) => {
        const side = byId(job.sides, each.side_id)
        const whole = side?.length !== null && each.from === 0 && each.to === side?.length
        const where = `${side?.facing ?? 'side'} ${side?.letter ?? ''}`
        const stretch = whole ? where : `${where} from ${formatLength(each.from)} to ${formatLength(each.to)}`
        const who = each.who ? `, by ${each.who}` : ''
        const handed = each.hand_over ? `, handed over ${each.hand_over}` : ''
        return `${stretch}${limitWords(each)}${each.reason ? ` (${each.reason})` : ''}${who}${handed}`
      })
  const line = (lead: string, kind: ScopeKind): string | null => {
    const list = told(kind)
    return list.length === 0 ? null : `${lead}: ${list.join('; ')}.`
  }
  return [
    job.job.scope_line,
    line('We work on', 'ours'),
    line('Left out', 'left-out'),
    line('Priced apart', 'priced-apart'),
    line('Done by the owner', 'by-owner'),
    line('Others do', 'by-others'),
  ]
    .filter(Boolean)
    .join(' ')
}
