'use client'

import { Redo2, Undo2 } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import type { JobView, Sending } from '../../client/jobStore'
import { Button, Notice } from '../look'
import { useJob } from '../state/useJob'
import { BallparkDialog, DetailsDialog, HistoryDialog, KeptDialog, TakeBackDialog } from './dialogs'
import { SetBackNotice } from './SetBackNotice'

/** Why edits cannot be sent. */
const STUCK: Record<Exclude<Sending, 'sent' | 'sending'>, string> = {
  'no-signal': 'no signal',
  'no-answer': 'no answer yet',
  'signed-out': 'signed out',
  'foreign-answer': 'a foreign page answers',
  'server-unwell': 'server does not answer',
  'other-person': 'another person is signed in',
  'set-back': 'server was set back',
}

/** Where the edits are, in a line: what is kept is said only of what the browser has confirmed. */
function whereTheyAre(view: JobView): string {
  const waiting = view.waiting + view.picturesWaiting
  if (view.sending === 'sent') return 'sent'
  if (view.sending === 'sending') return `sending ${waiting}`
  const kept = Math.max(0, waiting - view.unconfirmed)
  const since =
    view.since === null
      ? ''
      : `, since ${new Date(view.since).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`
  return `${STUCK[view.sending]}, ${kept} kept here${view.unconfirmed > 0 ? `, ${view.unconfirmed} not kept yet` : ''}${since}`
}

/** Name of the job, where its edits are, undo, history. */
export function JobHeader({ jobId }: { jobId: string }) {
  const { view, store, derived, job } = useJob()
  const [dialog, setDialog] = useState<'details' | 'history' | 'reason' | 'ballpark' | 'kept' | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const { title, address } = derived.job.job
  const calm = view.sending === 'sent' || view.sending === 'sending'
  const troubled =
    view.refusedEdits.length + view.refusedPictures.length + view.unreadableEdits.length + view.notKept
  return (
    <>
      <header className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 px-5 py-1.5 max-sm:px-3">
        <Link
          href="/jobs"
          className="font-tight text-[19px] font-semibold tracking-wide uppercase"
          aria-label="Detrimus, all jobs"
        >
          Detrimus
        </Link>
        <h1 className="min-w-0 truncate text-[17px]">
          {title || 'Untitled job'}
          {address ? <span className="font-normal text-quiet">, {address}</span> : null}
        </h1>
        <Button look="quiet" onClick={() => setDialog('details')}>
          Job details
        </Button>
        {view.member.seesMoney ? (
          <Button look="quiet" onClick={() => setDialog('ballpark')}>
            Ballpark
          </Button>
        ) : null}
        <span className="grow" />
        <span
          role="status"
          className={`font-head text-[15px] font-semibold ${calm ? 'text-moss' : 'text-pencil-text'}`}
        >
          {whereTheyAre(view)}
          {troubled ? `, ${troubled} to look at` : ''}
        </span>
        <Button look="quiet" onClick={() => setDialog('kept')}>
          Kept here
        </Button>
        <Button
          look="quiet"
          disabled={!view.canUndo}
          onClick={() => (view.undoWantsReason ? setDialog('reason') : setSaid(store.undo()))}
        >
          <Undo2 aria-hidden size={16} /> Undo
        </Button>
        <Button look="quiet" disabled={!view.canRedo} onClick={() => setSaid(store.redo())}>
          <Redo2 aria-hidden size={16} /> Redo
        </Button>
        <Button look="quiet" onClick={() => setDialog('history')}>
          History{view.overruled > 0 ? ` (${view.overruled} overruled)` : ''}
        </Button>
      </header>
      {view.refused || said ? (
        <div className="flex items-center gap-3 px-5 pb-2">
          <Notice tone="wrong" alert>
            {view.refused ? `Not taken by the server: ${view.refused}` : said}
          </Notice>
          <Button
            onClick={() => {
              store.dismissRefused()
              setSaid(null)
            }}
          >
            Understood
          </Button>
        </div>
      ) : null}
      <SetBackNotice />
      {dialog === 'kept' ? <KeptDialog onClose={() => setDialog(null)} /> : null}
      {dialog === 'ballpark' ? (
        <BallparkDialog
          job={job}
          onKeep={(repair) => {
            setSaid(store.create('work_item', repair))
            setDialog(null)
          }}
          onClose={() => setDialog(null)}
        />
      ) : null}
      {dialog === 'details' ? <DetailsDialog open onClose={() => setDialog(null)} /> : null}
      {dialog === 'reason' ? (
        <TakeBackDialog
          onClose={() => setDialog(null)}
          onTake={(reason) => {
            setSaid(store.undo(reason))
            setDialog(null)
          }}
        />
      ) : null}
      {dialog === 'history' ? <HistoryDialog jobId={jobId} onClose={() => setDialog(null)} /> : null}
    </>
  )
}
