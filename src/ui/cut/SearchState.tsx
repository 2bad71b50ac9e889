'use client'

import type { SectionPlan } from '../../core/cut'
import { formatLength, type Length } from '../../core/measure'
import { Button } from '../look'
import type { BestCut } from '../state/useBestCut'

/** How the search for a plan that buys less stands, and what it came to. */
export function SearchState({ sections, best }: { sections: readonly SectionPlan[]; best: BestCut }) {
  const plans = sections.flatMap((section) => {
    const plan = best.plans[section.section]
    return plan ? [{ section, plan }] : []
  })
  const saved = plans.reduce((sum, { section, plan }) => sum + Math.max(0, section.bought - plan.bought), 0)
  const open = plans.filter(({ plan }) => !plan.exact)
  const bought = plans.reduce((sum, { plan }) => sum + plan.bought, 0)
  const least = plans.reduce((sum, { plan }) => sum + plan.bound, 0)
  const over = least > 0 ? (bought / least - 1) * 100 : 0
  const done = sections.reduce((sum, each) => sum + (best.share[each.section] ?? 0), 0)
  if (best.state === 'searching' && sections.length > 0) {
    return (
      <p className="flex items-center gap-2 text-[14px]" role="status">
        <progress
          max={sections.length}
          value={done}
          aria-label="Looking for a plan that buys less"
          className="h-2 w-28"
        />
        looking for a plan that buys less
        <Button look="quiet" onClick={best.stop}>
          Stop
        </Button>
      </p>
    )
  }
  return (
    <p className="text-[14px]" role="status">
      {saved > 0 ? `Buys ${formatLength(saved as Length)} less than the plan made at once. ` : ''}
      {best.state === 'stopped'
        ? 'Stopped: the best so far is shown.'
        : open.length === 0
          ? 'No plan buys less.'
          : `None can buy more than ${over.toFixed(1)} % less.`}
      {saved > 0 ? ' The price stays by the plan made at once.' : ''}
    </p>
  )
}
