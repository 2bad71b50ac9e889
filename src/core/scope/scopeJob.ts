import { placeOf } from '../geometry'
import {
  isDamage,
  type AreaWork,
  type ComponentId,
  type Finding,
  type JobDocument,
  type MaterialId,
  type MethodId,
  type Place,
} from '../job'
import { addLengths, type Length } from '../measure'
import { whereOf, type Caution } from '../caution'
import { causeOf, type Trace } from '../trace'
import { decisionOn, isFixedBy } from './sourceDecision'
import { adviseMethods, type MethodAdvice } from './adviseMethods'
import { outsideScope, outsideWords } from './scopeLine'
import { lifeOf, METHOD_KNOWLEDGE, type WARRANTY_WORDS, type Life } from './methods'

/** A repair of ours, derived from a choice; it takes the choice's id. */
export type RepairItem = {
  readonly kind: 'repair'
  readonly id: string
  readonly method: MethodId
  readonly component: ComponentId
  readonly material: MaterialId
  readonly finding_ids: readonly string[]
  readonly place: Place
  readonly where: string
  /** Length seen damaged, before any cut-back; null when nobody measured one. */
  readonly seen: Length | null
  /** Guessed lengths price too, and say so. */
  readonly guessed: boolean
  readonly count: number
  readonly life_years: Life
  readonly warranty: keyof typeof WARRANTY_WORDS
  /** What the person should know about this choice, in plain words. */
  readonly notices: readonly string[]
  readonly pendingEngineer: boolean
  /** Where all its findings lie outside the scope line, or are priced apart: so, in words. */
  readonly outside: string | null
  /** Source letters it fixes, when its method is their fix. */
  readonly fixes: readonly string[]
}

export type AreaItem = {
  readonly kind: 'area'
  readonly id: string
  readonly work: AreaWork
  readonly where: string
  readonly notices: readonly string[]
  readonly warranty: keyof typeof WARRANTY_WORDS
}

export type Scope = {
  readonly advice: readonly { readonly finding_id: string; readonly methods: readonly MethodAdvice[] }[]
  readonly items: readonly RepairItem[]
  readonly areas: readonly AreaItem[]
  /** Findings that no choice answers yet. */
  readonly open: readonly string[]
}

function seenLength(findings: readonly Finding[]): { seen: Length | null; guessed: boolean } {
  const measured = findings.flatMap((finding) => (finding.extent ? [finding.extent] : []))
  if (measured.length === 0) return { seen: null, guessed: false }
  return {
    seen: addLengths(...measured.map((each) => each.value)),
    guessed: measured.some((each) => each.how === 'guessed'),
  }
}

/** The method of ours that fixes a source. Referring it to another trade fixes nothing in this bid. */
function ourFix(source: Trace['sources'][number]): MethodId | null {
  const method = causeOf(source.cause).fix?.method ?? null
  return method === 'refer' ? null : method
}

function itemOf(
  repair: JobDocument['repairs'][number],
  context: { job: JobDocument; trace: Trace; cautions: readonly Caution[] },
  advice: Scope['advice'],
): RepairItem {
  const { job, trace } = context
  const findings = job.findings.filter((finding) => repair.finding_ids.includes(finding.id))
  const first = findings[0]
  const place = repair.place ?? (first ? placeOf(first, job) : ({ kind: 'none' } as const))
  const where = first && repair.place === null ? whereOf(first, job) : whereOfPlace(place, job)
  const sources = trace.sources.filter(
    (source) => source.letter !== null && source.finding_ids.some((id) => repair.finding_ids.includes(id)),
  )
  const isFixed = (source: Trace['sources'][number]): boolean => {
    const method = ourFix(source)
    const here = source.finding_ids.filter((id) => repair.finding_ids.includes(id))
    return method !== null && isFixedBy(method, source, job, here)
  }
  const open = sources.filter((source) => !isFixed(source))
  const isFix = sources.some((source) => ourFix(source) === repair.method)
  const known = METHOD_KNOWLEDGE[repair.method]
  const notices: string[] = []
  const blocked = advice
    .filter((each) => repair.finding_ids.includes(each.finding_id))
    .flatMap((each) => each.methods)
    .filter((each) => each.method === repair.method && each.verdict === 'blocked')
  for (const each of blocked) notices.push(`Chosen against advice: ${each.reasons[0]}`)
  for (const source of open) {
    if (isFix) continue
    const decision = decisionOn(source, job)
    const why =
      decision?.decision === 'declined'
        ? ` Declined by ${decision.by}${decision.reason ? `: ${decision.reason}` : ''}; the warranty is limited for that.`
        : ''
    notices.push(`Source ${source.letter} not fixed: ${causeOf(source.cause).ifOnlyEffect}${why}`)
  }
  const untraced = repair.finding_ids.some((id) => trace.unexplained.includes(id))
  if (untraced && repair.method !== 'watch' && repair.method !== 'refer') {
    notices.push('Effect only: the source is not known, so the warranty is class G.')
  }
  const { seen, guessed } = repair.extent
    ? { seen: repair.extent.value, guessed: repair.extent.how === 'guessed' }
    : seenLength(findings)
  const stays = (open.length > 0 && !isFix) || untraced
  return {
    kind: 'repair',
    id: repair.id,
    method: repair.method,
    component: repair.component,
    material: repair.material,
    finding_ids: repair.finding_ids,
    place,
    where,
    seen,
    guessed,
    count: repair.count ?? Math.max(1, ...findings.map((finding) => finding.count ?? 1)),
    life_years: lifeOf(repair.method, repair.material, stays),
    warranty: stays && known.warranty !== 'none' ? 'G' : known.warranty,
    notices,
    pendingEngineer: context.cautions.some(
      (caution) =>
        caution.kind === 'engineer' && caution.finding_ids.some((id) => repair.finding_ids.includes(id)),
    ),
    outside: outsideOf(findings, job),
    fixes: isFix ? sources.flatMap((source) => (source.letter ? [source.letter] : [])) : [],
  }
}

/** Words only when every finding of the item is outside: one inside makes it our work. */
function outsideOf(findings: readonly Finding[], job: JobDocument): string | null {
  const standings = findings.map((finding) => outsideScope(finding, job))
  const first = standings[0]
  return first && standings.every((each) => each !== null) ? outsideWords(first) : null
}

function whereOfPlace(place: Place, job: JobDocument): string {
  if (place.kind !== 'side') return 'place not noted yet'
  const side = job.sides.find((each) => each.id === place.side_id)
  return side ? `${side.facing} ${side.letter}` : 'place not noted yet'
}

/** Methods for every finding, and the items that the choices make. */
export function scopeJob(job: JobDocument, trace: Trace, cautions: readonly Caution[]): Scope {
  const context = { job, trace, cautions }
  const advice = job.findings.map((finding) => ({
    finding_id: finding.id,
    methods: adviseMethods(finding, context),
  }))
  const answered = new Set(job.repairs.flatMap((repair) => repair.finding_ids))
  return {
    advice,
    items: job.repairs.map((repair) => itemOf(repair, context, advice)),
    areas: job.area_works.map((work): AreaItem => {
      const side = job.sides.find((each) => each.id === work.side_id)
      const notices =
        side?.cladding === 'hardboard-lap' ? ['No pressure washing on hardboard: by hand, low pressure.'] : []
      return {
        kind: 'area',
        id: work.id,
        work,
        where: side ? `${side.facing} ${side.letter}` : 'side',
        notices,
        warranty: 'E',
      }
    }),
    open: job.findings
      .filter((finding) => isDamage(finding) && !answered.has(finding.id))
      .map((finding) => finding.id),
  }
}
