import { WORK_SAYS } from '../catalogue/sentences/work'
import {
  damagedAs,
  lifeOf,
  methodOf,
  needSaid,
  type Life,
  type MethodRow,
  type WARRANTIES,
} from '../catalogue'
import { dangersAt, type Danger } from '../caution'
import { rowsOf } from '../firmValues/rows'
import { byId, gradeOf, isDamage, SOFT_GRADE, type JobDocument, type WorkItem } from '../job'
import type { Length } from '../measure'
import { CAUSE_IDS, causeNamed, causeOf, type Trace } from '../trace'
import { adviseMethods, type MethodAdvice } from './adviseMethods'
import { itemName } from './itemName'
import { openDangers } from './openDangers'
import { cures, decisionOn, fixStanding, type FixStanding, type Placed } from './sourceDecision'
import { SCOPE_KINDS } from './scopeLine'
import { renewedWithSide, wantsAfter } from './sideWork'
import { spotsOf, type ItemSpot, type Standing } from './spots'

/** A piece of work, derived from a choice; it takes the choice's id. */
export type ScopeItem = {
  /** `area`: over whole sides, `repair`: at places. */
  readonly kind: 'repair' | 'area'
  readonly id: string
  readonly item: WorkItem
  readonly method: string
  readonly material: string
  /** Null: a method that this program does not know. It is shown, and priced only when a price is typed. */
  readonly row: MethodRow | null
  /** What it is called: its own name, or part and method. */
  readonly name: string
  readonly component: string | null
  readonly finding_ids: readonly string[]
  readonly spots: readonly ItemSpot[]
  /** How it stands: `ours` when any of its places is. */
  readonly standing: Standing
  /** Why it is not ours; empty when it is. */
  readonly why: string
  readonly where: string
  /** Lengths seen or said at all its places together; null where none was measured. */
  readonly seen: Length | null
  /** Guessed lengths price too, and say so. */
  readonly guessed: boolean
  /** Pieces or courses at all its places together. */
  readonly count: number
  readonly pendingEngineer: boolean
  /** Why nothing of it is ours where that follows from the scope line; null otherwise. */
  readonly outside: string | null
  readonly life_years: Life
  readonly warranty: keyof typeof WARRANTIES
  /** What must be there before it is begun, for the owner. */
  readonly needs: readonly string[]
  /** What the person should know about this choice, in plain words. */
  readonly notices: readonly string[]
  /** Source letters it fixes. */
  readonly fixes: readonly string[]
  /** It ends a source, and what was found there is mended by something else: it is not told again with it. */
  readonly endsOnly: boolean
}

export type Scope = {
  readonly advice: readonly { readonly finding_id: string; readonly methods: readonly MethodAdvice[] }[]
  readonly items: readonly ScopeItem[]
  /** Of the items, those over whole sides, with the choice they come from. */
  readonly areas: readonly (ScopeItem & { readonly work: WorkItem })[]
  /** How the fix of each lettered source stands, by its letter. */
  readonly fixes: Readonly<Record<string, FixStanding>>
  /** Findings that no choice answers yet. */
  readonly open: readonly string[]
}

type Context = {
  readonly job: JobDocument
  readonly trace: Trace
  readonly dangers: readonly Danger[]
  readonly advice: Scope['advice']
  readonly placed: readonly Placed[]
}

/** Standings that the scope line gives. */
function isByLine(standing: Standing): boolean {
  return (SCOPE_KINDS as readonly string[]).includes(standing)
}

/** Whether there is a source to look for at all: nobody asks what bent a piece of skirting. */
function hasCauses(component: string | null): boolean {
  const part = damagedAs(component)
  return part === null || CAUSE_IDS.some((id) => causeOf(id).damages.includes(part))
}

type Advice = Scope['advice']

/** What is advised of a method at a finding. */
const adviceAt = (finding_id: string, method: string, advice: Advice): MethodAdvice | undefined =>
  advice.find((each) => each.finding_id === finding_id)?.methods.find((each) => each.method === method)

