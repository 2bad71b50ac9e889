'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { HistoryAnswer } from '../../core/contract'
import { canTakeBack, tellChange, tellOverruled, type TakenBack } from '../../core/history'
import type { Change } from '../../core/job'
import { Button, CONTROL, Notice } from '../look'
import { Dialog } from '../look/Dialog'
import { useJob } from '../state/useJob'
import { TakeBackDialog } from './TakeBackDialog'

type Row = {
  readonly sequence: number
  readonly by: string
  readonly at: string
  readonly change: Change
  readonly before: Readonly<Record<string, unknown>>
  readonly overruled: Readonly<Record<string, { value: unknown }>>
}

const NOT_NOW: Partial<Record<TakenBack, string>> = {
  'changed-since': 'changed again since',
  already: 'holds no more',
}

function useHistoryRows(jobId: string, sequence: number) {
  const [rows, setRows] = useState<readonly Row[] | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const load = useCallback(async (): Promise<void> => {
    const answer = await call(`/api/jobs/${jobId}/history`, HistoryAnswer)
    if (answer.ok) setRows(answer.value as Row[])
    setWrong(answer.ok ? null : failureWords(answer.failure))
  }, [jobId])
  useEffect(() => {
    void Promise.resolve().then(load)
  }, [load, sequence])
  return { rows, wrong, setWrong }
}

/** Who changed what and when, in the trade’s words; each line can be taken back by itself while nothing later stands on it. */
export function HistoryDialog({ jobId, onClose }: { jobId: string; onClose: () => void }) {
  const { store, view } = useJob()
  const { rows, wrong, setWrong } = useHistoryRows(jobId, view.sequence)
  const [words, setWords] = useState('')
  const [asked, setAsked] = useState<Row | null>(null)
  // Removed things included: they are told by their names too.
  const { job } = view
  function takeBack(row: Row, reason = ''): void {
    setAsked(null)
    setWrong(store.takeBack(row.change, row.before, reason))
  }
  const told = rows?.map((row) => ({ row, ...tellChange(row.change, row.before, job) }))
  const sought = words.trim().toLowerCase()
  const found = told?.filter(({ row, what, lines }) =>
    [row.by, what, ...lines].join(' ').toLowerCase().includes(sought),
  )
  return (
    <Dialog open onClose={onClose} title="History" wide>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      {rows === null && !wrong ? <p>Reading…</p> : null}
      {rows?.length === 0 ? <p>No edit yet.</p> : null}
      {rows && rows.length > 0 ? (
        <input
          type="search"
          aria-label="Find in the history"
          placeholder="fascia, Dov, weather"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          className={CONTROL}
        />
      ) : null}
      {found && told && found.length < told.length ? (
        <p className="pt-1 text-[14px] text-quiet">
          {found.length} of {told.length} lines shown.
        </p>
      ) : null}
      <ol>
        {found?.map(({ row, what, lines }) => {
          const can = canTakeBack(row.change, row.before, job)
          return (
            <li key={row.sequence} className="flex items-start gap-3 border-b border-rule py-1.5 text-[14px]">
              <div className="min-w-0 grow">
                <span className="font-semibold break-words">{what}</span>
                {lines.map((line) => (
                  <div key={line} className="break-words">
                    {line}
                  </div>
                ))}
                {Object.entries(row.overruled).map(([field, { value }]) => (
                  <div key={field} className="text-pencil-text">
                    overruled unseen: {tellOverruled(row.change, field, value, job)}
                  </div>
                ))}
                <div className="text-quiet">
                  {row.by}, <time dateTime={row.at}>{new Date(row.at).toLocaleString()}</time>
                </div>
              </div>
              {can === 'yes' || can === 'wants-reason' ? (
                <Button
                  aria-label={`Take back: ${what}`}
                  onClick={() => (can === 'yes' ? takeBack(row) : setAsked(row))}
                >
                  Take back
                </Button>
              ) : (
                <span className="font-head whitespace-nowrap text-quiet">{NOT_NOW[can]}</span>
              )}
            </li>
          )
        })}
      </ol>
      {asked ? (
        <TakeBackDialog onClose={() => setAsked(null)} onTake={(reason) => takeBack(asked, reason)} />
      ) : null}
    </Dialog>
  )
}
