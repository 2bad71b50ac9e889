import { WORK_SAYS } from '../catalogue/sentences/work'
import { goodOf, methodOf, partOf, type Grain } from '../catalogue'
import { leadRule } from '../caution'
import { rowsOf, type ReckonedRows } from '../firmValues/rows'
import type { JobDocument } from '../job'
import { inches, shareCents } from '../measure'
import { newWithSide, type ItemSpot, type Scope, type ScopeItem } from '../scope'
import { combineFactors, reachOf, type Factor } from './factors'
import { factorsOf, noRateWords, type FactorsBy } from './factorsOf'
import { permitGoods } from './permit'
import { allDebris, debrisOfBoards, NO_DEBRIS, type Debris } from './debris'
import { boardAt, deckAt, placesOf, wholeBoards } from './places'
import type { Patch } from './patch'
import type { Piece, WorkedPlace } from './workedPlace'
import { hundredths, type Pace, type TaskHours } from './hours'
import {
  consumable,
  debrisAt,
  goodsAt,
  paintBroken,
  piecesAt,
  usesAt,
  type Consumable,
  type Use,
} from './uses'
import { withGear } from './gear'
import { doneOnce, sharedSetUps, type Drafted } from './shareHours'
import { shareVisits, type SharedTakeoff } from './visits'

export type ItemTakeoff = {
  readonly item_id: string
  readonly pieces: readonly Piece[]
  /** The same, each with the side it is for; lines of its own are for the first. */
  readonly bySide: readonly { readonly side: string; readonly piece: Piece }[]
  readonly consumables: readonly Consumable[]
  /** Joints with what stays: ends of new boards that meet old wood. Those within a long run are counted where it is cut. */
  readonly meets: number
  readonly tasks: readonly TaskHours[]
  /** The same hours, each with the side it is done at; empty: at none. */
  readonly hoursBySide: readonly SideHours[]
  readonly factors: readonly Factor[]
  readonly hours: number
  /** Patches to be cut from sheets, where their sides are known. */
  readonly sheets: readonly SheetCut[]
  readonly debris: Debris
  readonly notes: readonly string[]
  /** Why no price can be reckoned; empty when one can. Typed, a price stands all the same. */
  readonly lacks: readonly string[]
  /** Another item that does this work already at all of its places. */
  readonly includedIn: string | null
}

/** Hours of one task at one side. */
export type SideHours = { readonly side: string; readonly task: string; readonly hours: number }

/** So many patches alike, from sheets of one kind. */
export type SheetCut = Patch & { readonly good: string; readonly grain: Grain }

/** What a place needs cut from sheets; nothing where its recipe takes none, or nobody knows its sides. */
function sheetsOf(item: ScopeItem, places: readonly WorkedPlace[]): SheetCut[] {
  const good = item.row?.recipe?.goods.find((each) => goodOf(each.good)?.sheet)?.good
  const grain = partOf(item.component)?.patch?.grain
  if (good === undefined || grain === undefined) return []
  return places.flatMap((place) => (place.patch ? [{ ...place.patch, good, grain }] : []))
}

export type Takeoff = {
  readonly items: readonly ItemTakeoff[]
  readonly shared: SharedTakeoff
  readonly hours: number
  /** All hours ÷ (8 × people sent). */
  readonly crew_days: number
  readonly leadSafe: boolean
}

export type TakeoffOf = {
  readonly pace?: Pace
  /** Places that are reckoned: those that are ours, unless somebody asks what others would come to. */
  readonly includes?: (spot: ItemSpot, item: ScopeItem) => boolean
}

function noRecipeWords(item: ScopeItem): string | null {
  if (item.row === null) return WORK_SAYS.lacksMethod
  const { recipe } = item.row
  if (!item.row.sells) return null
  if (recipe === null) return WORK_SAYS.lacksLines
  if (!recipe.byPart) return null
  const part = partOf(item.component)
  if (part?.task && part.piece) return null
  return WORK_SAYS.lacksRecipe(part?.name ?? 'this part')
}

