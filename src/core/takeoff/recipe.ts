import { isSiding, MEMBERS, type RepairItem } from '../scope'
import type { Feature, JobDocument, MaterialId } from '../job'
import { addLengths, feet, inches, longest, scaleLength, shortest, toFeet, type Length } from '../measure'
import type { TaskId } from './tasks'

/** A piece to be cut, all of one length. */
export type Piece = {
  readonly section: string
  readonly material: MaterialId
  readonly length: Length
  readonly count: number
  readonly why: string
}
export type Consumable = {
  readonly id: string
  readonly name: string
  readonly quantity: number
  readonly unit: string
}
export type TaskUse = {
  readonly task: TaskId
  readonly quantity: number
  readonly rate?: 'low' | 'typical' | 'high'
}

/** What an item takes before hours are reckoned. */
export type Recipe = {
  readonly pieces: readonly Piece[]
  readonly consumables: readonly Consumable[]
  readonly tasks: readonly TaskUse[]
  /** Whether painted or old surfaces are broken. */
  readonly disturbsPaint: boolean
  /** Painted surface broken, for the lead rule, square feet. */
  readonly disturbed_ft2: number
  readonly notes: readonly string[]
}

/** What a length is taken for when nobody measured one. Ours, flagged wherever it is used. */
const UNMEASURED = feet(2)

/** Longest piece sold in one length; runs longer than this are cut with joints. */
const LONGEST_STOCK = feet(16)

const NOTHING: Recipe = {
  pieces: [],
  consumables: [],
  tasks: [],
  disturbsPaint: false,
  disturbed_ft2: 0,
  notes: [],
}

/** The wood that is bought where the walk could not tell the old one. */
function boughtMaterial(item: RepairItem, job: JobDocument): { material: MaterialId; note: string | null } {
  if (item.material !== 'unknown' && item.material !== 'wood-unknown')
    return { material: item.material, note: null }
  if (isSiding(item.component) && item.place.kind === 'side') {
    const id = item.place.side_id
    const cladding = job.sides.find((side) => side.id === id)?.cladding
    if (cladding === 'fibre-cement-lap') return { material: 'fibre-cement', note: null }
    if (cladding === 'hardboard-lap' || cladding === 'engineered-lap') {
      return { material: 'engineered-wood', note: null }
    }
    return { material: 'clear-cedar', note: 'Material not known: priced as clear cedar.' }
  }
  return {
    material: 'finger-jointed-pine',
    note: 'Material not known: priced as finger-jointed primed pine.',
  }
}

function openingOf(item: RepairItem, job: JobDocument): Extract<Feature, { kind: 'window' | 'door' }> | null {
  if (item.place.kind !== 'side' || item.place.feature_id === null) return null
  const id = item.place.feature_id
  const feature = job.features.find((each) => each.id === id)
  return feature?.kind === 'window' || feature?.kind === 'door' ? feature : null
}

/** Full length of a member of an opening, or null when no opening is known. */
function memberLength(item: RepairItem, job: JobDocument): Length | null {
  const opening = openingOf(item, job)
  if (!opening) return null
  const overCasings = addLengths(opening.width, opening.casing_width, opening.casing_width)
  switch (item.component) {
    case 'head-casing':
    case 'window-sill':
    case 'sill-nose':
    case 'threshold':
      return overCasings
    case 'side-casing':
    case 'jamb-foot':
      return addLengths(opening.height, opening.casing_width)
    default:
      return null
  }
}

/**
 * Length of new wood: what was seen, the cut-back at each cut end, at least the least piece, at most the member.
 *
 * Damage seen is less than damage there.
 */
export function newLength(item: RepairItem, job: JobDocument): { length: Length; notes: string[] } {
  const rule = MEMBERS[item.component]
  const whole = memberLength(item, job)
  const notes = item.seen === null ? ['Length not measured: taken as 2 ft.'] : []
  const seen = item.seen ?? UNMEASURED
  if (item.method === 'replace-member' && whole) return { length: whole, notes: [] }
  const cutBack = rule?.cut_back ?? inches(0)
  const need = longest(addLengths(seen, cutBack, cutBack), rule?.least_piece ?? inches(0))
  return { length: whole ? shortest(need, whole) : need, notes }
}

/** A run cut into equal pieces no longer than stock. */
function splitRun(length: Length): { length: Length; count: number } {
  const count = Math.max(1, Math.ceil(length / LONGEST_STOCK))
  return { length: scaleLength(length, 1 / count), count }
}

function memberTask(item: RepairItem, length: Length, material: MaterialId): TaskUse {
  const ft = toFeet(length) * item.count
  switch (item.component) {
    case 'fascia':
      return { task: 'fascia', quantity: ft }
    case 'rake-board':
      return { task: 'rake', quantity: ft }
    case 'soffit':
      return { task: 'soffit', quantity: ft }
    case 'crown-moulding':
    case 'frieze-board':
      return { task: 'crown', quantity: ft }
    case 'corner-board':
      return { task: 'corner-board', quantity: item.count }
    case 'head-casing':
      return { task: 'head-casing-flashing', quantity: item.count }
    case 'side-casing':
      return { task: 'casing-leg', quantity: item.count }
    case 'sill-nose':
      return { task: 'sill-nose', quantity: item.count }
    case 'window-sill':
      return { task: 'whole-sill', quantity: item.count }
    case 'jamb-foot':
      return { task: 'jamb-foot', quantity: item.count }
    case 'threshold':
      return { task: 'door-sill', quantity: item.count }
    case 'water-table':
      return { task: 'water-table', quantity: ft }
    case 'lap-siding':
    case 'base-course': {
      const task =
        material === 'fibre-cement'
          ? 'lap-fibre-cement'
          : material === 'engineered-wood' || material === 'hardboard'
            ? 'lap-hardboard'
            : 'lap-wood'
      return { task, quantity: ft }
    }
    default:
      return { task: 'deck-board', quantity: ft }
  }
}

