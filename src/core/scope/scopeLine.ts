import { findingBox } from '../geometry'
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

/** A stretch of one side and whose it is, whole lengths of the side covered without gaps. */
export type ScopePart = {
  readonly side_id: string
  readonly from: Length
  readonly to: Length
  readonly kind: ScopeKind
  /** The stretch that says so; null where it follows from the others. */
  readonly stretch_id: string | null
}

/** Later stretches win where two overlap: one corrects a line by drawing over it. */
function winner(stretches: readonly ScopeStretch[], at: number): ScopeStretch | null {
  return stretches.findLast((each) => each.from <= at && at < each.to) ?? null
}

/**
 * The scope line of one side, from its left end to its right, in stretches of one kind.
 *
 * With any `ours` on the job only those are in; without, every wall is, but for what is left out or done by somebody else.
 */
export function scopeParts(job: JobDocument, side: { id: string; length: Length }): ScopePart[] {
  const bounded = job.scope_stretches.some((each) => each.kind === 'ours')
  const mine = job.scope_stretches.filter((each) => each.side_id === side.id)
  const cuts = [...new Set([0, side.length, ...mine.flatMap((each) => [each.from, each.to])])]
    .filter((cut) => cut >= 0 && cut <= side.length)
    .sort((a, b) => a - b)
  return cuts.slice(1).reduce<ScopePart[]>((parts, to, index) => {
    const from = cuts[index]!
    const said = winner(mine, from)
    const part: ScopePart = {
      side_id: side.id,
      from: from as Length,
      to: to as Length,
      kind: said?.kind ?? (bounded ? 'left-out' : 'ours'),
      stretch_id: said?.id ?? null,
    }
    const last = parts.at(-1)
    if (last && last.kind === part.kind && last.stretch_id === part.stretch_id) {
      return [...parts.slice(0, -1), { ...last, to: part.to }]
    }
    return [...parts, part]
  }, [])
}

/** Not ours: what it is, and the stretch that says so; null where it follows from the others. */
export type Outside = { readonly kind: Exclude<ScopeKind, 'ours'>; readonly stretch: ScopeStretch | null }

/** Whose a place on a wall is. Ends: null when it lies inside the scope. */
export function outsideAt(side_id: string, station: number, job: JobDocument): Outside | null {
  if (job.scope_stretches.length === 0) return null
  const mine = job.scope_stretches.filter((each) => each.side_id === side_id)
  const stretch = winner(mine, station)
  const kind =
    stretch?.kind ?? (job.scope_stretches.some((each) => each.kind === 'ours') ? 'left-out' : 'ours')
  return kind === 'ours' ? null : { kind, stretch }
}

/** Whose a finding is, by the middle of its extent on the wall; what has no place on a wall is ours. */
export function outsideScope(finding: Finding, job: JobDocument): Outside | null {
  if (job.scope_stretches.length === 0) return null
  const box = findingBox(finding, job)
  return box ? outsideAt(box.side_id, (box.left + box.right) / 2, job) : null
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
        return `${stretch}${each.reason ? ` (${each.reason})` : ''}${who}${handed}`
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
