import type { NeedId } from '../methods/needs'
import type { Row } from '../row'
import type { StepId } from './steps'

/** Something cures or dries: so many nights between a step and what comes after it at the same place. */
export type WaitRow = Row & {
  readonly after: { readonly task?: string; readonly step: StepId }
  /** What has to wait: that step and all later ones of the same place. */
  readonly before: StepId
  readonly nights: number
  /** Nights after dry days, one after another: rain between begins it anew. */
  readonly dry: boolean
}

const wait = (
  id: string,
  name: string,
  after: WaitRow['after'],
  before: StepId,
  nights: number,
  dry = false,
): WaitRow => ({ id, name, after, before, nights, dry, source: 'common practice' })

/** Nights between; what a maker prints on his goods prevails. Source: common practice. */
export const WAITS: readonly WaitRow[] = [
  wait('concrete', 'concrete cures', { step: 'pour' }, 'frame', 3),
  wait('washed', 'washed wood dries', { step: 'wash' }, 'prepare', 1, true),
  wait('primer', 'primer dries', { step: 'prepare' }, 'paint', 1),
  wait('sealant', 'sealant skins over', { step: 'seal' }, 'paint', 1),
  wait('stucco', 'stucco cures', { task: 'stucco-patch', step: 'cladding' }, 'seal', 7),
  wait('paint', 'paint hardens', { step: 'paint' }, 're-hang', 1),
]

/** What has to come from elsewhere before an item is begun, and how long it usually takes to come. */
export type LeadRow = Row & {
  readonly need: NeedId
  /** Working days, low to high. */
  readonly days: readonly [low: number, high: number]
  /** Who brings it. */
  readonly who: string
  readonly what: string
  readonly es: string
}

const lead = <Need extends NeedId>(
  need: Need,
  what: string,
  es: string,
  who: string,
  days: readonly [number, number],
): LeadRow & { readonly id: Need } => ({
  id: need,
  need,
  name: what,
  what,
  es,
  who,
  days,
  source: 'our judgement',
})

/** Working days until it is there. Our judgement: offices and trades differ, so the day they name replaces it. */
export const LEADS = [
  lead('permit', 'permit', 'permiso', 'the building office', [5, 15]),
  lead('engineer', 'engineer’s word', 'dictamen del ingeniero', 'a licensed engineer', [5, 15]),
  lead('system-maker', 'layout by the maker', 'plano del fabricante', 'the maker of the system', [5, 15]),
  lead('pest-clear', 'pest control', 'control de plagas', 'a licensed pest firm', [3, 10]),
  lead('specialist', 'specialist', 'especialista', 'a specialist', [5, 10]),
  lead('utility-off', 'made dead', 'servicio cortado', 'the licensed trade', [2, 7]),
  lead('hazard-test', 'test for lead and asbestos', 'prueba de plomo y asbesto', 'a laboratory', [2, 5]),
] as const satisfies readonly LeadRow[]
export type LeadId = (typeof LEADS)[number]['id']
export const LEAD_IDS = LEADS.map((row) => row.id) as [LeadId, ...LeadId[]]

/** Needs that no post brings: seen to on the day itself. */
export const ON_THE_DAY: readonly NeedId[] = ['shoring', 'dry', 'rain-free', 'close-same-day']

/** What a meter may read at most before the step, percent. Source: common practice; paint 17 to 18 where its maker allows. */
export const DRY_TO: Readonly<Partial<Record<StepId, number>>> = { frame: 19, prepare: 15, paint: 15 }
