'use client'

import { ChevronLeft, Ellipsis, Redo2, Undo2 } from 'lucide-react'
import Link from 'next/link'
import { DropdownMenu } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import type { JobView, Sending } from '../../client/jobStore'
import { Button, Notice } from '../look'
import { useLowPower } from '../state/lowPower'
import { useHand } from '../state/useHand'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { BallparkDialog, DetailsDialog, HistoryDialog, KeptDialog, TakeBackDialog } from './dialogs'
import { HomeLink } from './JobFrame'
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

function IconButton(props: { label: string; disabled: boolean; onClick: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.label}
      disabled={props.disabled}
      onClick={props.onClick}
      className="grid size-11 shrink-0 place-items-center disabled:opacity-40"
    >
      {props.children}
    </button>
  )
}

function MenuItem(props: { disabled?: boolean; onSelect: () => void; children: ReactNode }) {
  return (
    <DropdownMenu.Item
      disabled={props.disabled ?? false}
      onSelect={props.onSelect}
      className="flex min-h-12 items-center border-b border-rule px-3 font-head text-[17px] data-[disabled]:text-quiet data-[highlighted]:bg-ground"
    >
      {props.children}
    </DropdownMenu.Item>
  )
}

/** Name of the job, where its edits are, undo, history. */
export function JobHeader({ jobId }: { jobId: string }) {
  const { view, store, derived, job } = useJob()
  const isPhone = useIsPhone()
  const hand = useHand()
  const power = useLowPower()
  const [dialog, setDialog] = useState<'details' | 'history' | 'reason' | 'ballpark' | 'kept' | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const { title, address, claim_of: claim } = derived.job.job
  const calm = view.sending === 'sent' || view.sending === 'sending'
  const troubled =
    view.refusedEdits.length + view.refusedPictures.length + view.unreadableEdits.length + view.notKept
  const undo = (): void => (view.undoWantsReason ? setDialog('reason') : setSaid(store.undo()))
  const redo = (): void => setSaid(store.redo())
  const history = `History${view.overruled > 0 ? ` (${view.overruled} overruled)` : ''}`
  const sending = (
    <span
      role="status"
      className={`min-w-0 truncate font-head text-[15px] font-semibold ${calm ? 'text-moss' : 'text-pencil-text'}`}
    >
      {whereTheyAre(view)}
      {troubled ? `, ${troubled} to look at` : ''}
    </span>
  )
  return (
    <>
      {isPhone ? (
        <header className="no-print flex h-11 shrink-0 items-center gap-1 pr-1">
          <Link
            href="/jobs"
            aria-label="Detrimus, all jobs"
            className="grid size-11 shrink-0 place-items-center"
          >
            <ChevronLeft aria-hidden size={22} />
          </Link>
          <h1 className="min-w-0 grow truncate text-[19px]">{title || 'Untitled job'}</h1>
          {sending}
          <IconButton label="Undo" disabled={!view.canUndo} onClick={undo}>
            <Undo2 aria-hidden size={20} />
          </IconButton>
          <DropdownMenu.Root>
            <DropdownMenu.Trigger aria-label="More" className="grid size-11 shrink-0 place-items-center">
              <Ellipsis aria-hidden size={22} />
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
              <DropdownMenu.Content
                align="end"
                className="z-40 w-60 max-h-(--radix-dropdown-menu-content-available-height) overflow-y-auto rounded-(--radius) border border-ink bg-paper"
              >
                <MenuItem onSelect={redo} disabled={!view.canRedo}>
                  Redo
                </MenuItem>
                {claim ? (
                  <MenuItem onSelect={() => window.location.assign(`/jobs/${claim.job_id}/close`)}>
                    Claim on {claim.title}
                  </MenuItem>
                ) : null}
                <MenuItem onSelect={() => setDialog('details')}>Job details</MenuItem>
                {view.member.seesMoney ? (
                  <MenuItem onSelect={() => setDialog('ballpark')}>Ballpark</MenuItem>
                ) : null}
                <MenuItem onSelect={() => setDialog('kept')}>Kept here</MenuItem>
                <MenuItem onSelect={() => setDialog('history')}>{history}</MenuItem>
                <MenuItem onSelect={() => power.set(power.isLow ? 'off' : 'on')}>
                  {power.isLow ? 'Stop saving the battery' : 'Save the battery'}
                </MenuItem>
                <MenuItem onSelect={hand.turn}>{hand.isLeft ? 'Right-handed' : 'Left-handed'}</MenuItem>
              </DropdownMenu.Content>
            </DropdownMenu.Portal>
          </DropdownMenu.Root>
        </header>
      ) : (
        <header className="no-print flex h-10 shrink-0 items-center gap-x-3 px-5 touch:h-12">
          <HomeLink />
          <h1 className="min-w-0 truncate text-[17px]">
            {title || 'Untitled job'}
            {address ? <span className="font-normal text-quiet">, {address}</span> : null}
          </h1>
          {claim ? (
            <a className="shrink-0 text-[15px] underline" href={`/jobs/${claim.job_id}/close`}>
              claim on {claim.title}
            </a>
          ) : null}
          <Button look="quiet" className="shrink-0" onClick={() => setDialog('details')}>
            Job details
          </Button>
          {view.member.seesMoney ? (
            <Button look="quiet" className="shrink-0" onClick={() => setDialog('ballpark')}>
              Ballpark
            </Button>
          ) : null}
          <span className="grow" />
          {sending}
          <Button look="quiet" className="shrink-0" onClick={() => setDialog('kept')}>
            Kept here
          </Button>
          <Button look="quiet" className="shrink-0" disabled={!view.canUndo} onClick={undo}>
            <Undo2 aria-hidden size={16} /> Undo
          </Button>
          <Button look="quiet" className="shrink-0" disabled={!view.canRedo} onClick={redo}>
            <Redo2 aria-hidden size={16} /> Redo
          </Button>
          <Button look="quiet" className="shrink-0" onClick={() => setDialog('history')}>
            {history}
          </Button>
        </header>
      )}
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