/** Whether something else mends what an item that ends a source was taken for: a joint is sealed anew beside the new wood. */
function isMendedBeside(finding_id: string, item: WorkItem, { placed, advice }: Context): boolean {
  return placed.some(({ item: other }) => {
    const row = methodOf(other.method)
    return (
      other.id !== item.id &&
      other.state === 'ours' &&
      other.finding_ids.includes(finding_id) &&
      row?.answers === 'findings' &&
      row.does === 'mends' &&
      // Another fix mends it too, where it is no sealant over soft wood itself.
      (other.cures.length === 0 || adviceAt(finding_id, other.method, advice)?.verdict !== 'blocked')
    )
  })
}

/** What a person should know of a method chosen against advice, and of what stands in the way. */
function warnings(placed: Placed, context: Context): string[] {
  const { item, spots } = placed
  const blocked = item.finding_ids.flatMap((id) => {
    if (item.cures.length > 0 && isMendedBeside(id, item, context)) return []
    const mine = adviceAt(id, item.method, context.advice)
    return mine && (mine.verdict === 'blocked' || mine.warned) ? [mine] : []
  })
  const onWork = spots.flatMap((spot) =>
    dangersAt(
      { component: item.component, spot: spot.at, finding_ids: spot.finding_ids },
      context.dangers,
      context.job,
    )
      .filter(({ row }) => row.effect === 'warns' && row.onWork !== '')
      .map(({ row }) => row.onWork),
  )
  return [...new Set([...blocked.map((each) => WORK_SAYS.againstAdvice(each.reasons[0] ?? '')), ...onWork])]
}

function itemOf(placed: Placed, context: Context): ScopeItem {
  const { item, spots } = placed
  const { job, trace } = context
  const row = rowsOf(job.settings).method(item.method)
  const mine = trace.sources.filter(
    (source) => source.letter !== null && source.finding_ids.some((id) => item.finding_ids.includes(id)),
  )
  const here = (source: Trace['sources'][number]): string[] =>
    source.finding_ids.filter((id) => item.finding_ids.includes(id))
  const open = mine.filter((source) => fixStanding(source, context.placed, job, here(source)) !== 'fixed')
  const cured = trace.sources.filter(
    (source) =>
      source.letter !== null &&
      [...source.finding_ids, ...source.also_ids].some((id) => item.finding_ids.includes(id)) &&
      cures(item, source) &&
      row?.sells,
  )
  const isFix = cured.length > 0
  const notices = [...warnings(placed, context), ...wantsAfter(item, job)]
  // What is closed for the night promises nothing, and says so itself.
  for (const source of isFix || row?.forNow ? [] : open) {
    const decision = decisionOn(source, job)
    const why = decision?.decision === 'declined' ? WORK_SAYS.fixDeclined(decision.by, decision.reason) : ''
    notices.push(
      WORK_SAYS.sourceNotFixed(causeOf(source.cause).name, `${causeOf(source.cause).ifOnlyEffect}${why}`),
    )
  }
  const untraced =
    row?.rebuilds !== 'assembly' &&
    item.finding_ids.some((id) => trace.unexplained.includes(id)) &&
    hasCauses(item.component)
  if (untraced && row?.sells && !row.forNow) notices.push(WORK_SAYS.effectOnly)
  if (row === null) {
    notices.push(WORK_SAYS.unknownMethod)
  }
  const stays = (open.length > 0 && !isFix) || untraced
  const first = spots[0]
  const standing = spots.some((spot) => spot.standing === 'ours') ? 'ours' : (first?.standing ?? 'left-out')
  const warranty = row?.warranty ?? 'none'
  const lengths = spots.flatMap((spot) => (spot.seen === null ? [] : [spot.seen * spot.times * spot.courses]))
  return {
    kind: row?.answers === 'side' ? 'area' : 'repair',
    id: item.id,
    item,
    method: item.method,
    material: item.material,
    row,
    name: itemName(item),
    component: item.component,
    finding_ids: item.finding_ids,
    spots,
    standing,
    why: standing === 'ours' ? '' : (first?.why ?? WORK_SAYS.noPlaceLeft),
    where: [...new Set(spots.map((spot) => spot.where))].join('; '),
    seen: lengths.length === 0 ? null : (lengths.reduce((sum, each) => sum + each, 0) as Length),
    guessed: spots.some((spot) => spot.guessed),
    count: spots.reduce((sum, spot) => sum + spot.times * spot.courses, 0),
    pendingEngineer: spots.some((spot) => spot.standing === 'waits'),
    outside: standing !== 'ours' && item.state === 'ours' && isByLine(standing) ? (first?.why ?? null) : null,
    life_years: row ? lifeOf(row, item.material, stays) : [0, 0],
    warranty: stays && warranty !== 'none' ? 'G' : warranty,
    needs: (row?.needs ?? []).flatMap((need) => needSaid(need, job.job.permit)),
    notices: [...new Set(notices)],
    fixes: cured.flatMap((source) => (source.letter ? [source.letter] : [])),
    endsOnly:
      item.cures.length > 0 &&
      (row?.answers === 'source' || item.finding_ids.every((id) => isMendedBeside(id, item, context))),
  }
}

