import { goodName, goodOf, partOf, type GoodUse, type Per, type Recipe } from '../catalogue'
import { rowsOf, type ReckonedRows } from '../firmValues/rows'
import type { JobDocument } from '../job'
import { addLengths, dressedSize, inches, toFeet, type Length } from '../measure'
import type { ScopeItem } from '../scope'
import { debrisFrom, NO_DEBRIS, type Debris } from './debris'
import { reachOf } from './factors'
import type { Pace } from './hours'
import { boughtMaterial } from './material'
import type { Piece, WorkedPlace } from './workedPlace'
import { sectionFor, tooWideWords } from './section'

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

/** Courses of 6 in to a foot of height. */
const COURSES_A_FT = 2

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
      return place.ft2 ?? 0
    case '100 ft2':
      return unitsAt('ft2', place, job) / 100
    case '32 ft2':
      return unitsAt('ft2', place, job) / 32
    case 'ft2 surface':
      return place.area?.surface_ft2 ?? 0
    case '100 ft2 wall':
      return (place.area?.wall_ft2 ?? 0) / 100
    case 'course':
      return ((place.area?.wall_net_ft2 ?? 0) / Math.max(1, toFeet(place.length))) * COURSES_A_FT
    case 'trim 100 ft':
      return (place.trim_ft ?? 0) / 100
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

/** Whether a place is worked at from ladders, unless something is put up to stand on. */
export const byLadder = (place: WorkedPlace, rows: Pick<ReckonedRows, 'reach'>): boolean =>
  reachOf(place.top, rows.reach).gear === 'ladder'

function ladderUse(place: WorkedPlace, rows: ReckonedRows): Use[] {
  if (!byLadder(place, rows)) return []
  const moves = place.upright ? 1 : Math.max(1, Math.ceil(toFeet(place.length) / rows.ladder_serves_ft))
  return [{ task: 'ladder-move', quantity: moves * place.times, rate: null, place }]
}

/** Whether the side of a place has a feature that work there has to move. */
function hasFeature(kind: string, place: WorkedPlace, job: JobDocument): boolean {
  return job.features.some((feature) => feature.kind === kind && feature.side_id === place.side)
}

/** A board of a recipe's own, and whether an old one like it goes. */
export type OwnPiece = {
  readonly side: string
  readonly piece: Piece
  readonly replaces: boolean
  readonly lacks: readonly string[]
}

/** No length of a jointed run of such boards is shorter: two bays. Common practice. */
const LEAST_OWN = inches(32)

/** Boards of a recipe's own at a place, whole ones, as its part is bought where the recipe does not say. */
export function piecesAt(item: ScopeItem, recipe: Recipe, place: WorkedPlace, job: JobDocument): OwnPiece[] {
  return recipe.pieces.map((use): OwnPiece => {
    const part = rowsOf(job.settings).part(use.like ?? item.component)
    const choice =
      use.section !== null || part === null
        ? null
        : sectionFor(part, { said: item.item.section, face: place.spot.face_width, casing: null })
    const { times, plus_in, least_in } = use.long
    const base = use.long.of === 'height' ? (place.area?.height ?? place.top) : place.length
    return {
      piece: {
        section: use.section ?? (choice?.kind === 'section' ? choice.section : ''),
        material:
          use.material ?? (part ? boughtMaterial(item, part, place.spot, job).material : item.material),
        length: Math.max(Math.round(base * times) + inches(plus_in), inches(least_in)) as Length,
        count: Math.max(1, Math.ceil(unitsAt(use.per, place, job) * use.times - 1e-9)),
        joint: use.joint,
        least: LEAST_OWN,
        why: use.why,
      },
      side: place.side,
      replaces: use.replaces,
      lacks: choice?.kind === 'too-wide' ? [tooWideWords(choice.width)] : [],
    }
  })
}

/** Loose debris of a recipe at a place beside the boards it takes out. */
export function debrisAt(recipe: Recipe, place: WorkedPlace, job: JobDocument): Debris {
  const { debris_yd3: of } = recipe
  return of === null ? NO_DEBRIS : debrisFrom(unitsAt(of.per, place, job) * of.times, of.of ?? 'mixed')
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
    ...recipe.tasks
      .filter(({ where }) => where === undefined || hasFeature(where, place, job))
      .map((each): Use => ({
        task: each.byMaterial?.[item.material] ?? each.task,
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
