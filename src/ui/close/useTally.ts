'use client'

import { useDeferredValue, useEffect, useMemo, useState } from 'react'
import { reckonedWork, tallyFrom, type Reckoned, type Tally } from '../../core/close/tally'
import { now } from '../../client/clock'
import { withWordHere } from '../state/withWordHere'
import { useJob } from '../state/useJob'

/** While a clock runs its hours are shown anew so often. */
const TICK_MS = 20_000

/** What was reckoned and what was spent, up to the minute. */
export function useTally(): { readonly tally: Tally; readonly reckoned: Reckoned } {
  const { derived, view, around } = useJob()
  const settled = useDeferredValue(derived)
  const reckoned = useMemo(
    () => reckonedWork(settled, withWordHere(around, view.job).accepted),
    [settled, around, view.job],
  )
  const runs = derived.job.work_spells.some(({ ended_at }) => ended_at === null)
  const [moment, setMoment] = useState(now)
  useEffect(() => {
    if (!runs) return
    const timer = setInterval(() => setMoment(now()), TICK_MS)
    return () => clearInterval(timer)
  }, [runs])
  const tally = useMemo(() => {
    // What was begun since the last tick is not begun in the future.
    const latest = [moment, ...derived.job.work_spells.map(({ began_at }) => began_at)].toSorted().at(-1)!
    return tallyFrom(reckoned, derived.job, new Date(latest))
  }, [reckoned, derived.job, moment])
  return { tally, reckoned }
}
