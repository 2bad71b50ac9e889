import { OPENS_WALL, stepOf, TAKES_SUPPORT, TASK_STEPS, WAITS, type StepId } from '../catalogue/steps'
import { rowsOf, type ReckonedRows } from '../firmValues/rows'
import { drawnLength } from '../geometry'
import { byId, type JobDocument } from '../job'
import type { Scope, ScopeItem } from '../scope'
import type { Takeoff } from '../takeoff'
import { SLOT_MIN } from './calendar'

/** Hours of one step, of all people together. */
export type Segment = { readonly step: StepId; readonly hours: number; readonly tasks: readonly string[] }

/** Where a piece of work lies along its side, in 64ths of an inch; the whole of it, or nowhere on a side. */
export type Extent = { readonly from: number; readonly to: number } | 'whole'

/** A piece of planned work: steps of one item at one side that a crew does in one go. */
export type PlanUnit = {
  /** Item, side and part of it: the same as long as those are. */
  readonly key: string
  /** Null: it serves the whole job, or all work on a side. */
  readonly item_id: string | null
  /** A side’s id, or where it is off the walls. */
  readonly side: string
  readonly extent: Extent
  /** In the order in which they are done. */
  readonly segments: readonly Segment[]
  readonly hours: number
  /** People it takes at least, and usually at most. */
  readonly people: readonly [least: number, most: number]
  /** Where it was too much for one day: which part of how many. */
  readonly part: { readonly at: number; readonly of: number } | null
  /** It opens a wall or the roof’s edge and dries it in: begun and ended on one day. */
  readonly inOneDay: boolean
  /** It stays open over night and cannot be done in stretches: covered in the evening. */
  readonly coveredAtNight: boolean
  readonly outside: boolean
  readonly atHeight: boolean
}

/** Why an item is not planned. */
export type Refused = {
  readonly item_id: string
  readonly why: 'no-shoring' | 'never-closed'
}

/** Off the walls, what is beside what: one deck, one crawl space, one roof, the rooms. */
function areaOf(item: ScopeItem): string {
  const kinds = new Set(item.spots.map(({ at }) => at.kind))
  for (const kind of ['deck', 'crawl', 'roof', 'room'] as const) if (kinds.has(kind)) return kind
  return 'elsewhere'
}

function extentOf(item: ScopeItem, side: string, job: JobDocument): Extent {
  const ends: number[] = []
  for (const spot of item.spots) {
    if (spot.standing !== 'ours') continue
    if (spot.at.kind === 'whole-side' && spot.at.side_id === side) {
      if (spot.stretch === null) return 'whole'
      ends.push(spot.stretch.from, spot.stretch.to)
    }
    if (spot.at.kind === 'side' && spot.at.side_id === side) {
      if (spot.at.station_unsaid) return 'whole'
      ends.push(spot.at.station, spot.at.station + (spot.seen ?? 0))
    }
  }
  const found = byId(job.sides, side)
  if (ends.length === 0 || !found) return 'whole'
  const from = Math.min(...ends)
  const to = Math.max(...ends)
  return to - from >= drawnLength(found, job) ? 'whole' : { from, to }
}

const hundredth = (hours: number): number => Math.round(hours * 100) / 100

type Bag = Map<StepId, { hours: number; tasks: Set<string> }>
function put(bag: Bag, step: StepId, hours: number, task: string): void {
  const held = bag.get(step) ?? { hours: 0, tasks: new Set<string>() }
  held.hours += hours
  held.tasks.add(task)
  bag.set(step, held)
}

/** Segments in the order of the trade; what goes along is spread over the rest by its hours. */
function segmentsOf(bag: Bag, along: number): Segment[] {
  const rest = [...bag.values()].reduce((sum, { hours }) => sum + hours, 0)
  if (rest === 0 && along > 0) put(bag, 'own', along, 'own')
  const times = rest === 0 ? 1 : 1 + along / rest
  const rank = (step: StepId): number => stepOf(step).rank ?? 8.5
  return [...bag]
    .map(([step, { hours, tasks }]) => ({ step, hours: hours * times, tasks: [...tasks] }))
    .filter(({ hours }) => hours > 0)
    .toSorted((a, b) => rank(a.step) - rank(b.step))
}

