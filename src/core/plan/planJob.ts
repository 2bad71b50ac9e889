import type { StepId } from '../catalogue/steps'
import { rowsOf } from '../firmValues/rows'
import { finishedOf, type Crew, type JobDocument } from '../job'
import { productiveShare } from '../price/productive'
import type { Scope } from '../scope'
import type { Takeoff } from '../takeoff'
import { acceptedWork, isOurWork } from './accepted'
import { calendarOf, SLOT_MIN, type Calendar, type Exposed } from './calendar'
import { comingsOf, type Coming } from './comes'
import {
  cannotPlan,
  placeByRules,
  workedSlots,
  type Activity,
  type Found,
  type Mode,
  type Placed,
  type Project,
} from './engine'
import { grouped } from './grouped'
import { daysView } from './daysView'
import { gateOf } from './gateOf'
import { ALONE, type JobPlan, type PlanAround, type PlannedUnit, type Trouble } from './jobPlan'
import { linksOf, type Link } from './links'
import { whyThen, type Why } from './why'
import { slotsOf, unitsOf, type PlanUnit } from './units'

/** Everything that the search for a better plan needs to know of it, and how its answer becomes a plan again. */
export type Draft = {
  readonly project: Project
  readonly first: Found | null
  readonly planOf: (found: Found | null) => JobPlan
  readonly dayOf: (date: string) => number
}

const exposedOf = (unit: PlanUnit): Exposed => ({
  outside: unit.outside,
  atHeight: unit.atHeight,
  steps: unit.segments.map(({ step }) => step),
})

type Marks = ReadonlyMap<string, JobDocument['plan_marks'][number]>

/** First day on which a piece may begin, by what a person said and what its item waits for from elsewhere. */
function notBefore(
  unit: PlanUnit,
  of: { calendar: Calendar; marks: Marks; comings: readonly Coming[]; today: string },
): { day: number; because: Why | null } {
  const { calendar, marks, comings, today } = of
  // What is not done yet is not done in the past.
  let day = Math.max(0, calendar.dayOf(today))
  let because: Why | null = null
  const said = marks.get(unit.key)?.not_before ?? null
  if (said !== null && calendar.dayOf(said) > day) {
    day = calendar.dayOf(said)
    because = { kind: 'said', day: said }
  }
  for (const each of comings) {
    if (!each.holdsUp || each.what === 'hand-over' || each.on === null) continue
    if (each.item_id !== null && each.item_id !== unit.item_id) continue
    const on = calendar.dayOf(each.on)
    if (on > day) {
      day = on
      because = { kind: 'comes', what: each.name, day: each.on }
    }
  }
  return { day, because }
}

type Limit = ReturnType<typeof notBefore>

/** What is only set up for other work is not set up before the first of it can begin: nobody sets up for a permit that is weeks off. */
function whenNeeded(
  limits: ReadonlyMap<string, Limit>,
  open: readonly PlanUnit[],
  links: readonly Link[],
): ReadonlyMap<string, Limit> {
  const after = grouped(links, ({ before }) => before)
  const isSetUp = ({ segments }: PlanUnit): boolean => segments[0]!.step === 'set-up'
  const raised = new Map(limits)
  // Gear first: the whole job is set up for it too.
  const setUps = open.filter(isSetUp).toSorted((a, b) => Number(a.side === 'job') - Number(b.side === 'job'))
  for (const unit of setUps) {
    const served = new Set((after.get(unit.key) ?? []).map((link) => link.after))
    const firsts = open
      .filter((each) => served.has(each.key) && (each.item_id !== null || isSetUp(each)))
      .flatMap(({ key }) => raised.get(key) ?? [])
      .toSorted((a, b) => a.day - b.day)
    const [first] = firsts
    const own = raised.get(unit.key)!
    // A person's word for its day stands.
    if (own.because?.kind !== 'said' && first && first.day > own.day) raised.set(unit.key, first)
  }
  return raised
}

