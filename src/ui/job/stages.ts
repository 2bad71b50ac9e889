import { openedFindings } from '../../core/job/openedAt'
import { formatCents } from '../../core/measure'
import type { Derived } from '../../core/pipeline'

/** The stages of a job in walking order: its tabs, and the last word of its address. */
export const STAGES = ['walk', 'trace', 'scope', 'cut', 'price', 'plan', 'bid', 'open', 'close'] as const
export type Stage = (typeof STAGES)[number]
export const STAGE_NAMES: Record<Stage, string> = {
  walk: 'Walk',
  trace: 'Trace',
  scope: 'Scope',
  cut: 'Cut',
  price: 'Price',
  bid: 'Bid',
  plan: 'Plan',
  open: 'Open up',
  close: 'Close',
}

/** What a stage counts. */
export const STAGE_WORD: Record<Stage, string> = {
  walk: 'finding',
  trace: 'source',
  scope: 'finding',
  cut: 'item',
  price: 'item',
  bid: 'item',
  plan: 'item',
  open: 'finding',
  close: 'item',
}

/** What stands under a tab's name: how much there is, and what is open. */
export function count(stage: Stage, derived: Derived): string {
  const { job, trace, scope, cut, price } = derived
  const many = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`
  switch (stage) {
    case 'walk': {
      const holds = derived.coverage.holds.length
      return `${many(job.findings.length, 'finding')}${holds > 0 ? ` · ${many(holds, 'hold')}` : ''}`
    }
    case 'trace':
      return many(trace.sources.filter((source) => source.letter !== null).length, 'source')
    case 'scope':
      return `${many(scope.items.length, 'repair')}${scope.open.length > 0 ? ` · ${scope.open.length} open` : ''}`
    case 'cut':
      return many(cut.boards, 'board')
    case 'price':
      return price.kind === 'priced'
        ? formatCents(price.total_cents)
        : price.kind === 'withheld'
          ? 'not shown'
          : 'to mend'
    case 'bid':
      return derived.cautions.all.length > 0 ? many(derived.cautions.all.length, 'caution') : 'draft'
    case 'open': {
      const { length } = openedFindings(job)
      return length === 0 ? '' : many(length, 'place')
    }
    case 'close': {
      const done = new Set(job.finished_items.map(({ item_id }) => item_id)).size
      return job.handover ? 'handed over' : done === 0 ? '' : `${done} done`
    }
    case 'plan':
      return derived.plan.empty ? 'no work yet' : many(derived.plan.work_days, 'day')
  }
}

/** The stage an address names; any other opens the walk. */
export function stageOf(path: string): Stage {
  return STAGES.find((stage) => path.endsWith(`/${stage}`)) ?? 'walk'
}
