'use client'

import { Button, LinkButton, Notice } from '../look'
import { Dialog } from '../look/Dialog'
import { useJob } from '../state/useJob'
import type { RefusedEdit, UnreadableEdit } from '../../client/localCopies'
import { handOver } from '../../client/handOver'

const WHERE = {
  sent: 'Everything is on the server.',
  sending: 'On its way to the server.',
  'no-signal': 'No signal. Everything is kept on this device and goes by itself once there is one.',
  'signed-out': 'You were signed out. Everything is kept here; sign in and it goes.',
  'no-answer': 'Sent, and no answer yet. Everything is kept on this device until one comes.',
  'foreign-answer':
    'Something else than our server answers: a guest network may want you to sign in to it first. Everything is kept here and tried again.',
  'set-back': 'The server was set back to an older state. Look at what it lacks, above.',
  'server-unwell': 'The server does not answer as it should. Everything is kept here and tried again.',
  'other-person':
    'Somebody else is signed in here now. These edits go once the person who made them signs in again.',
} as const

/** What a refused edit was about, in its own words where it has some. */
function about({ change }: RefusedEdit): string {
  if (change.op === 'fact') return `a note of kind ${change.fact.kind}`
  const body = change.op === 'create' ? change.body : change.fields
  const words = [body.words, body.title, body.what].find((each) => typeof each === 'string' && each !== '')
  return `${change.entity.kind.replaceAll('_', ' ')}${typeof words === 'string' ? `: “${words}”` : `, ${Object.keys(body).join(', ')}`}`
}

/** An edit that cannot be read here is no less somebody's: as a file it can be sent to whoever can. */
function takeOut(edit: UnreadableEdit): void {
  handOver(new Blob([edit.raw], { type: 'application/json' }), `edit-${edit.position}.json`)
}

/** Where the edits and pictures are: sent, kept here, refused and why. */
export function KeptDialog({ onClose }: { onClose: () => void }) {
  const { view, store } = useJob()
  return (
    <Dialog open onClose={onClose} title="Kept and sent">
      <div className="flex flex-col gap-3">
        <p>{WHERE[view.sending]}</p>
        <dl className="grid grid-cols-[1fr_auto] gap-y-1 border-y border-rule py-2 font-head">
          <dt>Edits kept here, not sent yet</dt>
          <dd className="text-right">{view.waiting}</dd>
          <dt>Pictures and recordings kept here, not sent yet</dt>
          <dd className="text-right">{view.picturesWaiting}</dd>
          {view.unconfirmed > 0 ? (
            <>
              <dt>Of these, not yet confirmed by this browser</dt>
              <dd className="text-right">{view.unconfirmed}</dd>
            </>
          ) : null}
          <dt>Refused by the server</dt>
          <dd className="text-right">{view.refusedEdits.length + view.refusedPictures.length}</dd>
        </dl>
        {view.notKept > 0 ? (
          <Notice tone="wrong" alert>
            {view.notKept} of these are only in this page: this browser’s storage is full or switched off.
            Leave the page open until they are sent, and free some space.
          </Notice>
        ) : null}
        {view.clockOff_min !== null ? (
          <p>
            This device’s clock is {Math.abs(view.clockOff_min)} minutes{' '}
            {view.clockOff_min > 0 ? 'behind' : 'ahead'}. Times are written down by the server’s clock.
          </p>
        ) : null}
        {view.refusedEdits.map((edit) => (
          <div key={edit.id} className="flex items-center gap-3 border-b border-rule pb-2">
            <span className="grow">
              <span className="font-semibold">{about(edit)}</span>
              <span className="block text-[14px] text-quiet">{edit.why}</span>
            </span>
            <Button onClick={() => void store.letGo(edit.id)}>Let it go</Button>
          </div>
        ))}
        {view.unreadableEdits.map((edit) => (
          <div key={edit.position} className="flex items-center gap-3 border-b border-rule pb-2">
            <span className="grow">
              <span className="font-semibold">An edit that cannot be read</span>
              <span className="block text-[14px] text-quiet">{edit.why}</span>
            </span>
            <Button onClick={() => takeOut(edit)}>Take it out as a file</Button>
            <Button onClick={() => void store.letUnreadableGo(edit.position)}>Let it go</Button>
          </div>
        ))}
        {view.refusedPictures.map((picture) => (
          <div key={picture.sha256} className="flex items-center gap-3 border-b border-rule pb-2">
            <img
              src={store.pictures.urlOf(picture.sha256, 'thumbnail')}
              alt="The refused picture"
              className="h-11 w-14 border border-ink object-cover"
            />
            <span className="grow text-[14px]">{picture.why}</span>
            <Button onClick={() => void store.pictures.letGo(picture.sha256)}>Let it go</Button>
          </div>
        ))}
        <div className="flex justify-end gap-2">
          {view.sending === 'signed-out' || view.sending === 'other-person' ? (
            <LinkButton href="/sign-in">Sign in</LinkButton>
          ) : null}
          <Button onClick={() => void store.flush()}>Send now</Button>
          <Button look="main" onClick={onClose}>
            Close
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
