'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson } from '../../client/api'
import { FirmValuesAnswer, FirmValuesRequest } from '../../core/contract'
import type { ValueChange } from '../../core/firmValues'

type Told = { readonly tone: 'wrong' | 'done'; readonly words: string }

/** The firm's values as the server has them, and what was changed here and is not kept yet. */
export function useFirmValues() {
  const [kept, setKept] = useState<FirmValuesAnswer | null>(null)
  const [changes, setChanges] = useState<Readonly<Record<string, ValueChange>>>({})
  const [clauses, setClauses] = useState<Partial<FirmValuesAnswer['clauses']>>({})
  const [firm, setFirm] = useState<Partial<FirmValuesAnswer['firm']>>({})
  const [told, setTold] = useState<Told | null>(null)
  const load = useCallback(async (): Promise<void> => {
    const answer = await call('/api/firm/values', FirmValuesAnswer)
    if (answer.ok) setKept(answer.value)
    else setTold({ tone: 'wrong', words: failureWords(answer.failure) })
  }, [])
  useEffect(() => {
    void Promise.resolve().then(load)
  }, [load])

  /** Notes a change; one that says what holds already is none. */
  function change(next: ValueChange): void {
    const value = kept?.values.find((each) => each.key === next.key)
    const others = Object.fromEntries(Object.entries(changes).filter(([key]) => key !== next.key))
    const same = value?.own === next.value && (next.value === null || value.reason === next.reason)
    setChanges(same ? others : { ...others, [next.key]: next })
    setTold(null)
  }
  async function keep(): Promise<void> {
    if (!kept) return
    const answer = await postJson(
      '/api/firm/values',
      { asks: FirmValuesRequest, answers: FirmValuesAnswer },
      {
        edition: kept.edition,
        changes: Object.values(changes),
        clauses: { ...kept.clauses, ...clauses },
        firm: { ...kept.firm, ...firm },
      },
    )
    if (!answer.ok) {
      setTold({ tone: 'wrong', words: failureWords(answer.failure) })
      // Somebody else was quicker: theirs is shown, and what was typed here stays to be kept again.
      if (answer.failure.kind === 'refused' && answer.failure.status === 409) await load()
      return
    }
    setKept(answer.value)
    setChanges({})
    setClauses({})
    setFirm({})
    setTold({
      tone: 'done',
      words: `Kept as edition ${answer.value.edition}. New jobs start from it; jobs that are there keep theirs.`,
    })
  }
  const many = Object.keys(changes).length + Object.keys(clauses).length + Object.keys(firm).length
  return {
    kept,
    changes,
    clauses: kept && { ...kept.clauses, ...clauses },
    firm: kept && { ...kept.firm, ...firm },
    many,
    told,
    change,
    changeAll: (list: readonly ValueChange[]) =>
      setChanges({ ...changes, ...Object.fromEntries(list.map((each) => [each.key, each])) }),
    setClause: (of: Partial<FirmValuesAnswer['clauses']>) => {
      setClauses({ ...clauses, ...of })
      setTold(null)
    },
    setFirm: (of: Partial<FirmValuesAnswer['firm']>) => {
      setFirm({ ...firm, ...of })
      setTold(null)
    },
    dropAll: () => {
      setFirm({})
      setChanges({})
      setClauses({})
    },
    keep,
  }
}
export type FirmValuesState = ReturnType<typeof useFirmValues>