/** Steps that are no part of the work in the wall: each is a piece of its own. */
const APART: ReadonlySet<StepId> = new Set([
  'make-safe',
  'set-up',
  'stop-water',
  'wash',
  'prepare',
  'seal',
  'paint',
  're-hang',
  'clear',
  'own',
])
/** The last of these that an item has dries in what it opened. */
const CLOSING: readonly StepId[] = ['barrier', 'cladding', 'trim', 'substrate', 'frame']

/** Segments from the opening to what dries it in; null: nothing is opened to the weather. `closed` false: nothing dries it in. */
function openStretch(segments: readonly Segment[]): { from: number; to: number; closed: boolean } | null {
  const from = segments.findIndex(
    ({ step, tasks }) => step === 'open' && tasks.some((task) => OPENS_WALL.has(task)),
  )
  if (from < 0) return null
  for (const step of CLOSING) {
    const to = segments.findLastIndex((each, index) => index > from && each.step === step)
    if (to >= 0) return { from, to, closed: true }
  }
  return { from, to: from, closed: false }
}

/** Whether nights have to pass between two segments of one place. */
function nightsBetween(before: Segment, after: Segment): boolean {
  const rank = stepOf(after.step).rank ?? 0
  return WAITS.some(
    (wait) =>
      wait.after.step === before.step &&
      (wait.after.task === undefined || before.tasks.includes(wait.after.task)) &&
      rank >= stepOf(wait.before).rank!,
  )
}

/** Segments in the pieces in which they are done: what is open stays together, what has to wait is apart. */
function groupsOf(segments: readonly Segment[]): { segments: Segment[]; open: boolean }[] {
  const block = openStretch(segments)
  const groups: { segments: Segment[]; open: boolean }[] = []
  segments.forEach((segment, index) => {
    const open = block !== null && index >= block.from && index <= block.to
    const last = groups.at(-1)
    const joins =
      last !== undefined &&
      last.open === open &&
      !(APART.has(segment.step) && last.segments.at(-1)!.step !== segment.step) &&
      !APART.has(last.segments.at(-1)!.step) &&
      (open || !nightsBetween(last.segments.at(-1)!, segment))
    if (joins) last.segments.push(segment)
    else groups.push({ segments: [segment], open })
  })
  return groups
}

type Where = Pick<PlanUnit, 'item_id' | 'side' | 'extent' | 'outside' | 'atHeight'>
type Sizes = {
  readonly rows: ReckonedRows
  readonly slotsADay: number
  /** People of the largest crew. */
  readonly most: number
}

function peopleFor(segments: readonly Segment[], rows: ReckonedRows): readonly [number, number] {
  const crews = segments.flatMap(({ tasks }) =>
    tasks.map((task): readonly [number, number] => (task === 'own' ? [1, 1] : rows.task(task).crew)),
  )
  const least = Math.max(1, ...crews.map(([few]) => few))
  return [least, Math.max(least, ...crews.map(([, many]) => many))]
}

/** Slots that so many hours of work take so many people. */
export const slotsOf = (hours: number, people: number): number =>
  Math.max(1, Math.ceil((hours * 60) / people / SLOT_MIN - 1e-6))

/** Work counted by length or area, or at several places, is done a stretch at a time; one window is not. */
function comesInStretches(segments: readonly Segment[], rows: ReckonedRows): boolean {
  return segments.some(({ tasks }) =>
    tasks.some((task) => task !== 'own' && /ft|sheet|pieces|pair|run/.test(rows.task(task).unit)),
  )
}

/** One piece, or as many like ones as it takes days, each opened and dried in by itself. */
function unitsFrom(
  key: string,
  group: { segments: Segment[]; open: boolean },
  where: Where,
  sizes: Sizes,
  places: number,
): PlanUnit[] {
  const { rows, slotsADay } = sizes
  const hours = group.segments.reduce((sum, each) => sum + each.hours, 0)
  const people = peopleFor(group.segments, rows)
  // What is open is closed by as many as can work there.
  const most = Math.max(people[0], Math.min(people[1], sizes.most))
  const parts = group.open ? Math.ceil(slotsOf(hours, most) / slotsADay) : 1
  const inStretches = places >= parts || comesInStretches(group.segments, rows)
  const steps = group.segments.map(({ step }) => step)
  return Array.from({ length: parts }, (_, index): PlanUnit => {
    const segments = group.segments.map((each) => ({ ...each, hours: each.hours / parts }))
    return {
      ...where,
      key: parts === 1 ? `${key}/${steps[0]!}` : `${key}/${steps[0]!}/${index + 1}`,
      segments,
      hours: hundredth(hours / parts),
      people: group.open && parts > 1 ? [most, most] : people,
      part: parts === 1 ? null : { at: index + 1, of: parts },
      inOneDay: group.open,
      coveredAtNight: group.open && parts > 1 && !inStretches && index < parts - 1,
    }
  })
}

