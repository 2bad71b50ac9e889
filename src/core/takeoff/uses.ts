import { goodName, goodOf, partOf, type GoodUse, type Per, type Recipe } from '../catalogue'
import { rowsOf, type ReckonedRows } from '../firmValues/rows'
import type { JobDocument } from '../job'
import { addLengths, dressedSize, inches, toFeet, type Length } from '../measure'
import type { ScopeItem } from '../scope'
import { reachOf } from './factors'
import type { Pace } from './hours'
import type { WorkedPlace } from './places'

/** Goods by what is used, before they are rounded to packages over the job. */
export type Consumable = {
  /** Its row in the catalogue. */
  readonly id: string
  readonly name: string
  readonly quantity: number
  readonly unit: string
  readonly why: string
}

/** A quantity of goods, under their names. */
export function consumable(id: string, quantity: number, why: string): Consumable {
  return { id, name: goodName(id), quantity, unit: goodOf(id)?.unit ?? '', why }
}

/** Feet of new wood at a place. */
function wood_ft(place: WorkedPlace): number {
  return place.pieces.reduce((sum, piece) => sum + toFeet(piece.length) * piece.count, 0)
}

/** How many units of a recipe there are at a place. */
function unitsAt(per: Per, place: WorkedPlace, job: JobDocument): number {
  switch (per) {
    case 'place':
      return place.times
    case 'ft':
      return toFeet(place.length) * place.times * place.courses
    case '100 ft':
      return unitsAt('ft', place, job) / 100
    case 'head-metal-ft': {
      if (place.head === null) return 0
      // Each end runs past the casing by the firm's habit and turns up half an inch as an end dam.
      const past = job.settings.head_flashing_past_casing as Length
      return toFeet(addLengths(place.head, past, past, inches(1))) * place.times
    }
    case '100 ft2 gross':
      return (place.area?.gross_ft2 ?? 0) / 100
    case 'ft2':
      return (place.ft2 ?? 0) * place.times
    case '100 ft2':
      return unitsAt('ft2', place, job) / 100
    case '32 ft2':
      return unitsAt('ft2', place, job) / 32
    case 'ft2 surface':
      return place.area?.surface_ft2 ?? 0
  }
}

/** A task at a place, before its hours. */
export type Use = {
  readonly task: string
  readonly quantity: number
  readonly rate: Pace | null
  readonly place: WorkedPlace
}

function partUse(item: ScopeItem, place: WorkedPlace): Use[] {
  const part = partOf(item.component)
  if (!part?.task) return []
  const { per, byMaterial, task } = part.task
  const material = place.pieces[0]?.material ?? ''
  const ft = toFeet(place.length) * place.times
  const quantity = {
    ft: ft * place.courses,
    ft2: ft * toFeet(place.across ?? dressedSize(place.pieces[0]?.section ?? '')?.width ?? inches(6)),
    piece: place.times,
    'pair-10ft': (place.times * place.legs * Math.max(1, toFeet(place.length) / 10)) / 2,
  }[per]
  return [{ task: byMaterial?.[material] ?? task, quantity, rate: null, place }]
}

const CONDITION: Readonly<Record<string, Pace>> = { light: 'low', typical: 'typical', heavy: 'high' }

function ladderUse(place: WorkedPlace, rows: ReckonedRows): Use[] {
  if (reachOf(place.top, rows.reach).gear !== 'ladder') return []
  const upright = place.pieces.length > 0 && place.area === null && place.length > place.top
  const moves = upright ? 1 : Math.max(1, Math.ceil(toFeet(place.length) / rows.ladder_serves_ft))
  return [{ task: 'ladder-move', quantity: moves * place.times, rate: null, place }]
}

/** Tasks at a place, before their hours. */
export function usesAt(
  item: ScopeItem,
  recipe: Recipe,
  place: WorkedPlace,
  { job, rows }: { readonly job: JobDocument; readonly rows: ReckonedRows },
): Use[] {
  const condition = item.item.condition
  return [
    ...(recipe.byPart ? partUse(item, place) : []),
    ...recipe.tasks.map((each): Use => ({
      task: each.task,
      quantity: unitsAt(each.per, place, job) * each.times,
      rate: each.byCondition && condition !== null ? CONDITION[condition]! : null,
      place,
    })),
    ...ladderUse(place, rows),
  ]
}

/** Goods at a place, before they are gathered over the job. */
export function goodsAt(item: ScopeItem, recipe: Recipe, place: WorkedPlace, job: JobDocument): Consumable[] {
  const byPart: readonly GoodUse[] = recipe.byPart
    ? (rowsOf(job.settings).part(item.component)?.goods ?? [])
    : []
  return [
    ...byPart.map(({ good, per_ft, why }) => consumable(good, per_ft * wood_ft(place), why)),
    ...recipe.goods.map(({ good, per, times, why }) =>
      consumable(good, unitsAt(per, place, job) * times, why),
    ),
  ]
}

/** Old paint broken at a place, square feet. */
export function paintBroken(item: ScopeItem, recipe: Recipe, place: WorkedPlace, job: JobDocument): number {
  if (recipe.paint_ft2) return unitsAt(recipe.paint_ft2.per, place, job) * recipe.paint_ft2.times
  const part = partOf(item.component)
  return part?.disturbsPaint ? wood_ft(place) * part.painted_ft2_per_ft : 0
}