/** Whole boards of the house, by the first item that renews each. */
function claimsOf(
  counted: readonly { item: ScopeItem; spots: readonly ItemSpot[] }[],
  job: JobDocument,
): Map<string, string> {
  const claims = new Map<string, string>()
  for (const { item, spots } of counted) {
    for (const key of wholeBoards(item, spots, job)) if (!claims.has(key)) claims.set(key, item.id)
  }
  return claims
}

function draftOf(
  item: ScopeItem,
  spots: readonly ItemSpot[],
  claims: ReadonlyMap<string, string>,
  of: { readonly job: JobDocument; readonly rows: ReckonedRows; readonly counts: ReadonlySet<string> },
): Drafted {
  const { job } = of
  const nothing = {
    item,
    places: [],
    uses: [],
    goods: [],
    own: [],
    debris: NO_DEBRIS,
    paint_ft2: 0,
    includedIn: null,
  }
  const none = spots.length === 0 ? null : noRecipeWords(item)
  const own = item.item.lines.length > 0
  if (none !== null) return { ...nothing, lacks: own ? [] : [none] }
  const row = item.row
  if (!row?.recipe || spots.length === 0) return { ...nothing, lacks: [] }
  const { recipe } = row
  const claimedBy = (spot: ItemSpot): string | null => {
    const keys = [
      boardAt(item, spot, job),
      ...(partOf(item.component)?.assembly === 'deck' ? [deckAt(spot)] : []),
    ]
    const whole =
      row.answers === 'findings' ? newWithSide({ component: item.component, at: spot.at }, job) : null
    if (whole !== null && of.counts.has(whole.id)) return whole.id
    const by = keys.flatMap((key) => (key === null ? [] : (claims.get(key) ?? [])))[0]
    return by === undefined || by === item.id ? null : by
  }
  const others = spots.map(claimedBy)
  const mine = spots.filter((_, index) => others[index] === null)
  const places = placesOf(item, row, mine, job)
  // Of what nobody knows how many there are, nothing is set up either.
  const uses = places.filter(({ times }) => times > 0).flatMap((place) => usesAt(item, recipe, place, of))
  const boards = places.flatMap((place) => piecesAt(item, recipe, place, job))
  return {
    item,
    places,
    uses,
    goods: places.flatMap((place) => goodsAt(item, recipe, place, job)),
    paint_ft2: places.reduce((sum, place) => sum + paintBroken(item, recipe, place, job), 0),
    own: boards,
    debris: allDebris(places.map((place) => debrisAt(recipe, place, job))),
    lacks: [
      ...new Set([
        ...places.flatMap((place) => place.lacks),
        ...boards.flatMap((each) => each.lacks),
        ...noRateWords(uses, of),
      ]),
    ],
    includedIn: mine.length === 0 ? (others[0] ?? null) : null,
  }
}

type By = FactorsBy & {
  readonly cap: number
  readonly pace: Pace
  readonly shareSetUp: ReturnType<typeof sharedSetUps>
}

type HoursLine = {
  readonly use: Use
  readonly factor: number
  quantity: number
  places: number
  /** How much of it falls to each side: quantities, and the set-ups where each place pays its own. */
  readonly sides: Map<string, number>
}

/** Hours of a line on its sides, to the hundredth and none lost. */
function onSides({ use, sides }: HoursLine, hours: number): SideHours[] {
  const weights = [...sides.values()]
  const shares = shareCents(
    Math.round(hours * 100) as never,
    weights.some((each) => each > 0) ? weights : weights.map(() => 1),
  )
  return [...sides.keys()].map((side, index) => ({ side, task: use.task, hours: shares[index]! / 100 }))
}

