'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { JobsAnswer, JobSumsAnswer, type JobRowAnswer } from '../../core/contract'

/** A pause in typing after which the list is asked. */
const PAUSE_MS = 250
/** Pages that come by themselves; a firm with more asks for the rest. */
const PAGES = 5
/** Jobs reckoned by one request, and at most for one look at the list. */
const AT_ONCE = 5
const MOST = 60

export type JobList = {
  /** Null while nothing is known yet. */
  readonly jobs: readonly JobRowAnswer[] | null
  readonly words: string
  readonly find: (words: string) => void
  /** Those put away instead of those at work. */
  readonly archived: boolean
  readonly showArchived: (on: boolean) => void
  readonly hasMore: boolean
  readonly more: () => void
  readonly again: () => void
  readonly wrong: string | null
}

type Asked = { readonly words: string; readonly archived: 'yes' | 'no'; readonly after: string }

/** The firm's jobs, found by words. Sums that nobody reckoned since the last change come after the list. `ready`: the server knows who asks. */
export function useJobList(ready: boolean): JobList {
  const [jobs, setJobs] = useState<readonly JobRowAnswer[] | null>(null)
  const [next, setNext] = useState<string | null>(null)
  const [words, setWords] = useState('')
  const [archived, showArchived] = useState(false)
  const [round, setRound] = useState(0)
  const [wrong, setWrong] = useState<string | null>(null)
  /** Only the newest question's answer counts. */
  const turn = useRef(0)

  const ask = useCallback(async (asked: Asked, pages: number): Promise<void> => {
    turn.current += 1
    const mine = turn.current
    let { after } = asked
    const fresh: JobRowAnswer[] = []
    for (let page = 0; page < pages; page += 1) {
      const answer = await call(
        `/api/jobs?${new URLSearchParams({ ...asked, after }).toString()}`,
        JobsAnswer,
      )
      if (mine !== turn.current) return
      if (!answer.ok) {
        setWrong(failureWords(answer.failure))
        return
      }
      setWrong(null)
      fresh.push(...answer.value.jobs)
      const got = [...fresh]
      setJobs((before) => (asked.after === '' ? got : [...(before ?? []), ...answer.value.jobs]))
      setNext(answer.value.next)
      if (answer.value.next === null) break
      after = answer.value.next
    }
    const stale = fresh
      .filter((job) => !job.is_reckoned)
      .map((job) => job.id)
      .slice(0, MOST)
    for (let at = 0; at < stale.length; at += AT_ONCE) {
      const ids = stale.slice(at, at + AT_ONCE).join(',')
      const answer = await call(`/api/jobs/sums?${new URLSearchParams({ ids }).toString()}`, JobSumsAnswer)
      if (mine !== turn.current || !answer.ok) return
      const sums = new Map(answer.value.sums.map((each) => [each.id, each]))
      setJobs((before) => before?.map((job) => withSum(job, sums.get(job.id))) ?? null)
    }
  }, [])

  useEffect(() => {
    if (!ready) return undefined
    const asked = { words, archived: archived ? 'yes' : 'no', after: '' } as const
    const timer = setTimeout(() => void ask(asked, PAGES), words === '' ? 0 : PAUSE_MS)
    return () => clearTimeout(timer)
  }, [ready, words, archived, round, ask])

  return {
    jobs,
    words,
    find: setWords,
    archived,
    showArchived,
    hasMore: next !== null,
    more: () => void ask({ words, archived: archived ? 'yes' : 'no', after: next ?? '' }, 1),
    again: () => setRound((before) => before + 1),
    wrong,
  }
}

function withSum(job: JobRowAnswer, sum: JobSumsAnswer['sums'][number] | undefined): JobRowAnswer {
  if (!sum) return job
  const { open, lacks, keepOff } = sum
  return {
    ...job,
    is_reckoned: true,
    reckoned: { open, lacks, keepOff },
    // What was sent stands.
    total_cents: job.bid ? job.total_cents : sum.total_cents,
  }
}