/** Work in kinds: two pieces that stand still on the same days are of one kind. */
function kindsOf(units: readonly PlanUnit[]): { kinds: Exposed[]; kindOf: ReadonlyMap<string, number> } {
  // The first kind is of what nobody works at: a hand-over happens in any weather.
  const kinds: Exposed[] = [{ outside: false, atHeight: false, steps: [] }]
  const seen = new Map<string, number>()
  const kindOf = new Map<string, number>()
  for (const unit of units) {
    const exposed = exposedOf(unit)
    const name = JSON.stringify(exposed.outside ? exposed : 'inside')
    const index = seen.get(name) ?? kinds.length
    if (index === kinds.length) kinds.push(exposed)
    seen.set(name, index)
    kindOf.set(unit.key, index)
  }
  return { kinds, kindOf }
}

/** Pieces with all that has to be done before them. */
function withWhatIsBefore(
  keys: readonly string[],
  waitsFor: ReadonlyMap<string, readonly Link[]>,
): ReadonlySet<string> {
  const all = new Set<string>()
  const open = [...keys]
  for (let key = open.pop(); key !== undefined; key = open.pop()) {
    if (all.has(key)) continue
    all.add(key)
    for (const { before } of waitsFor.get(key) ?? []) open.push(before)
  }
  return all
}

/** Steps in the wall, shored or open: what nobody leaves lying for a week. Washing and coats follow when the weather lets them. */
function isInTheWall({ segments }: PlanUnit): boolean {
  return segments.some(({ step }) => IN_THE_WALL.has(step))
}
const IN_THE_WALL: ReadonlySet<StepId> = new Set([
  'shore',
  'open',
  'pour',
  'frame',
  'substrate',
  'barrier',
  'trim',
  'cladding',
])

/** A crew at a piece of work, with as many of its people as it takes up to as many as it has room for. */
function waysOf(
  unit: PlanUnit,
  crew: Crew,
  index: number,
  slotsADay: number,
): { crew: string; mode: Mode }[] {
  const [least, most] = unit.people
  const counts = Array.from(
    { length: Math.max(0, Math.min(most, crew.people) - least + 1) },
    (_, n) => least + n,
  )
  return counts.flatMap((people) => {
    const slots = slotsOf(unit.hours, people)
    const fitting = unit.part === null ? slots : Math.min(slots, slotsADay)
    if (unit.inOneDay && fitting > slotsADay) return []
    return [{ crew: crew.id, mode: { use: [[index, people]] as const, slots: fitting } }]
  })
}

function daysOfUnit(
  { activity, placed }: { activity: Activity; placed: Placed },
  unit: PlanUnit,
  project: Project,
  calendar: Calendar,
): PlannedUnit['days'] {
  const slots = workedSlots(activity, placed, project)
  const byDay = grouped(slots, (slot) => calendar.dateOf(Math.floor(slot / project.slotsADay)))
  return [...byDay].map(([day, mine]) => ({
    day,
    hours: Math.round(((unit.hours * mine.length) / slots.length) * 100) / 100,
  }))
}

/** When all work of ours was said to be done; null: some is not. What serves the whole job is over with it. */
function allDoneOn({ job, scope }: { readonly job: JobDocument; readonly scope: Scope }): string | null {
  const ours = scope.items.filter(isOurWork)
  const days = ours.map(({ id }) => finishedOf(job, id)?.on ?? null)
  return ours.length === 0 || days.includes(null) ? null : (days.toSorted().at(-1) ?? null)
}

