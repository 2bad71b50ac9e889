import { leadRule } from '../caution'
import { groundAt, resolveHeight, wallTop } from '../geometry'
import { dressedSize, feet, toFeet, toInches, type Length } from '../measure'
import { METHOD_KNOWLEDGE, type AreaItem, type RepairItem, type Scope } from '../scope'
import type { JobDocument } from '../job'
import { combineFactors, LEAD_SAFE, LIVED_IN, reachFactor, type Factor } from './factors'
import { paintSideRecipe } from './paintSide'
import { recipeOf, type Consumable, type Piece, type Recipe } from './recipe'
import { taskOf, type TaskId } from './tasks'

/** Hours of one task of one item: set-up + rate × quantity × factor. */
export type TaskHours = {
  readonly task: TaskId
  readonly name: string
  readonly quantity: number
  readonly unit: string
  /** After sharing: a set-up paid once a side is split over the items that use it. */
  readonly set_up_h: number
  readonly rate_h: number
  readonly factor: number
  readonly hours: number
}

export type ItemTakeoff = {
  readonly item_id: string
  readonly pieces: readonly Piece[]
  readonly consumables: readonly Consumable[]
  readonly tasks: readonly TaskHours[]
  readonly factors: readonly Factor[]
  readonly hours: number
  readonly debris_yd3: number
  readonly notes: readonly string[]
}

/** What is paid once for the job and shared back by use. */
export type SharedTakeoff = {
  readonly visits: number
  readonly visit_words: string
  readonly tasks: readonly TaskHours[]
  readonly hours: number
  readonly debris_yd3: number
}

export type Takeoff = {
  readonly items: readonly ItemTakeoff[]
  readonly shared: SharedTakeoff
  readonly hours: number
  readonly leadSafe: boolean
}

/** Loose debris over the solid taken out. Our judgement for siding and trim. */
const LOOSE = 3
/** Section of a lap board that has no nominal size: half an inch by seven. Our judgement. */
const LAP_IN2 = 3.5

function debris(pieces: readonly Piece[]): number {
  const ft3 = pieces.reduce((sum, piece) => {
    const size = dressedSize(piece.section)
    const in2 = size ? toInches(size.thickness) * toInches(size.width) : LAP_IN2
    return sum + (in2 / 144) * toFeet(piece.length) * piece.count
  }, 0)
  return (ft3 * LOOSE) / 27
}

function reachOf(place: Extract<RepairItem['place'], { kind: 'side' }>, job: JobDocument): Length {
  const side = job.sides.find((each) => each.id === place.side_id)
  if (!side) return resolveHeight(place.height, job.house)
  const { station } = place
  return (resolveHeight(place.height, job.house, { side, station }) - groundAt(side, station)) as Length
}

function heightOf(item: RepairItem | AreaItem, job: JobDocument): Length {
  if (item.kind === 'area') {
    const side = job.sides.find((each) => each.id === item.work.side_id)
    // A wall is painted from its foot to its top: half of it is reached at half height.
    return side ? ((wallTop(side, job.house) / 2) as Length) : feet(0)
  }
  // Reach is counted from the ground one stands on, not from the house's zero.
  return item.place.kind === 'side' ? reachOf(item.place, job) : feet(0)
}

function sideOf(item: RepairItem | AreaItem): string {
  if (item.kind === 'area') return item.work.side_id
  return item.place.kind === 'side' ? item.place.side_id : 'no side'
}

type Drafted = { readonly item: RepairItem | AreaItem; readonly recipe: Recipe; readonly factors: Factor[] }

/** Set-ups paid once a side, split over the items of that side by their rate hours. */
function sideSetUps(
  drafts: readonly Drafted[],
  pace: Pace,
): (task: TaskId, side: string, hours: number) => number {
  const totals = new Map<string, number>()
  for (const { item, recipe } of drafts) {
    for (const use of recipe.tasks) {
      const key = `${use.task}/${sideOf(item)}`
      totals.set(key, (totals.get(key) ?? 0) + use.quantity * taskOf(use.task)[use.rate ?? pace])
    }
  }
  return (task, side, hours) => {
    const total = totals.get(`${task}/${side}`) ?? 0
    return total > 0 ? (taskOf(task).set_up_h * hours) / total : 0
  }
}

function hoursOf(
  draft: Drafted,
  by: { cap: number; pace: Pace; shareSetUp: ReturnType<typeof sideSetUps> },
): TaskHours[] {
  const { cap, pace, shareSetUp } = by
  const factor = combineFactors(draft.factors, cap)
  return draft.recipe.tasks.map((use) => {
    const task = taskOf(use.task)
    const rate = task[use.rate ?? pace]
    const set_up_h =
      task.set_up_per === 'place'
        ? task.set_up_h
        : task.set_up_per === 'side'
          ? shareSetUp(use.task, sideOf(draft.item), use.quantity * rate)
          : 0
    return {
      task: use.task,
      name: task.name,
      quantity: use.quantity,
      unit: task.unit,
      set_up_h,
      rate_h: rate,
      factor,
      hours: set_up_h + rate * use.quantity * factor,
    }
  })
}

