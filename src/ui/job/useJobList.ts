'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { JobsAnswer, type JobRowAnswer } from '../../core/contract'

/** A pause in typing after which the list is asked. */
const PAUSE_MS = 250

export type JobList = {
  /** Null while nothing is known yet. */
  readonly jobs: readonly JobRowAnswer[] | null
  readonly words: string
  readonly find: (words: string) => void
  readonly hasMore: boolean
  readonly more: () => void
  readonly wrong: string | null
}

/** The firm's jobs a page at a time, found by words. `ready`: the server knows who asks. */
export function useJobList(ready: boolean): JobList {
  const [jobs, setJobs] = useState<readonly JobRowAnswer[] | null>(null)
  const [next, setNext] = useState<string | null>(null)
  const [words, setWords] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  /** Only the newest question's answer counts. */
  const turn = useRef(0)

  const ask = useCallback(async (asked: { words: string; after: string }): Promise<void> => {
    turn.current += 1
    const mine = turn.current
    const answer = await call(`/api/jobs?${new URLSearchParams(asked).toString()}`, JobsAnswer)
    if (mine !== turn.current) return
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    setWrong(null)
    setNext(answer.value.next)
    setJobs((before) => (asked.after === '' ? answer.value.jobs : [...(before ?? []), ...answer.value.jobs]))
  }, [])

  useEffect(() => {
    if (!ready) return undefined
    const timer = setTimeout(() => void ask({ words, after: '' }), words === '' ? 0 : PAUSE_MS)
    return () => clearTimeout(timer)
  }, [ready, words, ask])

  return {
    jobs,
    words,
    find: setWords,
    hasMore: next !== null,
    more: () => void ask({ words, after: next ?? '' }),
    wrong,
  }
}
