import { rowsOf } from '../firmValues/rows'
import { factsOf, type JobDocument } from '../job'
import type { Scope } from '../scope'
import type { DryGate } from './jobPlan'
import type { PlanUnit } from './units'

/** The dry reading a piece waits for: the last one taken at the findings of its item. */
export function gateOf(unit: PlanUnit, of: { job: JobDocument; scope: Scope }): DryGate | null {
  const item = of.scope.items.find((each) => each.id === unit.item_id)
  if (!item) return null
  const needs = item.row?.needs.includes('dry') ?? false
  const rows = rowsOf(of.job.settings)
  const limits = unit.segments.flatMap(({ step }) => {
    const most = rows.dry_to(step)
    return most !== undefined && (needs || step !== 'frame') ? [most] : []
  })
  if (limits.length === 0 || (!needs && !(item.row?.paints ?? false))) return null
  const most_percent = Math.min(...limits)
  const ids = new Set(item.finding_ids)
  const last = factsOf(of.job, 'reading')
    .filter(({ about }) => about.kind === 'finding' && ids.has(about.finding_id))
    .toSorted((a, b) => a.at.localeCompare(b.at))
    .at(-1)
  const percent = last?.moisture_percent ?? null
  return { most_percent, last: percent, open: percent === null || percent > most_percent }
}
