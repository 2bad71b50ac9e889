import { z } from 'zod'

/** Parts of a house that a finding can be about, by the field's standard names. */
export const COMPONENTS = {
  fascia: 'fascia',
  'rake-board': 'rake board',
  soffit: 'soffit',
  'frieze-board': 'frieze board',
  'crown-moulding': 'crown moulding',
  'lap-siding': 'lap siding',
  'base-course': 'bottom courses of siding',
  'corner-board': 'corner board',
  'water-table': 'water table',
  'head-casing': 'head casing',
  'side-casing': 'side casing',
  'window-sill': 'window sill',
  'sill-nose': 'sill nose',
  'jamb-foot': 'jamb foot',
  threshold: 'threshold',
  sheathing: 'sheathing',
  ledger: 'deck ledger',
  'deck-board': 'deck board',
  'deck-joist': 'deck joist',
  'deck-post': 'deck post',
  guard: 'guard',
  stair: 'stair',
  joist: 'joist',
  subfloor: 'subfloor',
  girder: 'girder',
  mudsill: 'mudsill',
  'rafter-tail': 'rafter tail',
  'roof-deck': 'roof deck',
  rafter: 'rafter',
  stud: 'wall stud',
  'rim-joist': 'rim joist',
  'deck-beam': 'deck beam',
  pier: 'pier or support',
  ceiling: 'ceiling',
  'interior-wall': 'inside wall',
  floor: 'floor level',
  'foundation-wall': 'foundation wall',
  slab: 'slab',
  'brick-veneer': 'brick',
  stucco: 'stucco',
  other: 'other part',
} as const

export type ComponentId = keyof typeof COMPONENTS
export const COMPONENT_IDS = Object.keys(COMPONENTS) as [ComponentId, ...ComponentId[]]
export const Component = z.enum(COMPONENT_IDS)

export const MATERIALS = {
  'finger-jointed-pine': 'finger-jointed primed pine',
  'clear-cedar': 'clear cedar',
  'wood-unknown': 'wood, kind not known',
  'fibre-cement': 'fibre-cement',
  hardboard: 'hardboard',
  'engineered-wood': 'engineered wood',
  pvc: 'cellular PVC',
  treated: 'preservative-treated wood',
  unknown: 'not known',
} as const
export type MaterialId = keyof typeof MATERIALS
export const Material = z.enum(Object.keys(MATERIALS) as [MaterialId, ...MaterialId[]])

/** Members that carry load: grade 2 at a bearing counts one higher, and nothing here is a structural number. */
const STRUCTURAL: ReadonlySet<ComponentId> = new Set<ComponentId>([
  'ledger',
  'deck-joist',
  'deck-post',
  'joist',
  'girder',
  'mudsill',
  'guard',
  'stair',
  'rafter',
  'stud',
  'rim-joist',
  'deck-beam',
  'pier',
  'foundation-wall',
])

export function isStructural(component: ComponentId): boolean {
  return STRUCTURAL.has(component)
}
