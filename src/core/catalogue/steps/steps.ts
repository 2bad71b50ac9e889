import { rowsById, type Row } from '../row'

/**
 * A step of the work on a job, in the order in which the trade does them: what a later one covers, an earlier one has finished.
 * `es` is what a Spanish day sheet calls it.
 */
export type StepRow = Row & {
  readonly es: string
  /** Its place in the order. Null: it has none, because nobody knows what it is. */
  readonly rank: number | null
  /** A wall or roof edge stands open after it, and no longer after one of the closing ones. */
  readonly dries: 'opens' | 'closes' | null
  /** Done on any day: rain is what it is done against. */
  readonly anyWeather: boolean
}

const step = <Id extends string>(
  id: Id,
  rank: number | null,
  name: string,
  es: string,
  dries: StepRow['dries'] = null,
  anyWeather = false,
) => ({ id, rank, name, es, dries, anyWeather, source: 'common practice' }) as const

/** Make safe, stop the water, then from the frame outwards, coats last. Source: common practice. */
export const STEPS = [
  step('make-safe', 0, 'make safe', 'asegurar', null, true),
  step('set-up', 1, 'set up', 'preparar'),
  step('stop-water', 2, 'stop the water', 'cortar el agua'),
  step('shore', 3, 'shore', 'apuntalar'),
  step('open', 4, 'open', 'abrir', 'opens'),
  step('pour', 5, 'pour', 'colar concreto'),
  step('frame', 6, 'frame', 'estructura'),
  step('substrate', 7, 'sheathing', 'tablero', null),
  step('barrier', 8, 'barrier', 'barrera y tapajuntas', 'closes'),
  step('trim', 9, 'trim', 'molduras', 'closes'),
  step('cladding', 10, 'cladding', 'revestimiento', 'closes'),
  step('wash', 11, 'wash', 'lavar'),
  step('prepare', 12, 'scrape and prime', 'raspar e imprimar'),
  step('seal', 13, 'seal', 'sellar'),
  step('paint', 14, 'paint', 'pintar'),
  step('re-hang', 15, 're-hang', 'volver a colgar'),
  step('clear', 16, 'clear away', 'limpiar y retirar'),
  step('own', null, 'own work', 'otro trabajo'),
] as const satisfies readonly StepRow[]
export type StepId = (typeof STEPS)[number]['id']

const ROWS: ReadonlyMap<string, StepRow> = rowsById<StepRow>(STEPS)
export const stepOf = (id: StepId): StepRow => ROWS.get(id)!
