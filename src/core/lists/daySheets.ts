import type { Caution, Cautions } from '../caution'
import { placeOf } from '../geometry'
import { byId, type JobDocument } from '../job'
import { checksOf, type CoverCheck } from '../open/coverChecks'
import type { JobPlan, PlannedUnit } from '../plan/jobPlan'
import { neededBy } from '../plan/neededBy'
import type { Scope, ScopeItem } from '../scope'
import type { Takeoff } from '../takeoff'
import { cutsOn, needsOf } from './carpenterSheets'
import { agreedWords, CREW_WORDS, type CrewWords, type Locale } from './crewWords'

/** One piece of work on a day’s sheet. */
export type DayPieceOfWork = {
  readonly key: string
  readonly name: string
  readonly where: string
  /** What of it is done, in order. */
  readonly steps: readonly string[]
  readonly part: { readonly at: number; readonly of: number } | null
  readonly hours: number
  readonly people: number
  readonly does: string
  readonly cuts: readonly string[]
  readonly needs: readonly string[]
  readonly note: string
  readonly photo_ids: readonly string[]
  /** A meter has to read this or less before it is begun; null: nothing has to be read. */
  readonly dry_percent: number | null
  /** Opened: dried in before the evening. */
  readonly dryIn: boolean
  readonly coverAtNight: boolean
  /** What is looked at, read or photographed before this piece covers it. */
  readonly seenBefore: readonly string[]
}

/** What one crew does on one day: where, what, pieces, pictures, cautions, gear, what comes. No money. */
export type DaySheet = {
  readonly day: string
  readonly crew_id: string
  readonly crew: string
  readonly cautions: readonly string[]
  readonly gear: readonly string[]
  /** Goods and pieces that are first needed on this day. */
  readonly lying: readonly string[]
  /** Trades and papers that come on this day. */
  readonly comes: readonly string[]
  readonly work: readonly DayPieceOfWork[]
}

type Of = {
  readonly job: JobDocument
  readonly scope: Scope
  readonly takeoff: Takeoff
  readonly cautions: Cautions
  readonly plan: JobPlan
}

/** Gear by the task that puts it up or moves it: what has to be in the van. */
const GEAR_TASKS = ['ladder-move', 'pump-jack-run', 'scaffold-face', 'lead-containment'] as const

function workOf(
  unit: PlannedUnit,
  of: Of & { readonly checks: readonly CoverCheck[] },
  words: CrewWords,
): DayPieceOfWork {
  const { job, scope, takeoff } = of
  const item: ScopeItem | undefined = scope.items.find(({ id }) => id === unit.item_id)
  const side = byId(job.sides, unit.side)
  const first = unit.key.slice(0, unit.key.indexOf('/'))
  const findings = job.findings.filter(({ id }) => item?.finding_ids.includes(id) ?? false)
  const cutsAt = side ? unit.side : ''
  return {
    key: unit.key,
    name: item ? words.item(item) : words.shared(first),
    where: side ? words.side(side.facing, side.letter) : words.area(unit.side),
    steps: unit.segments.map(({ step }) => words.step(step)),
    part: unit.part,
    hours: unit.hours,
    people: unit.people[0],
    does: item ? words.does(item) : '',
    // Pieces are cut when the first part of the work is begun; what follows finds them there.
    cuts:
      item &&
      unit.segments.some(
        ({ step }) => step === 'open' || step === 'frame' || step === 'trim' || step === 'cladding',
      )
        ? cutsOn(
            cutsAt,
            takeoff.items.find(({ item_id }) => item_id === item.id),
            words,
          )
        : [],
    needs: (item ? needsOf(item, of.job) : []).map((need) => words.need(need)),
    note: item?.item.note ?? '',
    photo_ids: [...new Set(findings.flatMap(({ photo_ids }) => photo_ids))],
    dry_percent: unit.gate?.most_percent ?? null,
    dryIn: unit.inOneDay,
    coverAtNight: unit.coveredAtNight,
    seenBefore: of.checks
      .filter((check) => check.unit === unit.key && check.state !== 'passed')
      .map(({ point }) => words.holdPoint(point)),
  }
}

/** Whether a caution is to be read where these pieces are worked. */
function concerns(caution: Caution, units: readonly PlannedUnit[], of: Of): boolean {
  if (caution.kind === 'keep-off' || caution.kind === 'lead') return true
  const { job, scope } = of
  const items = new Set(units.map(({ item_id }) => item_id))
  const mine = new Set(
    scope.items.filter(({ id }) => items.has(id)).flatMap(({ finding_ids }) => finding_ids),
  )
  if (caution.finding_ids.some((id) => mine.has(id))) return true
  const sides = new Set(units.map(({ side }) => side))
  const places = job.findings
    .filter(({ id }) => caution.finding_ids.includes(id))
    .map((each) => placeOf(each, job))
  if (places.length === 0) return true
  return places.some((place) => place.kind === 'side' && sides.has(place.side_id))
}

/** The sheet of every crew on every day that has work, first day first. */
export function daySheets(of: Of, locale: Locale = 'en'): DaySheet[] {
  const words = CREW_WORDS[locale]
  const { plan, job, cautions } = of
  const checks = checksOf({ job, scope: of.scope, units: plan.units })
  const lying = new Map(neededBy(plan, of.takeoff).map((each) => [each.day, each]))
  return plan.days.flatMap(({ day, units }) =>
    plan.crews.flatMap((crew): DaySheet[] => {
      const mine = units
        .map((key) => plan.units.find((unit) => unit.key === key)!)
        .filter((unit) => unit.crew === crew.id)
      if (mine.length === 0) return []
      const tasks = new Set(mine.flatMap(({ segments }) => segments.flatMap(({ tasks: each }) => each)))
      const atHeight = mine.some(({ atHeight: high }) => high)
      const needed = lying.get(day)
      return [
        {
          day,
          crew_id: crew.id,
          crew: crew.name,
          cautions: [
            ...cautions.all
              .filter((caution) => concerns(caution, mine, of))
              .map((caution) => words.caution(caution, job)),
            ...agreedWords(job.job, words),
          ],
          gear: GEAR_TASKS.filter((task) => tasks.has(task) || (task === 'ladder-move' && atHeight)).map(
            (task) => words.gear(task),
          ),
          lying: needed ? [...needed.pieces, ...needed.goods, ...needed.hired] : [],
          comes: plan.comings
            .filter(({ on, state }) => on === day && state !== 'there')
            .map(({ name }) => name),
          work: mine.map((unit) => workOf(unit, { ...of, checks }, words)),
        },
      ]
    }),
  )
}
