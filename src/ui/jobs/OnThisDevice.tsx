'use client'

import { useEffect, useState } from 'react'
import type { LocalCopies } from '../../client/localCopies'
import { listLocalJobs, type LocalJob } from '../../client/localJobs'
import { takeEditsIn } from '../../client/savedEdits'
import { Notice } from '../look'

const many = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`

/** Jobs this device has and the list cannot show: begun without a signal, holding what is not sent, and all of them without one. */
export function OnThisDevice({
  local,
  listed,
  isOnline,
}: {
  local: LocalCopies
  listed: readonly string[]
  isOnline: boolean
}) {
  const [jobs, setJobs] = useState<readonly LocalJob[]>([])
  const [told, setTold] = useState<{ tone: 'wrong' | 'done'; words: string } | null>(null)
  /** Raised when the device's own list may have changed. */
  const [turn, setTurn] = useState(0)
  useEffect(() => {
    let gone = false
    void listLocalJobs(local).then((found) => {
      if (!gone) setJobs(found)
    })
    return () => {
      gone = true
    }
  }, [local, listed, turn])

  async function takeIn(file: File): Promise<void> {
    const taken = await takeEditsIn(local, file)
    setTold(
      taken.ok
        ? {
            tone: 'done',
            words: `${many(taken.edits, 'edit')} and ${many(taken.pictures, 'picture')} wait here again. Open their job and they go.`,
          }
        : { tone: 'wrong', words: taken.words },
    )
    setTurn((before) => before + 1)
  }

  // With a signal the list knows all others: those it does not show are put away or not searched for.
  const shown = jobs.filter((job) => job.waiting > 0 || job.unborn || (!isOnline && !listed.includes(job.id)))
  return (
    <section
      aria-label="On this device"
      id="kept"
      className={shown.length === 0 && !told ? 'order-last' : ''}
    >
      {shown.length > 0 ? <h2 className="border-b border-ink pb-1 text-[18px]">On this device</h2> : null}
      <ul>
        {shown.map((job) => (
          <li key={job.id} className="border-b border-rule">
            {/* A plain link: without a signal the page comes from this device. */}
            <a
              href={`/jobs/${job.id}/walk`}
              className="flex min-h-14 items-center gap-4 px-1 py-2 hover:bg-paper"
            >
              <span className="min-w-0 grow">
                <span className="block font-head text-[18px] font-semibold">
                  {job.title || 'Untitled job'}
                </span>
                <span className="block truncate text-[14px] text-quiet">
                  {job.address || 'no address yet'}
                </span>
              </span>
              <span className="text-right font-head text-[15px]">
                {job.findings} finding{job.findings === 1 ? '' : 's'}
                <span className="block text-[14px] font-semibold text-pencil-text">
                  {job.waiting > 0
                    ? `${many(job.waiting, 'edit')} kept here`
                    : job.unborn
                      ? 'kept here'
                      : 'on this device'}
                </span>
              </span>
            </a>
          </li>
        ))}
      </ul>
      {told ? (
        <Notice tone={told.tone} alert={told.tone === 'wrong'}>
          {told.words}
        </Notice>
      ) : null}
      <label className="relative inline-flex min-h-9 w-fit cursor-pointer items-center font-head text-[14px] text-chalk-text underline outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
        Take in edits saved as a file
        <input
          type="file"
          accept=".zip,application/zip"
          aria-label="Saved edits to take in"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) void takeIn(file)
            event.target.value = ''
          }}
        />
      </label>
    </section>
  )
}
