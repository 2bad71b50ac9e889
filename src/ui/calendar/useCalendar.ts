'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson } from '../../client/api'
import { CalendarAnswer, FirmCalendar } from '../../core/contract/plan'

export type CalendarState = {
  /** Null while it is reckoned. */
  readonly answer: CalendarAnswer | null
  readonly wrong: string | null
  readonly save: (calendar: FirmCalendar) => void
}

/** The firm's calendar and the jobs on it; what is saved is reckoned through at once. */
export function useCalendar(): CalendarState {
  const [answer, setAnswer] = useState<CalendarAnswer | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const load = useCallback(async () => {
    const got = await call('/api/calendar', CalendarAnswer)
    if (got.ok) setAnswer(got.value)
    setWrong(got.ok ? null : failureWords(got.failure))
  }, [])
  useEffect(() => {
    void Promise.resolve().then(load)
  }, [load])
  const save = useCallback(
    (calendar: FirmCalendar): void => {
      setAnswer((held) => held && { ...held, calendar })
      const asking = { asks: FirmCalendar, answers: FirmCalendar, outlives: true }
      void postJson('/api/calendar', asking, calendar).then((sent) => {
        setWrong(sent.ok ? null : failureWords(sent.failure))
        if (sent.ok) void load()
      })
    },
    [load],
  )
  return { answer, wrong, save }
}
