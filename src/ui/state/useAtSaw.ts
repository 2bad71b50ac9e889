'use client'

import { useCallback, useEffect, useState } from 'react'
import * as z from 'zod'
import { memberHere } from '../../client/member'
import type { Length } from '../../core/measure'

const Marks = z.object({
  /** The plan they were made on. */
  plan: z.string(),
  hand: z.array(
    z
      .int()
      .min(0)
      .transform((value) => value as unknown as Length),
  ),
  cut: z.array(z.int().min(0)),
  bad: z.array(z.int().min(0)),
})
export type Marks = z.infer<typeof Marks>
const Kept = z.record(z.string(), Marks)

/**
 * What happened at the saw, by section, kept on this device with whoever works here: it is his bench, not the job's. Marks made on a
 * plan that changed since fall away; what lies there stays.
 */
export function useAtSaw(jobId: string): {
  readonly marksOf: (section: string, plan: string) => Marks
  readonly mark: (section: string, marks: Marks) => void
} {
  const [kept, setKept] = useState<Readonly<Record<string, Marks>>>({})
  const key = `saw/${jobId}`
  useEffect(() => {
    let gone = false
    void memberHere()
      ?.copies.findNote(key)
      .catch(() => undefined)
      .then((value) => {
        const read = Kept.safeParse(value)
        if (!gone && read.success) setKept(read.data)
      })
    return () => {
      gone = true
    }
  }, [key])
  const marksOf = useCallback(
    (section: string, plan: string): Marks => {
      const held = kept[section]
      return held?.plan === plan ? held : { plan, hand: held?.hand ?? [], cut: [], bad: [] }
    },
    [kept],
  )
  const mark = useCallback(
    (section: string, marks: Marks): void => {
      const next = { ...kept, [section]: marks }
      setKept(next)
      void memberHere()
        ?.copies.keepNote(key, next)
        .catch(() => undefined)
    },
    [kept, key],
  )
  return { marksOf, mark }
}
