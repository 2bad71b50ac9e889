import { CAUTIONS_BY_SIGN, cautionOf, NO_PRESSURE_ON, partOf, type CautionKind } from '../catalogue'
import { placeOf } from '../geometry'
import { byId, factsOf, type JobDocument } from '../job'
import { dangersOf, type Danger } from './dangers'
import { isLeadPresumed } from './leadRule'
import { placeWords, whereOf } from '../geometry/whereOf'

/** A thing that can hurt someone: what, where, what can happen, what to do now, who. */
export type Caution = {
  /** Stable: the trigger and what it hangs on. An acknowledgement names it. */
  readonly id: string
  /** The row of the catalogue it is. */
  readonly row: string
  readonly kind: CautionKind
  /** Smaller is worse. */
  readonly rank: number
  readonly what: string
  readonly where: string
  readonly canHappen: string
  readonly doNow: string
  readonly who: string
  readonly finding_ids: readonly string[]
  /** Keep-off, shoring and lead gate the task, never the bid. */
  readonly gates: 'task' | 'nothing'
  readonly acknowledged: { readonly by: string; readonly reason: string } | null
}

type Draft = Omit<Caution, 'acknowledged'>

function draft(
  id: string,
  row: ReturnType<typeof cautionOf>,
  of: Pick<Draft, 'what' | 'where' | 'finding_ids'>,
): Draft {
  const { kind, rank, canHappen, doNow, who, gates } = row
  return { id, row: row.id, kind, rank, canHappen, doNow, who, gates, ...of }
}

/** An acknowledgement names a caution by these. */
const ID_OF: Partial<Record<string, string>> = {
  'keep-off': 'keep-off:finding',
  'structural-decay': 'engineer',
  'pest-signs': 'pest',
}

function whereIs(danger: Danger, job: JobDocument): string {
  const finding = byId(job.findings, danger.finding_id)
  if (finding) return whereOf(finding, job)
  const { at } = danger
  if (at.kind === 'place') return placeWords(at.place, job)
  const id = at.kind === 'whole-side' || at.kind === 'feature' ? at.side_id : null
  const side = byId(job.sides, id)
  return side ? `${side.facing} ${side.letter}` : 'the house'
}

const TENDONS = 'tendons'
const RAISED_BY_SIGNS: ReadonlySet<string> = new Set(CAUTIONS_BY_SIGN.map(({ id }) => id))

/** One caution for all that raises it alike: the places in a row, never the same sentence twice. */
function seenDrafts(job: JobDocument, dangers: readonly Danger[]): Draft[] {
  const byRow = new Map<string, Danger[]>()
  for (const danger of dangers) {
    if (danger.hazard_id !== null || !RAISED_BY_SIGNS.has(danger.row.id)) continue
    byRow.set(danger.row.id, [...(byRow.get(danger.row.id) ?? []), danger])
  }
  return [...byRow.values()].map((of) =>
    draft(`seen:${of[0]!.row.id}`, of[0]!.row, {
      what: of[0]!.says,
      where: [...new Set(of.map((each) => whereIs(each, job)))].join('; '),
      finding_ids: of.flatMap((each) => each.finding_id ?? []),
    }),
  )
}

/** All that one survey shows of one kind, in one sentence. */
function allSaid(danger: Danger, dangers: readonly Danger[]): string {
  const alike = dangers.filter((each) => each.survey_id === danger.survey_id && each.row.id === danger.row.id)
  return alike.map((each) => each.says).join(', ')
}

