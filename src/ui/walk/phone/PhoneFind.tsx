'use client'

import { useState } from 'react'
import { createPortal } from 'react-dom'
import { partName } from '../../../core/catalogue'
import { findingNumber } from '../../../core/house'
import { FEATURE_WORDS, gradeOf, type Finding } from '../../../core/job'
import { Awl, Button, Notice, TextField } from '../../look'
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
  /** Marks that stand too close for a thumb: which of them is meant is asked. */
  const crowd = job.findings.filter((each) => chosen.includes(each.id))
  const finding = crowd.length === 1 ? crowd[0]! : null
  const feature = job.features.find((each) => each.id === walk.featureId) ?? null
  const isOpen = isTyping || feature !== null || crowd.length > 0 || drafting !== null

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
      else
        setWrong(store.set('finding', finding.id, ({ clip_ids }) => ({ clip_ids: [...clip_ids, clip.id] })))
      return
    }
    const added = await addFindings(store, { found: [], near, ...of })
    if (added.ok) choose(added.ids)
    else setWrong(added.words)
  }

  const label = isTyping
    ? 'A line'
    : crowd.length > 1
      ? 'Which one?'
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
              ) : crowd.length > 1 ? (
                <Crowd findings={crowd} />
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

/** What lies under one touch: the findings there, and the opening they lie on. */
function Crowd({ findings }: { findings: readonly Finding[] }) {
  const { job, choose, walk } = useJob()
  const features = job.features.filter((feature) =>
    findings.some(({ place }) => place.kind === 'side' && place.feature_id === feature.id),
  )
  const row = 'flex min-h-14 w-full items-center gap-3 border-b border-rule px-1 text-left'
  return (
    <section aria-label="Which one?">
      <h2 className="pb-1 text-[17px]">Which one?</h2>
      <ul>
        {findings.map((finding) => (
          <li key={finding.id}>
            <button type="button" className={row} onClick={() => choose([finding.id])}>
              <span className="w-8 font-head text-[17px] font-semibold text-crayon-text">
                {findingNumber(finding, job)}
              </span>
              <span className="grow">{finding.component ? partName(finding.component) : finding.words}</span>
              <Awl grade={gradeOf(finding)} word={false} />
            </button>
          </li>
        ))}
        {features.map((feature) => (
          <li key={feature.id}>
            <button
              type="button"
              className={row}
              onClick={() => {
                choose([])
                walk.chooseFeature(feature.id)
              }}
            >
              <span className="w-8" />
              {FEATURE_WORDS[feature.kind]} {job.sides.find((side) => side.id === feature.side_id)?.letter}
              {feature.number}
            </button>
          </li>
        ))}
      </ul>
    </section>
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
      {entry.found.length > 0 || entry.ofJob !== null ? (
        <Chips entry={entry} job={job} firm={firm} />
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
