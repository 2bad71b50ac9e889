'use client'

import { useState } from 'react'
import { memberHere, leave } from '../../client/member'
import { handOver } from '../../client/handOver'
import { saveEdits } from '../../client/savedEdits'
import { Button, LinkButton, Notice } from '../look'
import { Dialog } from '../look/Dialog'

async function leaveForGood(): Promise<void> {
  await leave()
  window.location.replace('/sign-in')
}

/**
 * Signs out and takes the member's jobs, pages and pictures off this device, with a signal or without. What only this device has is
 * first offered to be sent or saved as a file.
 */
export function SignOut() {
  const [unsent, setUnsent] = useState(0)
  const [saved, setSaved] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)

  async function ask(): Promise<void> {
    const many = await (memberHere()?.copies.countUnsent() ?? Promise.resolve(0)).catch(() => 0)
    if (many > 0) {
      setSaved(false)
      setUnsent(many)
    } else {
      setBusy(true)
      await leaveForGood()
    }
  }

  async function save(): Promise<void> {
    const here = memberHere()
    if (!here) return
    try {
      handOver(await saveEdits(here.copies), `not-sent-${new Date().toISOString().slice(0, 10)}.zip`)
      setSaved(true)
    } catch {
      setWrong('The file could not be made. Open the jobs and send what waits instead.')
    }
  }

  return (
    <>
      <Button look="quiet" disabled={busy} onClick={() => void ask()}>
        {busy ? 'Signing out…' : 'Sign out'}
      </Button>
      <Dialog open={unsent > 0} onClose={() => setUnsent(0)} title="Not everything is sent">
        <div className="flex flex-col gap-3">
          <p>
            {unsent === 1 ? 'One edit or picture is' : `${unsent} edits and pictures are`} only on this
            device. Signing out takes them off it. Send them first, or save them as a file that you can take
            in again.
          </p>
          {wrong ? (
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          ) : null}
          {saved ? (
            <Notice tone="done">Saved as a file. Take it in under “On this device” when you are back.</Notice>
          ) : null}
          <div className="flex flex-wrap justify-end gap-2">
            <LinkButton href="/jobs#kept">See them and send</LinkButton>
            <Button onClick={() => void save()}>Save as a file</Button>
            <Button onClick={() => setUnsent(0)}>Stay signed in</Button>
            <Button look="main" disabled={!saved || busy} onClick={() => void leaveForGood()}>
              Sign out
            </Button>
          </div>
        </div>
      </Dialog>
    </>
  )
}