function fromDangers(job: JobDocument, dangers: readonly Danger[]): Draft[] {
  const hazards = new Map(factsOf(job, 'hazard').map((hazard) => [hazard.id, hazard]))
  const said = new Set<string>()
  return dangers.flatMap((danger): Draft[] => {
    if (danger.hazard_id === null && RAISED_BY_SIGNS.has(danger.row.id)) return []
    const hazard = danger.hazard_id === null ? undefined : hazards.get(danger.hazard_id)
    const id = hazard
      ? `hazard:${hazard.id}`
      : danger.survey_id
        ? `survey:${danger.survey_id}:${danger.row.id}`
        : `${ID_OF[danger.row.id] ?? danger.row.id}:${danger.finding_id}`
    if (said.has(id)) return []
    said.add(id)
    const made = draft(id, danger.row, {
      what: danger.survey_id ? allSaid(danger, dangers) : danger.says,
      where: whereIs(danger, job),
      finding_ids: danger.finding_id === null ? [] : [danger.finding_id],
    })
    // Whoever noted a hazard said what to do; the row's own words stand where he did not.
    return [hazard ? { ...made, doNow: hazard.do_now || made.doNow } : made]
  })
}

function leadDraft(job: JobDocument): Draft[] {
  const painted = job.findings.filter((finding) => partOf(finding.component)?.disturbsPaint)
  const worked = job.work_items.length > 0
  if ((painted.length === 0 && !worked) || !isLeadPresumed(job.house?.year_built ?? null)) return []
  const known = job.house?.year_built.kind === 'known'
  return [
    draft('lead:house', cautionOf('lead'), {
      what: known
        ? 'the house was built before 1978, so its paint is taken for lead paint'
        : 'nobody knows when the house was built, so its paint is taken for lead paint',
      where: 'Painted parts we disturb',
      finding_ids: painted.map((finding) => finding.id),
    }),
  ]
}

/** A slab that is known to have tendons: nobody needs to see a pocket first. */
function tendonDraft(job: JobDocument, dangers: readonly Danger[]): Draft[] {
  const isSeen = dangers.some(({ hazard_id, row }) => hazard_id === null && row.id === TENDONS)
  if (job.house?.foundation !== 'slab-tendons' || isSeen) return []
  return [
    draft(`${TENDONS}:house`, cautionOf(TENDONS), {
      what: 'the slab of this house has tendons in it',
      where: 'Slab and its edge',
      finding_ids: [],
    }),
  ]
}

function washDrafts(job: JobDocument): Draft[] {
  return job.work_items.flatMap((item) =>
    item.places.flatMap(({ at }): Draft[] => {
      if (at.kind !== 'whole-side') return []
      const side = byId(job.sides, at.side_id)
      if (!side || !NO_PRESSURE_ON.includes(side.cladding)) return []
      const findings = job.findings.filter((finding) => {
        const place = placeOf(finding, job)
        return place.kind === 'side' && place.side_id === side.id
      })
      return [
        draft(`no-pressure-wash:${item.id}`, cautionOf('no-pressure-wash'), {
          what: 'hardboard siding to be washed',
          where: `${side.facing} ${side.letter}`,
          finding_ids: findings.map((finding) => finding.id),
        }),
      ]
    }),
  )
}

/** How many cautions stand on the screen or on a bid's first page. */
export const AT_MOST = 3

export type Cautions = {
  /** All of them, worst first. None ever vanishes from here. */
  readonly all: readonly Caution[]
  /** At most three: keep-off always, then those nobody has acknowledged. */
  readonly shown: readonly Caution[]
  /** What they mean for work, place by place. */
  readonly dangers: readonly Danger[]
}

/** Cautions raised by the findings, facts and chosen work of a job. */
export function cautionsOf(job: JobDocument): Cautions {
  const acknowledgements = factsOf(job, 'acknowledgement')
  const dangers = dangersOf(job)
  const all = [
    ...fromDangers(job, dangers),
    ...seenDrafts(job, dangers),
    ...leadDraft(job),
    ...tendonDraft(job, dangers),
    ...washDrafts(job),
  ]
    .sort((a, b) => a.rank - b.rank)
    .map((each): Caution => {
      const said = acknowledgements.findLast((one) => one.caution_id === each.id)
      return { ...each, acknowledged: said ? { by: said.by, reason: said.reason } : null }
    })
  const shown = all.filter((each) => each.kind === 'keep-off' || each.acknowledged === null).slice(0, AT_MOST)
  return { all, shown, dangers }
}
