'use client'

import { useState } from 'react'
import { createPortal } from 'react-dom'
import { findingNumber } from '../../../core/house'
import { Button, Notice, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { addFindings } from '../findings/addLine'
import { Chips } from '../findings/Chips'
import { FindingForm } from '../findings/FindingForm'
import { FindingList } from '../findings/FindingList'
import { useLine } from '../findings/useLine'
import { HousePanel } from '../house/HousePanel'
import { PhoneBar } from './PhoneBar'
import { Sheet } from './Sheet'
import { useWakeLock } from './useWakeLock'
import { whenShown } from '../../state/whenShown'

const FeaturePanel = whenShown(() => import('../house/FeaturePanel').then((file) => file.FeaturePanel))

/** Finding on a phone: the last findings, what is open as a sheet over them, and the bar at the thumb. */
export function PhoneFind() {
  const { job, store, chosen, choose, drafting, draft, walk, near, slots } = useJob()
  const [isTyping, setTyping] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  useWakeLock(true)
  const finding = job.findings.find((each) => each.id === chosen[0]) ?? null
  const feature = job.features.find((each) => each.id === walk.featureId) ?? null
  const isOpen = isTyping || feature !== null || finding !== null || drafting !== null

  function close(): void {
    setTyping(false)
    draft(null)
    choose([])
  }

  async function take(of: { photo: File | null; clip: Blob | null }): Promise<void> {
    setWrong(null)
    // With a finding open a voice note belongs to it.
    if (finding && of.clip) {
      const clip = await store.addClip(of.clip)
      if ('words' in clip) setWrong(clip.words)
      else setWrong(store.set('finding', finding.id, { clip_ids: [...finding.clip_ids, clip.id] }))
      return
    }
    const added = await addFindings(store, { found: [], near, ...of })
    if (added.ok) choose(added.ids)
    else setWrong(added.words)
  }

  const label = isTyping
    ? 'A line'
    : (feature?.kind ?? (finding ? `Finding ${findingNumber(finding, job)}` : 'New finding'))
  return (
    <>
      <FindingList />
      <div className="pt-4">
        <HousePanel />
      </div>
      {isOpen && slots.sheet
        ? createPortal(
            <Sheet label={`Sheet: ${label}`} onClose={close}>
              {isTyping ? (
                <LineForm onAdded={() => setTyping(false)} />
              ) : feature ? (
                <FeaturePanel key={feature.id} feature={feature} />
              ) : (
                <FindingForm
                  key={finding?.id ?? (drafting ? JSON.stringify(drafting.place) : 'none')}
                  finding={finding}
                />
              )}
            </Sheet>,
            slots.sheet,
          )
        : null}
      {slots.foot
        ? createPortal(
            <PhoneBar
              onPhoto={(photo) => void take({ photo, clip: null })}
              onClip={(clip) => void take({ photo: null, clip })}
              onLine={() => {
                draft(null)
                choose([])
                setTyping(true)
              }}
              done={isOpen ? { says: isTyping ? 'Close' : 'Done', run: close } : null}
              wrong={wrong}
            />,
            slots.foot,
          )
        : null}
    </>
  )
}

/** The line with what is understood of it right under it, over the keyboard. */
function LineForm({ onAdded }: { onAdded: () => void }) {
  const { job, firm } = useJob()
  const entry = useLine()
  return (
    <form
      aria-label="Photo and word"
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        void entry.add({ file: null }).then((taken) => (taken ? onAdded() : undefined))
      }}
    >
      <TextField
        label="A word, or a whole line"
        value={entry.line}
        onChange={entry.type}
        placeholder="fascia three feet soft at twelve"
        autoComplete="off"
        autoFocus
        data-line
      />
      {entry.found.length > 0 ? (
        <Chips found={entry.found} answer={entry.answer} job={job} firm={firm} />
      ) : (
        <p className="text-[14px] text-quiet">
          Say it as you would to a mate: part, how bad, how long, where. The wall in view and the last place
          are taken for granted.
        </p>
      )}
      <Button type="submit" look="main" disabled={entry.busy || entry.line.trim() === ''}>
        {entry.busy ? 'Keeping…' : entry.found.length > 1 ? `Add ${entry.found.length}` : 'Add'}
      </Button>
      {entry.wrong ? (
        <Notice tone="wrong" alert>
          {entry.wrong}
        </Notice>
      ) : null}
    </form>
  )
}