function trimRecipe(item: RepairItem, job: JobDocument): Recipe {
  const rule = MEMBERS[item.component]
  if (!rule) return { ...NOTHING, notes: ['No recipe for this part yet: type a price.'] }
  const { material, note } = boughtMaterial(item, job)
  const { length, notes } = newLength(item, job)
  const run = splitRun(length)
  const legs = item.component === 'corner-board' ? 2 : 1
  const ft = toFeet(length) * item.count
  return {
    pieces: [
      {
        section: rule.section,
        material,
        length: run.length,
        count: run.count * item.count * legs,
        why:
          item.method === 'piece-in' ? 'seen + cut-back each end, at least the least piece' : 'whole member',
      },
    ],
    consumables: [
      { id: 'fasteners', name: 'Fasteners, ring-shank', quantity: ft * 0.05, unit: 'lb' },
      { id: 'primer', name: 'Primer for all faces and ends', quantity: (ft * 1.04 * 1.2) / 300, unit: 'gal' },
      { id: 'sealant', name: 'Sealant', quantity: ft / 18, unit: 'cartridge' },
    ],
    tasks: [memberTask(item, length, material)],
    disturbsPaint: true,
    disturbed_ft2: ft * 0.6,
    notes: [...notes, ...(note ? [note] : [])],
  }
}

function headFlashingRecipe(item: RepairItem, job: JobDocument): Recipe {
  const opening = openingOf(item, job)
  const { material, note } = boughtMaterial({ ...item, component: 'head-casing' }, job)
  const casing = opening
    ? addLengths(opening.width, opening.casing_width, opening.casing_width)
    : (item.seen ?? feet(4))
  const past = job.settings.head_flashing_past_casing
  // Each end runs past the casing by the firm's habit and turns up half an inch as an end dam.
  const metal = addLengths(casing, past as Length, past as Length, inches(1))
  return {
    pieces: [{ section: '1x6', material, length: casing, count: item.count, why: 'head casing, whole' }],
    consumables: [
      { id: 'head-cap', name: 'Head cap metal', quantity: toFeet(metal) * item.count, unit: 'ft' },
      { id: 'membrane', name: 'Membrane flashing', quantity: toFeet(metal) * item.count, unit: 'ft' },
      {
        id: 'fasteners',
        name: 'Fasteners, ring-shank',
        quantity: toFeet(casing) * 0.05 * item.count,
        unit: 'lb',
      },
    ],
    tasks: [{ task: 'head-casing-flashing', quantity: item.count }],
    disturbsPaint: true,
    disturbed_ft2: toFeet(casing) * 1.5 * item.count,
    notes: [...(opening ? [] : ['No opening noted: head taken as 4 ft.']), ...(note ? [note] : [])],
  }
}

function sealRecipe(item: RepairItem): Recipe {
  const ft = toFeet(item.seen ?? UNMEASURED) * item.count
  return {
    ...NOTHING,
    // A 10.1 oz cartridge gives 24 ft of a 1/4 in joint in theory; 78 % of it in practice.
    consumables: [{ id: 'sealant', name: 'Sealant', quantity: ft / (24 * 0.78), unit: 'cartridge' }],
    tasks: [{ task: 'sealant', quantity: ft }],
    notes: item.seen === null ? ['Length not measured: taken as 2 ft.'] : [],
  }
}

function paintRecipe(item: RepairItem): Recipe {
  const ft = toFeet(item.seen ?? UNMEASURED) * item.count
  return {
    ...NOTHING,
    consumables: [
      { id: 'primer', name: 'Primer', quantity: ft / 250, unit: 'gal' },
      { id: 'paint', name: 'Paint, two coats', quantity: (2 * ft) / 350, unit: 'gal' },
    ],
    tasks: [
      { task: 'scrape', quantity: ft / 100 },
      { task: 'trim-paint', quantity: (2 * ft) / 100 },
    ],
    disturbsPaint: true,
    disturbed_ft2: ft,
    notes: item.seen === null ? ['Length not measured: taken as 2 ft.'] : [],
  }
}

/** What a repair item takes: pieces with their cut lengths, consumables, tasks. */
export function recipeOf(item: RepairItem, job: JobDocument): Recipe {
  switch (item.method) {
    case 'piece-in':
    case 'replace-member':
    case 'replace-course':
      return trimRecipe(item, job)
    case 'head-flashing':
      return headFlashingRecipe(item, job)
    case 're-seal':
      return sealRecipe(item)
    case 'prime-and-paint':
      return paintRecipe(item)
    case 'watch':
    case 'refer':
      return NOTHING
  }
}