/** A task that takes a support away, and nothing of its item shores. */
function lacksShoring(segments: readonly Segment[]): boolean {
  return (
    segments.some(({ tasks }) => tasks.some((task) => task in TAKES_SUPPORT)) &&
    !segments.some(({ step }) => step === 'shore')
  )
}

/** Own work on what carries load: nobody but who wrote it down knows whether it takes it away. */
function mayTakeSupport(item: ScopeItem, segments: readonly Segment[], rows: ReckonedRows): boolean {
  const isOwn = segments.every(({ tasks }) => tasks.every((task) => task === 'own'))
  return isOwn && (rows.part(item.component)?.bears ?? false)
}

export type Units = {
  readonly units: readonly PlanUnit[]
  readonly refused: readonly Refused[]
  /** Items of own work on what carries load. */
  readonly unsure: readonly string[]
  /** Pieces that serve others: everything on a side waits for its gear. Key of the piece, and of what it serves. */
  readonly serves: ReadonlyMap<string, readonly string[]>
}

type Shared = { bag: Bag; task: string; side: string; items: Set<string> }

/**
 * The work of a job in the pieces in which it is done: each item side by side, gear and what comes off once a side as pieces of their
 * own, set-up before and clearing away after everything. The hours are those of the take-off, none more and none less.
 */
export function unitsOf(
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  days: { readonly slotsADay: number; readonly most: number },
): Units {
  const { job, scope, takeoff } = of
  const rows = rowsOf(job.settings)
  const gear = new Set(rows.gear.map(({ task }) => task))
  const sizes: Sizes = { rows, ...days }
  const items = new Map(scope.items.map((each) => [each.id, each]))
  const shared = new Map<string, Shared>()
  const units: PlanUnit[] = []
  const refused: Refused[] = []
  const unsure: string[] = []
  const ofItem = new Map<string, PlanUnit[]>()

  for (const taken of takeoff.items) {
    const item = items.get(taken.item_id)!
    const sides = new Map<string, { bag: Bag; along: number; tasks: Set<string> }>()
    for (const { side, task, hours } of taken.hoursBySide) {
      if (hours <= 0) continue
      const at = byId(job.sides, side) ? side : areaOf(item)
      if (task !== 'own' && (gear.has(task) || rows.task(task).once)) {
        const key = `${task}/${at}`
        const held = shared.get(key) ?? { bag: new Map() as Bag, task, side: at, items: new Set<string>() }
        for (const [step, share] of stepsOf(task)) put(held.bag, step, hours * share, task)
        held.items.add(item.id)
        shared.set(key, held)
        continue
      }
      const held = sides.get(at) ?? { bag: new Map() as Bag, along: 0, tasks: new Set<string>() }
      held.tasks.add(task)
      const steps = task === 'own' ? ([['own', 1]] as const) : TASK_STEPS[task]
      if (steps === 'along') held.along += hours
      else
        for (const [step, share] of steps ?? [['own', 1] as const]) put(held.bag, step, hours * share, task)
      sides.set(at, held)
    }
    for (const [side, { bag, along, tasks }] of sides) {
      const segments = segmentsOf(bag, along)
      if (segments.length === 0) continue
      if (mayTakeSupport(item, segments, rows)) unsure.push(item.id)
      if (lacksShoring(segments)) {
        refused.push({ item_id: item.id, why: 'no-shoring' })
        continue
      }
      if (openStretch(segments)?.closed === false) {
        refused.push({ item_id: item.id, why: 'never-closed' })
        continue
      }
      const zones = [...tasks].map((task) => (task === 'own' ? 'outside' : rows.task(task).zone))
      const where: Where = {
        item_id: item.id,
        side,
        extent: extentOf(item, side, job),
        outside:
          side !== 'crawl' && side !== 'room' && zones.some((zone) => zone === 'outside' || zone === 'roof'),
        atHeight: tasks.has('ladder-move') || zones.includes('roof'),
      }
      const places = item.spots.filter((spot) => spot.standing === 'ours').length
      const mine = groupsOf(segments).flatMap((group) =>
        unitsFrom(`${item.id}/${side}`, group, where, sizes, places),
      )
      units.push(...mine)
      ofItem.set(`${item.id}/${side}`, mine)
    }
  }
  const once = paidOnce(takeoff, rows)
  for (const held of containment(once.contained_h, units, rows)) {
    shared.set(`${CONTAINMENT}/${held.side}`, held)
  }
  const serves = new Map<string, readonly string[]>()
  for (const [key, { bag, side, items: users }] of shared) {
    const served = [...users].flatMap((id) => ofItem.get(`${id}/${side}`) ?? []).map((unit) => unit.key)
    const where: Where = { item_id: null, side, extent: 'whole', outside: true, atHeight: false }
    for (const segment of segmentsOf(bag, 0)) {
      const [unit] = unitsFrom(key, { segments: [segment], open: false }, where, sizes, 1)
      units.push(unit!)
      serves.set(unit!.key, served)
    }
  }
  return { units: [...again(units, once.along_h), ...wholeJob(once.bag, sizes)], refused, unsure, serves }
}

