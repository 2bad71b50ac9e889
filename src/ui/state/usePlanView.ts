'use client'

import { useMemo, useState } from 'react'

/** What is looked at in the plan: a piece of work, a day. */
export type PlanView = {
  /** Key of a piece; null: none. */
  readonly unit: string | null
  /** The day on which it was pointed at; null: nowhere in particular. */
  readonly unitDay: string | null
  readonly chooseUnit: (key: string | null, day?: string) => void
  /** Day shown out on the walls; null: none. */
  readonly day: string | null
  readonly chooseDay: (day: string | null) => void
}

export function usePlanView(): PlanView {
  const [at, setAt] = useState<{ key: string | null; day: string | null }>({ key: null, day: null })
  const [day, chooseDay] = useState<string | null>(null)
  return useMemo(
    () => ({
      unit: at.key,
      unitDay: at.day,
      chooseUnit: (key, on) => setAt({ key, day: on ?? null }),
      day,
      chooseDay,
    }),
    [at, day],
  )
}
