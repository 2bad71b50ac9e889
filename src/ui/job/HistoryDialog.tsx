'use client'

import { useEffect, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { HistoryAnswer } from '../../core/contract'
import type { Change } from '../../core/job'
import { Notice } from '../look'
import { Dialog } from '../look/Dialog'

type Row = {
  readonly sequence: number
  readonly by: string
  readonly at: string
  readonly change: Change
  readonly overruled: Readonly<Record<string, { value: unknown }>>
}

function shown(value: unknown): string {
  return typeof value === 'string' ? value || '(empty)' : JSON.stringify(value)
}

function what(change: Change): string {
  switch (change.op) {
    case 'create':
      return `added a ${change.entity.kind.replaceAll('_', ' ')}`
    case 'set':
      return change.fields['removed'] === true
        ? `removed a ${change.entity.kind.replaceAll('_', ' ')}`
        : `${change.entity.kind.replaceAll('_', ' ')}: ${Object.entries(change.fields)
            .map(([name, value]) => `${name.replaceAll('_', ' ')} ${shown(value)}`)
            .join(', ')}`
    case 'fact':
      return change.fact.kind === 'retraction'
        ? `took a fact back: ${change.fact.reason}`
        : `noted: ${change.fact.kind}`
  }
}

/** Who changed what and when, with values that a later edit overruled unseen. */
export function HistoryDialog({ jobId, onClose }: { jobId: string; onClose: () => void }) {
  const [rows, setRows] = useState<readonly Row[] | null>(null)
  const [words, setWords] = useState<string | null>(null)
  useEffect(() => {
    void call(`/api/jobs/${jobId}/history`, HistoryAnswer).then((answer) => {
      if (answer.ok) setRows(answer.value as Row[])
      else setWords(failureWords(answer.failure))
    })
  }, [jobId])
  return (
    <Dialog open onClose={onClose} title="History" wide>
      {words ? (
        <Notice tone="wrong" alert>
          {words}
        </Notice>
      ) : null}
      {rows === null && !words ? <p>Reading…</p> : null}
      {rows?.length === 0 ? <p>No edit yet.</p> : null}
      <ol>
        {rows?.map((row) => (
          <li key={row.sequence} className="border-b border-rule py-1.5 text-[14px]">
            <span className="font-head font-semibold">{row.by}</span>{' '}
            <time dateTime={row.at} className="text-quiet">
              {new Date(row.at).toLocaleString()}
            </time>
            <div className="break-words">{what(row.change).slice(0, 240)}</div>
            {Object.entries(row.overruled).map(([field, { value }]) => (
              <div key={field} className="text-pencil-text">
                overruled unseen: {field.replaceAll('_', ' ')} was {shown(value).slice(0, 160)}
              </div>
            ))}
          </li>
        ))}
      </ol>
    </Dialog>
  )
}