const isOfStructure = (cause: string): boolean => {
  const known = causeNamed(cause)
  return known !== null && causeOf(known).family === 'structure'
}

/**
 * Findings that an item answers. A fix at the source, or one that another trade does, ends the source and leaves what it has done; what was
 * found on the part that the fix mends is answered with it. A fix that would be no mending of what was found (sealant over soft wood) ends
 * the source and answers nothing. What is only made dry for the night is answered by nothing yet.
 */
function answeredBy(item: WorkItem, job: JobDocument, advice: Advice): readonly string[] {
  const row = methodOf(item.method)
  if (row?.forNow) return []
  // What moved and is not soft waits for whom it was referred to: it is not watched besides.
  const waits = row?.standsAs === 'referred' && item.cures.some((cause) => isOfStructure(cause))
  const onlyEnds = row?.answers === 'source' || (item.cures.length > 0 && row?.does === 'leaves')
  if (!onlyEnds)
    return item.cures.length === 0
      ? item.finding_ids
      : item.finding_ids.filter((id) => adviceAt(id, item.method, advice)?.verdict !== 'blocked')
  return item.finding_ids.filter((id) => {
    const finding = byId(job.findings, id)
    if (waits && finding && (gradeOf(finding) ?? 0) < SOFT_GRADE) return true
    const part = finding?.component
    return part != null && row.serves?.includes(part) === true
  })
}

/** Methods for every finding, and the items that the choices make. */
export function scopeJob(job: JobDocument, trace: Trace, all: readonly Danger[]): Scope {
  const dangers = openDangers(all, job)
  const advice = job.findings.map((finding) => ({
    finding_id: finding.id,
    methods: adviseMethods(finding, { job, trace, dangers }),
  }))
  const placed = job.work_items.map((item): Placed => ({ item, spots: spotsOf(item, dangers, job) }))
  const context = { job, trace, dangers, advice, placed }
  // The fix of a source mends the source: what it has done is still to be answered.
  const answered = new Set([
    ...job.work_items.flatMap((item) => answeredBy(item, job, advice)),
    ...job.findings.flatMap((each) => (renewedWithSide(each, job) ? [each.id] : [])),
  ])
  const items = placed.map((each) => itemOf(each, context))
  return {
    advice,
    items,
    areas: items.filter((each) => each.kind === 'area').map((each) => ({ ...each, work: each.item })),
    fixes: Object.fromEntries(
      trace.sources.flatMap((source) =>
        source.letter === null ? [] : [[source.letter, fixStanding(source, placed, job)]],
      ),
    ),
    open: job.findings
      .filter((finding) => isDamage(finding) && !answered.has(finding.id))
      .map((finding) => finding.id),
  }
}