/** The pieces of work of a job, what they wait for, and the days they have: ready to be placed. */
export function draftPlan(
  given: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  today: string,
  around: PlanAround = ALONE,
): Draft {
  const work = acceptedWork(given, around.accepted)
  const { job, takeoff } = work
  const rows = rowsOf(job.settings)
  const share = productiveShare(takeoff.crew_days, job.settings, rows.days).share
  const slotsADay = Math.max(1, Math.floor((rows.days.day_h * share * 60) / SLOT_MIN))
  const { comings, handedOver } = comingsOf(work, today)
  const calendar = calendarOf(job, { today, people: takeoff.shared.people, around })
  const most = Math.max(...calendar.crews.map(({ people }) => people))
  const split = unitsOf(work, { slotsADay, most })
  const marks: Marks = new Map(job.plan_marks.map((mark) => [mark.unit, mark]))
  const links = linksOf(split, handedOver, rows)

  const tooMany = split.units.filter((unit) => unit.people[0] > most)
  const allDone = allDoneOn(work)
  const done = new Map(
    split.units.flatMap((unit) => {
      const finished = unit.item_id === null ? allDone : (finishedOf(job, unit.item_id)?.on ?? null)
      const on = marks.get(unit.key)?.done_on ?? finished
      return on === null ? [] : [[unit.key, on] as const]
    }),
  )
  const out = new Set(tooMany.map(({ key }) => key))
  const open = split.units.filter(({ key }) => !out.has(key) && !done.has(key))
  const { kinds, kindOf } = kindsOf(open)
  const limits = whenNeeded(
    new Map(open.map((unit) => [unit.key, notBefore(unit, { calendar, marks, comings, today })] as const)),
    open,
    links,
  )
  const handed = handedOver.flatMap(({ key, on }) => (on === null ? [] : [[key, on] as const]))
  const known = new Set([...open.map(({ key }) => key), ...handed.map(([key]) => key)])
  const waitsFor = grouped(links, ({ after }) => after)
  const nightsAfterDone = (key: string): number =>
    Math.max(
      0,
      ...(waitsFor.get(key) ?? []).flatMap(({ before, wait }) => {
        const on = done.get(before)
        return on !== undefined && wait ? [calendar.dayOf(on) + wait.nights] : []
      }),
    )
  const activities: Activity[] = [
    ...[...new Map(handed)].map(([key, on]): Activity => ({
      id: key,
      modes: [{ use: [], slots: 0 }],
      after: [],
      notBefore: Math.max(0, calendar.dayOf(on)),
      sameDay: false,
      kind: 0,
    })),
    ...open.map((unit): Activity => {
      const wanted = marks.get(unit.key)?.crew ?? null
      const ways = calendar.crews.flatMap((crew, index) => waysOf(unit, crew, index, slotsADay))
      const chosen = ways.filter(({ crew }) => crew === wanted)
      return {
        id: unit.key,
        modes: (chosen.length > 0 ? chosen : ways).map(({ mode }) => mode),
        after: (waitsFor.get(unit.key) ?? [])
          .filter(({ before }) => known.has(before))
          .map(({ before, wait }) => ({ id: before, nights: wait?.nights ?? 0, dry: wait?.dry ?? false })),
        notBefore: Math.max(limits.get(unit.key)!.day, nightsAfterDone(unit.key)),
        sameDay: unit.inOneDay,
        kind: kindOf.get(unit.key)!,
      }
    }),
  ]
  const goes: boolean[][] = kinds.map(() => [])
  const project: Project = {
    activities,
    slotsADay,
    resources: calendar.crews.length,
    capacity: calendar.people,
    works: (kind, day) => (goes[kind]![day] ??= calendar.works(kinds[kind]!, day)),
    isDry: (day) => calendar.sky(day) !== 'wet',
    grain: Math.ceil(slotsADay / 2),
    wanted: withWhatIsBefore(
      open.flatMap(({ key }) => (marks.get(key)?.not_before ? [key] : [])),
      waitsFor,
    ),
    order: job.plan && job.plan.order.length > 0 ? job.plan.order : null,
    together: [
      ...grouped(
        open.filter(({ item_id }) => item_id !== null),
        ({ item_id, side }) => `${item_id}/${side}`,
      ).values(),
    ].map((mine) => mine.filter(isInTheWall).map(({ key }) => key)),
  }
  const cannot = cannotPlan(project)
  const nobody = cannot?.kind === 'nobody' ? open.find(({ key }) => key === cannot.id) : undefined
  const planOf = (found: Found | null): JobPlan => {
    const byId = new Map(activities.map((each) => [each.id, each]))
    const units: PlannedUnit[] = split.units.flatMap((unit): PlannedUnit[] => {
      const gate = gateOf(unit, work)
      const on = done.get(unit.key)
      if (on !== undefined) {
        const why = { kind: 'done' as const, day: on }
        const days = [{ day: on, hours: unit.hours }]
        return [{ ...unit, first: on, last: on, days, crew: null, order: -1, why, gate, done: true }]
      }
      const placed = found?.schedule.placed.get(unit.key)
      if (!placed) return []
      const activity = byId.get(unit.key)!
      const days = daysOfUnit({ activity, placed }, unit, project, calendar)
      const crew = activity.modes[placed.mode]!.use[0]?.[0] ?? null
      return [
        {
          ...unit,
          first: days[0]!.day,
          last: days.at(-1)!.day,
          days,
          crew: crew === null ? null : calendar.crews[crew]!.id,
          order: placed.start,
          why: whyThen(activity, placed, {
            found: found!,
            project,
            calendar,
            links: waitsFor.get(unit.key) ?? [],
            because: limits.get(unit.key)!.because,
          }),
          gate,
          done: false,
        },
      ]
    })
    const ends = units.map(({ last }) => last).toSorted()
    const last = ends.at(-1) ?? null
    const days = daysView(units, last, { calendar, around, slotsADay })
    const finish_by = job.plan?.finish_by ?? null
    const over = last !== null && finish_by !== null ? calendar.dayOf(last) - calendar.dayOf(finish_by) : 0
    const nights = grouped(
      units.filter((unit) => unit.coveredAtNight),
      ({ item_id, side }) => `${item_id}/${side}`,
    )
    const troubles: Trouble[] = [
      ...work.unaccepted.map((item_id): Trouble => ({ kind: 'not-accepted', item_id })),
      ...split.unsure.map((item_id): Trouble => ({ kind: 'bears', item_id })),
      ...split.refused.map(({ item_id, why }): Trouble => ({ kind: 'refused', item_id, why })),
      ...[...tooMany, ...(nobody ? [nobody] : [])].map(({ key, people }): Trouble => ({
        kind: 'too-few-people',
        key,
        people: people[0],
      })),
      ...(found === null && open.length > 0 && !nobody ? [{ kind: 'no-days' as const }] : []),
      ...(over > 0 ? [{ kind: 'late' as const, days: over, finish_by: finish_by! }] : []),
      ...comings
        .filter(({ on, holdsUp }) => on === null && holdsUp)
        .map(({ name, item_id }): Trouble => ({ kind: 'no-day', what: name, item_id })),
      ...[...nights.values()].map((mine): Trouble => ({
        kind: 'covered-at-night',
        key: mine[0]!.key,
        nights: mine.length,
      })),
      ...comings
        .filter(({ what, on }) => what === 'appointment' && on !== null)
        .flatMap(({ item_id, on }): Trouble[] => {
          const first = units
            .filter((unit) => unit.item_id === item_id)
            .map((unit) => unit.first)
            .toSorted()[0]
          return first === undefined || first === on
            ? []
            : [{ kind: 'not-that-day', item_id: item_id!, day: on!, planned: first }]
        }),
    ]
    return {
      empty: split.units.length === 0 && split.refused.length === 0,
      units,
      links,
      days,
      crews: calendar.crews,
      comings,
      troubles,
      first: units.map((unit) => unit.first).toSorted()[0] ?? calendar.first,
      last,
      bound: found ? calendar.dateOf(Math.floor(Math.max(0, found.bound - 1) / slotsADay)) : null,
      proven: found?.proven ?? true,
      work_days: days.filter(({ units: mine }) => mine.length > 0).length,
      hours: Math.round(units.reduce((sum, { hours }) => sum + hours, 0) * 100) / 100,
      day_h: Math.round(((slotsADay * SLOT_MIN) / 60) * 100) / 100,
    }
  }
  return { project, first: cannot === null ? placeByRules(project) : null, planOf, dayOf: calendar.dayOf }
}

/** The plan as it is made at once. Source of the order: field practice; of the placing: see `engine`. */
export function planJob(
  given: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  today: string,
  around: PlanAround = ALONE,
): JobPlan {
  const draft = draftPlan(given, today, around)
  return draft.planOf(draft.first)
}
