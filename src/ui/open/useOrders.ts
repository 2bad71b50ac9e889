'use client'

import { useDeferredValue, useMemo } from 'react'
import type { Baseline } from '../../core/open/baseline'
import { draftOrder, type OrderDraft } from '../../core/open/draftOrder'
import { ordersOf, runningTotal, type Order, type RunningTotal } from '../../core/open/orders'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

/** What was accepted and what was asked since, with its money; null for whoever sees none, and before anything is accepted. */
export type JobOrders = {
  readonly baseline: Baseline
  readonly orders: readonly Order[]
  readonly total: RunningTotal
  /** What would be asked now. */
  readonly draft: OrderDraft
}

export function useOrders(): JobOrders | null {
  const { view, derived, around } = useJob()
  // What an order would say is reckoned when the thumb rests.
  const settled = useDeferredValue(derived)
  const baseline = around.baseline ?? null
  return useMemo(() => {
    if (baseline === null) return null
    const orders = ordersOf(view.job, around.orders, baseline)
    const draft = draftOrder({
      derived: settled,
      baseline,
      orders,
      today: today(settled.job.job.time_zone),
      around,
    })
    return { baseline, orders, total: runningTotal(baseline, orders), draft }
  }, [view.job, settled, around, baseline])
}