/** An item's tasks, places of one task at one factor in one line; and the same hours side by side. */
function hoursOf(draft: Drafted, by: By): { tasks: TaskHours[]; bySide: SideHours[] } {
  const { rows } = by
  const lines = new Map<string, HoursLine>()
  for (const use of draft.uses) {
    const factor = combineFactors(factorsOf(use, by), by.cap)
    const key = `${use.task}/${use.rate ?? ''}/${factor}`
    const line = lines.get(key) ?? { use, factor, quantity: 0, places: 0, sides: new Map<string, number>() }
    lines.set(key, line)
    line.quantity += use.quantity
    line.places += use.place.set_ups
    const { side, set_ups } = use.place
    const row = rows.task(use.task)
    const own =
      row[use.rate ?? by.pace] * use.quantity * factor +
      (row.set_up_per === 'place' ? row.set_up_h * set_ups : 0)
    line.sides.set(side, (line.sides.get(side) ?? 0) + own)
  }
  const said = new Set<string>()
  const bySide: SideHours[] = []
  const tasks = [...lines.values()].map((line): TaskHours => {
    const { use, factor, quantity, places } = line
    const task = rows.task(use.task)
    const rate_h = task[use.rate ?? by.pace]
    const first = !said.has(use.task)
    said.add(use.task)
    const set_up_h =
      task.set_up_per === 'place'
        ? hundredths(task.set_up_h * places)
        : first
          ? by.shareSetUp(draft.item.id, use.task)
          : 0
    const shown = hundredths(quantity)
    const hours = hundredths(set_up_h + rate_h * shown * factor)
    bySide.push(...onSides(line, hours))
    return {
      task: use.task,
      name: task.name,
      quantity: shown,
      unit: task.unit,
      set_up_h,
      rate_h,
      factor,
      hours,
    }
  })
  return { tasks, bySide }
}

function ownTasks(item: ScopeItem): TaskHours[] {
  return item.item.lines.flatMap((line) =>
    line.kind === 'hours'
      ? [
          {
            task: 'own',
            name: line.what || 'Own work',
            quantity: hundredths(line.hours),
            unit: 'h',
            set_up_h: 0,
            rate_h: 1,
            factor: 1,
            hours: hundredths(line.hours),
          },
        ]
      : [],
  )
}

function ownPieces(item: ScopeItem): Piece[] {
  return item.item.lines.flatMap((line) =>
    line.kind === 'piece'
      ? [
          {
            section: line.section,
            material: line.material,
            length: line.length,
            count: line.count,
            joint: 'none' as const,
            least: inches(0),
            why: WORK_SAYS.whyOwnLine,
          },
        ]
      : [],
  )
}

function ownGoods(item: ScopeItem): Consumable[] {
  return item.item.lines.flatMap((line) =>
    line.kind === 'good' ? [consumable(line.good, line.quantity, WORK_SAYS.whyOwnLine)] : [],
  )
}

/** Goods of one kind in one line, to the hundredth as they are printed; what is less than that is not nothing. */
function gathered(goods: readonly Consumable[]): Consumable[] {
  const lines = new Map<string, Consumable>()
  for (const each of goods) {
    const held = lines.get(each.id)
    lines.set(each.id, held ? { ...held, quantity: held.quantity + each.quantity } : each)
  }
  return [...lines.values()].filter(({ quantity }) => quantity > 0)
}

/** Days a lift stands on the job: hours over its reach, for two people. */
function liftDays(drafts: readonly Drafted[], hours: number, rows: ReckonedRows): Consumable[] {
  const high = drafts.some(({ places }) =>
    places.some((place) => reachOf(place.top, rows.reach).gear === 'lift'),
  )
  if (!high || goodOf('lift-day') === null) return []
  const days = Math.max(1, Math.ceil(hours / (2 * rows.days.day_h)))
  return [consumable('lift-day', days, WORK_SAYS.whyLift)]
}

