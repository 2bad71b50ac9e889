'use client'

import { useEffect, useRef, useState } from 'react'
import * as z from 'zod'
import { call } from '../../client/api'
import { HistoryAnswer } from '../../core/contract'
import { partName } from '../../core/catalogue'
import { whereOf } from '../../core/caution'
import { findingNumber } from '../../core/house'
import { byId } from '../../core/job'
import { Button } from '../look'
import { useJob } from '../state/useJob'
import { STAGE_NAMES, STAGES, type Stage } from './stages'
import { agoWords, isWorthTelling, sinceThen, type Place } from './whereIWas'

const Kept = z.object({
  stage: z.enum(STAGES),
  finding_id: z.string().nullable(),
  side_id: z.string().nullable(),
  at: z.number(),
})
const keyOf = (jobId: string): string => `detrimus.was.${jobId}`

function keptPlace(jobId: string): Place | null {
  try {
    const kept = Kept.safeParse(JSON.parse(window.localStorage.getItem(keyOf(jobId)) ?? 'null'))
    return kept.success ? kept.data : null
  } catch {
    return null
  }
}

/** After a break: where one was in this job, and who did what meanwhile. Gone as soon as one goes there or anywhere else. */
export function WhereIWas({ jobId, stage, go }: { jobId: string; stage: Stage; go: (stage: Stage) => void }) {
  const { derived, chosen, sideId, choose, chooseSide, view } = useJob()
  const finding_id = chosen[0] ?? null
  const [was, setWas] = useState<(Place & { readonly ago: string }) | null>(null)
  const [others, setOthers] = useState<ReturnType<typeof sinceThen>>([])
  const opened = useRef(false)
  const { name } = view.member
  useEffect(() => {
    if (!opened.current) {
      opened.current = true
      const before = keptPlace(jobId)
      const now = Date.now()
      if (isWorthTelling(before, { stage, finding_id, at: now }))
        void Promise.resolve().then(() => setWas({ ...before, ago: agoWords(now - before.at) }))
      if (before && isWorthTelling(before, { stage: 'bid', finding_id: '', at: now })) {
        void call(`/api/jobs/${jobId}/history`, HistoryAnswer).then((answer) => {
          if (answer.ok) setOthers(sinceThen(answer.value, { since: before.at, me: name }))
        })
      }
      return undefined
    }
    const keep = (): void => {
      try {
        const place: Place = { stage, finding_id, side_id: sideId, at: Date.now() }
        window.localStorage.setItem(keyOf(jobId), JSON.stringify(place))
      } catch {
        // A device that keeps nothing does not know where one was.
      }
    }
    keep()
    // Leaving is what counts: a page that stood open all morning was left now, not when its stage was chosen.
    document.addEventListener('visibilitychange', keep)
    return () => document.removeEventListener('visibilitychange', keep)
  }, [jobId, stage, finding_id, sideId, name])
  if (was === null && others.length === 0) return null
  const finding = byId(derived.job.findings, was?.finding_id)
  return (
    <div
      role="status"
      className="no-print flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-ink bg-tape px-5 py-1 text-[14px] max-sm:px-3"
    >
      <span className="min-w-0">
        {was ? (
          <>
            {was.ago} you were in {STAGE_NAMES[was.stage]}
            {finding
              ? `, at ${findingNumber(finding, derived.job)}, ${finding.component ? partName(finding.component) : finding.words || 'no part named'}, ${whereOf(finding, derived.job)}`
              : ''}
            .{' '}
          </>
        ) : null}
        {others.length > 0
          ? `Since then: ${others.map(({ by, count }) => `${by} changed ${count === 1 ? 'one thing' : `${count} things`}`).join(', ')}.`
          : ''}
      </span>
      {was ? (
        <Button
          look="quiet"
          onClick={() => {
            go(was.stage)
            if (finding) choose([finding.id])
            else if (was.side_id) chooseSide(was.side_id)
            setWas(null)
            setOthers([])
          }}
        >
          Go there
        </Button>
      ) : null}
      <Button
        look="quiet"
        onClick={() => {
          setWas(null)
          setOthers([])
        }}
      >
        Stay here
      </Button>
    </div>
  )
}