function sharedTask(id: TaskId, quantity: number, setUps: number, pace: Pace): TaskHours {
  const task = taskOf(id)
  const set_up_h = task.set_up_h * setUps
  return {
    task: id,
    name: task.name,
    quantity,
    unit: task.unit,
    set_up_h,
    rate_h: task[pace],
    factor: 1,
    hours: set_up_h + task[pace] * quantity,
  }
}

function shareVisits(
  drafts: readonly Drafted[],
  debris_yd3: number,
  leadSafe: boolean,
  pace: Pace,
  job: JobDocument,
): SharedTakeoff {
  const working = drafts.filter((draft) => draft.recipe.tasks.length > 0)
  if (working.length === 0) return { visits: 0, visit_words: 'no work', tasks: [], hours: 0, debris_yd3: 0 }
  const painting = working.some(
    ({ item }) => item.kind === 'area' || METHOD_KNOWLEDGE[item.method].visits === 2,
  )
  const visits = painting ? 2 : 1
  const tasks = [sharedTask('mobilise', visits, visits, pace)]
  if (working.some((draft) => draft.recipe.tasks.some((use) => use.task === 'hand-wash'))) {
    tasks.push(sharedTask('hand-wash', 0, 1, pace))
  }
  if (leadSafe) {
    const sides = new Set(
      working.filter((draft) => draft.recipe.disturbsPaint).map((draft) => sideOf(draft.item)),
    )
    const stretches = [...sides].reduce((sum, id) => {
      const side = job.sides.find((each) => each.id === id)
      const painted = working.some((draft) => draft.item.kind === 'area' && sideOf(draft.item) === id)
      // A spot repair wants one 20 ft stretch; a whole side wants its length.
      return sum + (painted && side?.length ? Math.ceil(toFeet(side.length) / 20) : 1)
    }, 0)
    tasks.push(sharedTask('lead-containment', stretches, 1, pace))
  }
  if (debris_yd3 > 0) tasks.push(sharedTask('haul', debris_yd3, 1, pace))
  return {
    visits,
    visit_words: painting ? 'one to repair and prime, one to paint' : 'one',
    tasks,
    hours: tasks.reduce((sum, each) => sum + each.hours, 0),
    debris_yd3,
  }
}

/** Which column of the hours is reckoned with: a ballpark asks for all three, a bid for the typical one. */
export type Pace = 'low' | 'typical' | 'high'

/** Pieces, consumables and hours of every item, and what the visits share. */
export function takeoffJob(job: JobDocument, scope: Scope, pace: Pace = 'typical'): Takeoff {
  const items = [...scope.items, ...scope.areas]
  const recipes = items.map((item) =>
    item.kind === 'repair' ? recipeOf(item, job) : paintSideRecipe(item, job),
  )
  const verdict = leadRule({
    year: job.house?.year_built ?? null,
    outside_ft2: recipes.reduce((sum, recipe) => sum + recipe.disturbed_ft2, 0),
    inside_ft2: 0,
    windowReplaced: false,
    prohibitedMethod: false,
  })
  const leadSafe = verdict.kind === 'applies'
  const livedIn = job.people.some((person) => person.roles.includes('lives-there'))
  const drafts = items.map((item, index): Drafted => {
    const recipe = recipes[index]!
    const factors = [reachFactor(heightOf(item, job))]
    if (recipe.disturbsPaint && leadSafe) factors.push(LEAD_SAFE)
    if (livedIn) factors.push(LIVED_IN)
    return { item, recipe, factors }
  })
  const shareSetUp = sideSetUps(drafts, pace)
  const taken = drafts.map((draft): ItemTakeoff => {
    const tasks = hoursOf(draft, { cap: job.settings.factor_cap, pace, shareSetUp })
    return {
      item_id: draft.item.id,
      pieces: draft.recipe.pieces,
      consumables: draft.recipe.consumables,
      tasks,
      factors: draft.factors,
      hours: tasks.reduce((sum, each) => sum + each.hours, 0),
      debris_yd3: debris(draft.recipe.pieces),
      notes: draft.recipe.notes,
    }
  })
  const debris_yd3 = taken.reduce((sum, each) => sum + each.debris_yd3, 0)
  const shared = shareVisits(drafts, debris_yd3, leadSafe, pace, job)
  return {
    items: taken,
    shared,
    hours: shared.hours + taken.reduce((sum, each) => sum + each.hours, 0),
    leadSafe,
  }
}