const CONTAINMENT = 'lead-containment'
const MOBILISE = 'mobilise'

/** What is paid once for the job: its first setting up and last clearing away; what every further visit sets up again; containment. */
function paidOnce(takeoff: Takeoff, rows: ReckonedRows): { bag: Bag; along_h: number; contained_h: number } {
  const bag: Bag = new Map()
  let along_h = 0
  let contained_h = 0
  for (const { task, hours } of takeoff.shared.tasks) {
    if (task === CONTAINMENT) {
      contained_h += hours
      continue
    }
    const visits = task === MOBILISE ? Math.max(1, takeoff.shared.visits) : 1
    along_h += hours * (1 - 1 / visits)
    for (const [step, share] of stepsOf(task)) {
      // Washing once more is set up with everything else, where nobody knows which side comes first.
      const at = rows.task(task).set_up_per === 'visit' && step === 'wash' ? 'set-up' : step
      put(bag, at, (hours * share) / visits, task)
    }
  }
  return { bag, along_h, contained_h }
}

/** Sheets and barriers, side by side: as much as there is work outside that breaks old paint. */
function containment(hours: number, units: readonly PlanUnit[], rows: ReckonedRows): Shared[] {
  const breaks = (unit: PlanUnit): boolean =>
    unit.outside &&
    unit.segments.some(({ tasks }) => tasks.some((task) => task !== 'own' && rows.task(task).breaksPaint))
  const bySide = new Map<string, { hours: number; items: Set<string> }>()
  for (const unit of hours > 0 ? units.filter(breaks) : []) {
    const held = bySide.get(unit.side) ?? { hours: 0, items: new Set<string>() }
    held.hours += unit.hours
    held.items.add(unit.item_id!)
    bySide.set(unit.side, held)
  }
  const all = [...bySide.values()].reduce((sum, each) => sum + each.hours, 0)
  return [...bySide].map(([side, mine]) => {
    const bag: Bag = new Map()
    for (const [step, share] of stepsOf(CONTAINMENT))
      put(bag, step, (hours * share * mine.hours) / all, CONTAINMENT)
    return { bag, task: CONTAINMENT, side, items: mine.items }
  })
}

/** What each further visit sets up again lies along all the work. */
function again(units: readonly PlanUnit[], hours: number): PlanUnit[] {
  const all = units.reduce((sum, unit) => sum + unit.hours, 0)
  if (all === 0 || hours === 0) return [...units]
  const times = 1 + hours / all
  return units.map((unit) => ({
    ...unit,
    hours: hundredth(unit.hours * times),
    segments: unit.segments.map((each) => ({ ...each, hours: each.hours * times })),
  }))
}

function stepsOf(task: string): readonly (readonly [StepId, number])[] {
  const steps = TASK_STEPS[task]
  return steps === undefined || steps === 'along' ? [['own', 1]] : steps
}

/** Set up once before, cleared away once after. */
function wholeJob(bag: Bag, sizes: Sizes): PlanUnit[] {
  const where: Where = { item_id: null, side: 'job', extent: 'whole', outside: true, atHeight: false }
  return segmentsOf(bag, 0).flatMap((segment) =>
    unitsFrom('job', { segments: [segment], open: false }, where, sizes, 1),
  )
}
