'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { CreatedAnswer } from '../../core/contract'
import { newId } from '../../client/newId'
import { Button, Notice } from '../look'

/** A zip of many pictures takes its time on a poor line. */
const WITHIN_MS = 600_000

/** Takes a job file or an exported zip in. */
export function ImportJob() {
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  /** The file of a job that is here already: it can come in beside it. */
  const [taken, setTaken] = useState<File | null>(null)
  async function take(file: File, as: string | null = null): Promise<void> {
    setBusy(true)
    setWrong(null)
    setTaken(null)
    const door = as === null ? '/api/jobs/import' : `/api/jobs/import?as=${as}`
    const answer = await call(door, CreatedAnswer, { method: 'POST', body: file }, WITHIN_MS)
    setBusy(false)
    if (answer.ok) window.location.assign(`/jobs/${answer.value.id}/walk`)
    else {
      setWrong(failureWords(answer.failure))
      if (answer.failure.kind === 'refused' && answer.failure.problem === 'job-exists') setTaken(file)
    }
  }
  return (
    <div className="flex flex-col gap-2">
      <label className="relative inline-flex min-h-9 w-fit outline-offset-2 outline-chalk has-focus-visible:outline-3 cursor-pointer items-center rounded-(--radius) border border-ink bg-paper px-3 font-head font-semibold touch:min-h-11">
        {busy ? 'Taking it in…' : 'Take in a job file'}
        <input
          type="file"
          accept=".json,.zip,application/json,application/zip"
          aria-label="Job file to take in"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) void take(file)
            event.target.value = ''
          }}
        />
      </label>
      {wrong ? (
        <Notice tone="wrong" alert>
          <span className="whitespace-pre-line">{wrong}</span>
          {taken ? <Button onClick={() => void take(taken, newId())}>Take it in as a copy</Button> : null}
        </Notice>
      ) : null}
    </div>
  )
}
