'use client'

import { useEffect, useState } from 'react'
import { listLocalJobs, takeAlong, type LocalJob } from '../../client/localJobs'

/** Jobs this device has and the list does not show: begun without a signal, or holding what is not sent. */
export function OnThisDevice({ listed }: { listed: readonly string[] }) {
  const [jobs, setJobs] = useState<readonly LocalJob[]>([])
  useEffect(() => {
    void listLocalJobs().then(setJobs)
    void takeAlong(listed)
  }, [listed])
  const shown = jobs.filter((job) => job.waiting > 0 || !listed.includes(job.id))
  if (shown.length === 0) return null
  return (
    <section aria-label="On this device">
      <h2 className="border-b border-ink pb-1 text-[18px]">On this device</h2>
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
                    ? `${job.waiting} edits kept here`
                    : job.unborn
                      ? 'kept here'
                      : 'on this device'}
                </span>
              </span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  )
}
