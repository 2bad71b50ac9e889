'use client'

import { useState } from 'react'
import type { Lacking } from '../../core/job'
import { Button, Notice } from '../look'
import { useJob } from '../state/useJob'

/** What is lacking, counted by what a person calls it. */
function counted(lost: readonly Lacking[]): string {
  const counts = new Map<string, number>()
  for (const each of lost) {
    const name = each.op === 'fact' ? `noted ${each.fact.kind}` : each.kind.replaceAll('_', ' ')
    counts.set(name, (counts.get(name) ?? 0) + 1)
  }
  return [...counts].map(([name, many]) => `${many} × ${name}`).join(', ')
}

/** A server that was set back to an older state, as from a backup: what this device has and it lacks can be brought back. */
export function SetBackNotice() {
  const { view, store } = useJob()
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const { setBack } = view
  if (!setBack) return null
  async function bring(): Promise<void> {
    setBusy(true)
    setWrong(await store.bringBack())
    setBusy(false)
  }
  return (
    <div className="px-5 pb-2">
      <Notice tone="waiting" alert>
        <p>
          The server was set back to an older state.{' '}
          {setBack.length === 0
            ? 'It lacks nothing that this device has.'
            : `This device has what it lacks: ${counted(setBack)}.`}
        </p>
        {wrong ? <p>{wrong}</p> : null}
        <div className="flex gap-2 pt-2">
          {setBack.length > 0 ? (
            <Button disabled={busy} onClick={() => void bring()}>
              {busy ? 'Bringing it back…' : 'Bring it back'}
            </Button>
          ) : null}
          <Button look="quiet" onClick={() => store.letSetBackGo()}>
            {setBack.length > 0 ? 'Go on with what the server has' : 'Understood'}
          </Button>
        </div>
      </Notice>
    </div>
  )
}
