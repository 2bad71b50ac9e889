import type { Row } from '../row'

/** What must be there before work is begun. `says` is for the owner. */
export type NeedRow = Row & { readonly says: string }

const need = <Id extends string>(id: Id, name: string, says: string) =>
  ({ id, name, says, source: 'common practice' }) as const

export const NEEDS = [
  need('shoring', 'shored first', 'Nothing is taken out before a temporary support stands and is braced.'),
  need(
    'permit',
    'a permit where asked for',
    'Local code says whether a permit and an inspection are needed.',
  ),
  need('engineer', 'an engineer says how', 'A licensed engineer says what is built, how many and where.'),
  need(
    'system-maker',
    'by the maker of the system',
    'Number, place and load are by the maker of the system.',
  ),
  need('dry', 'dry first', 'Begun when a moisture reading says that the wood is dry.'),
  need('pest-clear', 'treated first', 'A licensed firm has treated insects, or found none at work.'),
  need(
    'specialist',
    'a specialist first',
    'A specialist has located and cleared what must not be cut or drilled.',
  ),
  need(
    'utility-off',
    'made dead first',
    'Power, water or gas at the place is turned off by who is licensed for it.',
  ),
  need('hazard-test', 'tested first', 'Old layers are tested for lead and asbestos before they are broken.'),
  need('rain-free', 'dry weather', 'Done in dry weather, warm enough for the goods.'),
  need('close-same-day', 'closed the same day', 'What is opened is dried in the same day.'),
] as const satisfies readonly NeedRow[]
export type NeedId = (typeof NEEDS)[number]['id']

/** What is said of a permit once the building office was asked. */
export const PERMIT_SAID = {
  needed: 'A permit is taken out before it is begun, and the work is inspected.',
  'not-needed': null,
} as const

/** What a need says to the owner; nothing of a permit that nobody asks for. */
export function needSaid(id: NeedId, permit: 'unknown' | 'needed' | 'not-needed'): string[] {
  if (id !== 'permit' || permit === 'unknown') return [needOf(id).says]
  const said = PERMIT_SAID[permit]
  return said === null ? [] : [said]
}

const ROWS: ReadonlyMap<string, NeedRow> = new Map(NEEDS.map((row) => [row.id, row]))

/** @throws Error for a need no row has */
export function needOf(id: NeedId): NeedRow {
  const row = ROWS.get(id)
  if (!row) throw new Error(`no need is called ${id}`)
  return row
}