/** Pieces, goods and hours of every item's places that count, and what the visits share. Places that do not count take nothing. */
export function takeoffJob(job: JobDocument, scope: Scope, of: TakeoffOf = {}): Takeoff {
  const pace = of.pace ?? 'typical'
  const rows = rowsOf(job.settings)
  const includes = of.includes ?? ((spot: ItemSpot) => spot.standing === 'ours')
  const counted = scope.items.map((item) => ({
    item,
    spots: item.spots.filter((spot) => includes(spot, item)),
  }))
  const claims = claimsOf(counted, job)
  const counts = new Set(counted.flatMap(({ item, spots }) => (spots.length > 0 ? [item.id] : [])))
  const onLadders = doneOnce(
    counted.map(({ item, spots }) => draftOf(item, spots, claims, { job, rows, counts })),
    rows,
  )
  const verdict = leadRule({
    year: job.house?.year_built ?? null,
    outside_ft2: onLadders.reduce((sum, each) => sum + each.paint_ft2, 0),
    inside_ft2: 0,
    windowReplaced: false,
    prohibitedMethod: false,
  })
  const leadSafe = verdict.kind === 'applies'
  const at = {
    job,
    cap: job.settings.factor_cap,
    pace,
    leadSafe,
    livedIn: job.people.some((person) => person.roles.includes('lives-there')),
    rows,
  }
  const { drafts, gearAt } = withGear(onLadders, at)
  const by: By = { ...at, gearAt, shareSetUp: sharedSetUps(drafts, pace, rows) }
  const goods = permitGoods(
    drafts.map(({ item, goods, includedIn }, index) => {
      const isDone = counted[index]!.spots.length > 0 && includedIn === null
      return { item: item.item, goods, own: ownGoods(item), isDone }
    }),
    job.job,
  )
  const items = drafts.map((draft, index): ItemTakeoff => {
    const isCounted = counted[index]!.spots.length > 0
    const own = isCounted ? draft.item : null
    const reckoned = hoursOf(draft, by)
    const added = own ? ownTasks(own) : []
    const tasks = [...reckoned.tasks, ...added]
    const sideOf = draft.places[0]?.side ?? ''
    const bySide = [
      ...draft.places.flatMap((place) => place.pieces.map((piece) => ({ side: place.side, piece }))),
      ...draft.own.map(({ side, piece }) => ({ side, piece })),
      ...(own ? ownPieces(own).map((piece) => ({ side: sideOf, piece })) : []),
    ]
    const factors = draft.uses.flatMap((use) => factorsOf(use, by))
    const hours = tasks.reduce((sum, each) => sum + each.hours, 0)
    const high = liftDays([draft], hours, rows)
    return {
      item_id: draft.item.id,
      pieces: bySide.map(({ piece }) => piece),
      bySide,
      consumables: gathered([...goods[index]!, ...high, ...(own ? ownGoods(own) : [])]),
      meets: draft.places.reduce((sum, { meets }) => sum + meets, 0),
      tasks,
      hoursBySide: [
        ...reckoned.bySide,
        ...added.map(({ task, hours: own_h }) => ({ side: sideOf, task, hours: own_h })),
      ],
      factors: [...new Map(factors.map((factor) => [factor.name, factor])).values()],
      hours: hundredths(hours),
      sheets: sheetsOf(draft.item, draft.places),
      debris: allDebris([
        draft.debris,
        debrisOfBoards([
          ...draft.places.flatMap((place) => place.pieces),
          ...draft.own.filter(({ replaces }) => replaces).map(({ piece }) => piece),
        ]),
      ]),
      notes: [
        ...new Set([
          ...draft.places.flatMap((place) => place.notes),
          ...(draft.includedIn ? [WORK_SAYS.renewedElsewhere] : []),
        ]),
      ],
      lacks: draft.lacks,
      includedIn: draft.includedIn,
    }
  })
  const shared = shareVisits(
    drafts.map((draft, index) => ({
      hours: items[index]!.hours,
      tasks: items[index]!.tasks.map((task) => task.task),
      paints: methodOf(draft.item.item.method)?.paints ?? false,
      comes: methodOf(draft.item.item.method)?.visits ?? 1,
      breaksPaint: draft.paint_ft2 > 0,
      places: draft.places,
    })),
    { debris: allDebris(items.map((each) => each.debris)), leadSafe, pace, rows },
  )
  const hours = hundredths(shared.hours + items.reduce((sum, each) => sum + each.hours, 0))
  const crew_days = shared.people === 0 ? 0 : hundredths(hours / (rows.days.day_h * shared.people))
  return { items, shared, hours, crew_days, leadSafe }
}
