'use client'

import { useState } from 'react'
import { call } from '../../client/api'
import { newId } from '../../client/newId'
import { ForecastAnswer } from '../../core/contract/plan'
import { Button } from '../look'
import { useJob } from '../state/useJob'

/** Takes a forecast into the days of the plan. What a person said of a day stays. */
export function Forecast({ from }: { from: string }) {
  const { store, job } = useJob()
  const [said, setSaid] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  async function take(): Promise<void> {
    setBusy(true)
    setSaid(null)
    const answer = await call(`/api/forecast?from=${from}`, ForecastAnswer)
    setBusy(false)
    if (!answer.ok) {
      setSaid('No forecast came through. Set the weather day by day, or try again with a signal.')
      return
    }
    const fresh = answer.value.days.filter(({ day }) => !job.plan_days.some((each) => each.day === day))
    const held = answer.value.days.flatMap(({ day, sky }) => {
      const own = job.plan_days.findLast((each) => each.day === day)
      return own?.said === 'forecast' && own.sky !== sky ? [{ id: own.id, sky }] : []
    })
    store.createAll(
      'plan_day',
      fresh.map(({ day, sky }) => ({
        id: newId(),
        removed: false,
        day,
        sky,
        off: '',
        said: 'forecast' as const,
      })),
    )
    for (const { id, sky } of held) store.set('plan_day', id, { sky })
    const wet = answer.value.days.filter(({ sky }) => sky === 'wet').length
    setSaid(`Ten days by a simulated service: ${wet} wet.`)
  }
  return (
    <>
      <Button look="quiet" disabled={busy} onClick={() => void take()}>
        Take the forecast
      </Button>
      <span role="status" className="self-center text-[14px] text-quiet">
        {said}
      </span>
    </>
  )
}
