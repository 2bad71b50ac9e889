import { GRADE_NAMES, gradeOf, type Finding } from '../../core/job'
import { placeOf } from '../../core/geometry'
import { causeOf } from '../../core/trace'
import type { Derived } from '../../core/pipeline'

/** Ways a list of findings stands, and what it may be narrowed to. */
export const FINDING_ORDERS = {
  found: 'as found',
  walk: 'by side, as walked',
  source: 'by source',
  urgency: 'worst first',
} as const
export type FindingOrder = keyof typeof FINDING_ORDERS

export const FINDING_FILTERS = {
  all: 'all',
  untouched: 'not touched yet',
  unexplained: 'not explained yet',
  open: 'answered by nothing',
  'no-picture': 'without a picture',
} as const
export type FindingFilter = keyof typeof FINDING_FILTERS

export type FindingGroup = {
  readonly id: string
  /** Null: one list without heads. */
  readonly name: string | null
  readonly findings: readonly Finding[]
}

/** Along a side from its start to its end, by the hand the house is on; then what has no station. */
function along(a: Finding, b: Finding, derived: Derived): number {
  const { job } = derived
  const at = (finding: Finding): number => {
    const place = placeOf(finding, job)
    return place.kind === 'side' ? place.station : Number.MAX_SAFE_INTEGER
  }
  // With the house on the right one walks each wall from its right end, as seen from outside.
  return job.job.house_on === 'right' ? at(b) - at(a) : at(a) - at(b)
}

function bySide(findings: readonly Finding[], derived: Derived): FindingGroup[] {
  const { job } = derived
  const sideOf = (finding: Finding): string => {
    const place = placeOf(finding, job)
    return place.kind === 'side' ? place.side_id : 'elsewhere'
  }
  const heads = [
    ...job.sides.map((side) => ({ id: side.id, name: `${side.letter} ${side.facing}` })),
    { id: 'elsewhere', name: 'Not on a wall' },
  ]
  return heads.map(({ id, name }) => ({
    id,
    name,
    findings: findings.filter((each) => sideOf(each) === id).toSorted((a, b) => along(a, b, derived)),
  }))
}

function bySource(findings: readonly Finding[], derived: Derived): FindingGroup[] {
  const { sources } = derived.trace
  const firstOf = (finding: Finding): number =>
    sources.findIndex((each) => each.finding_ids.includes(finding.id))
  return [
    ...sources.map((source, index) => ({
      id: `${source.letter ?? source.cause} ${index}`,
      name: `${source.letter ? `${source.letter}, ` : ''}${causeOf(source.cause).name}`,
      findings: findings.filter((each) => firstOf(each) === index),
    })),
    { id: 'none', name: 'Not explained yet', findings: findings.filter((each) => firstOf(each) < 0) },
  ]
}

/** Worst first: what keeps people off, then by grade, what nobody touched last. */
function byUrgency(findings: readonly Finding[], derived: Derived): FindingGroup[] {
  const dangerous = new Set(
    derived.cautions.all
      .filter((each) => each.kind === 'keep-off' || each.kind === 'engineer')
      .flatMap((each) => each.finding_ids),
  )
  const mine = (of: (finding: Finding) => boolean): Finding[] => findings.filter(of)
  return [
    { id: 'danger', name: 'Can hurt someone', findings: mine((each) => dangerous.has(each.id)) },
    ...[4, 3, 2, 1, 0].map((grade) => ({
      id: `grade ${grade}`,
      name: GRADE_NAMES[grade]!,
      findings: mine((each) => !dangerous.has(each.id) && gradeOf(each) === grade),
    })),
    {
      id: 'untouched',
      name: 'not touched',
      findings: mine((each) => !dangerous.has(each.id) && gradeOf(each) === null),
    },
  ]
}

function passes(finding: Finding, filter: FindingFilter, derived: Derived): boolean {
  switch (filter) {
    case 'all':
      return true
    case 'untouched':
      return gradeOf(finding) === null
    case 'unexplained':
      return derived.trace.unexplained.includes(finding.id)
    case 'open':
      return derived.scope.open.includes(finding.id)
    case 'no-picture':
      return finding.photo_ids.length === 0
  }
}

/** Findings as asked for. Whatever the order, each stands once; heads without findings are left out. */
export function orderFindings(
  derived: Derived,
  of: { readonly order: FindingOrder; readonly filter: FindingFilter },
): { readonly groups: readonly FindingGroup[]; readonly shown: number; readonly all: number } {
  const all = derived.job.findings
  const kept = all.filter((each) => passes(each, of.filter, derived))
  const groups: FindingGroup[] =
    of.order === 'found'
      ? [{ id: 'all', name: null, findings: kept }]
      : of.order === 'walk'
        ? bySide(kept, derived)
        : of.order === 'source'
          ? bySource(kept, derived)
          : byUrgency(kept, derived)
  return { groups: groups.filter((each) => each.findings.length > 0), shown: kept.length, all: all.length }
}
