import { rowsById, type Row } from '../row'

/** What a member is made of. `price_times`: its boards over those of finger-jointed primed pine; null: never bought as such. */
export type MaterialRow = Row & { readonly price_times: number | null; readonly known: boolean }

const row = (id: string, name: string, price_times: number | null, known = true): MaterialRow => ({
  id,
  name,
  source: 'our judgement',
  price_times,
  known,
})

export const MATERIALS: readonly MaterialRow[] = [
  row('finger-jointed-pine', 'finger-jointed primed pine', 1),
  row('clear-cedar', 'clear cedar', 2),
  row('wood-unknown', 'wood, kind not known', null, false),
  row('fibre-cement', 'fibre-cement', 1.1),
  row('hardboard', 'hardboard', 0.9),
  row('engineered-wood', 'engineered wood', 1),
  row('pvc', 'cellular PVC', 2.2),
  row('framing', 'framing lumber', 0.5),
  row('treated', 'preservative-treated wood', 0.8),
  row('unknown', 'not known', null, false),
]
const ROWS = rowsById(MATERIALS)

export function materialOf(id: string): MaterialRow | null {
  return ROWS.get(id) ?? null
}
export function materialName(id: string): string {
  return ROWS.get(id)?.name ?? `unknown material (${id})`
}

/** A cladding, and whether a painter paints it: brick is not, shingles are stained. Masonry is never stripped. */
export type CladdingRow = Row & {
  readonly painted: boolean
  readonly masonry: boolean
  /** True surface over flat wall area. */
  readonly surface: number
}
const clad = (id: string, name: string, painted: boolean, surface: number, masonry = false): CladdingRow => ({
  id,
  name,
  source: 'our judgement',
  painted,
  masonry,
  surface,
})
export const CLADDINGS: readonly CladdingRow[] = [
  clad('wood-lap', 'wood lap', true, 1.1),
  clad('fibre-cement-lap', 'fibre-cement lap', true, 1.1),
  clad('hardboard-lap', 'hardboard lap', true, 1.1),
  clad('engineered-lap', 'engineered lap', true, 1.1),
  clad('panel', 'panel', true, 1.1),
  clad('shingle', 'shingle', false, 1.3),
  clad('stucco', 'stucco', true, 1.4),
  clad('brick', 'brick', false, 1, true),
  clad('board-and-batten', 'board and batten', true, 1.2),
  clad('unknown', 'not known', true, 1.1),
]
const CLAD = rowsById(CLADDINGS)
export function claddingOf(id: string): CladdingRow | null {
  return CLAD.get(id) ?? null
}
