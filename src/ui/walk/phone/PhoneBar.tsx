'use client'

import { useRef, useState, type ReactNode } from 'react'
import { PHOTO_TYPES } from '../../look/PhotoButton'
import { useHand } from '../../state/useHand'
import { LONGEST_S, useRecorder } from '../findings/useRecorder'

const KEY =
  'flex min-h-14 grow basis-0 items-center justify-center rounded-(--radius) border font-head text-[18px] font-semibold outline-tape'
const DARK = `${KEY} border-rule bg-ink text-white`
const LIGHT = `${KEY} border-tape bg-tape text-ink grow-[1.4]`
/** Held at least so long it listens while held; shorter is a touch that starts and stops. */
const HOLD_MS = 450

type Props = {
  readonly onPhoto: (file: File) => void
  readonly onClip: (clip: Blob) => void
  readonly onLine: () => void
  /** While something is open over the list: how it is closed, and what that says. */
  readonly done: { readonly says: string; readonly run: () => void } | null
  readonly wrong: string | null
}

/** What is needed once a minute, where the thumb is: a photo, the voice, a line; while a sheet is open, its *Done*. */
export function PhoneBar({ onPhoto, onClip, onLine, done, wrong }: Props) {
  const hand = useHand()
  const keys: ReactNode[] = [
    done ? (
      <button key="done" type="button" className={LIGHT} onClick={done.run}>
        {done.says}
      </button>
    ) : (
      <Photo key="photo" onTake={onPhoto} />
    ),
    <Speak key="speak" onTake={onClip} />,
    <button key="line" type="button" className={DARK} onClick={onLine}>
      Line
    </button>,
  ]
  return (
    <section
      aria-label="At the thumb"
      className="no-print bg-ink px-3 pt-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]"
    >
      {wrong ? (
        <p role="alert" className="pb-1 font-head text-[15px] font-semibold text-pencil">
          {wrong}
        </p>
      ) : null}
      {/* The main one lies under the thumb that holds the phone. */}
      <div className={`flex gap-2 ${hand.isLeft ? '' : 'flex-row-reverse'}`}>{keys}</div>
    </section>
  )
}

function Photo({ onTake }: { onTake: (file: File) => void }) {
  return (
    <label className={`${LIGHT} relative cursor-pointer has-focus-visible:outline-3`}>
      Photo
      <input
        type="file"
        accept={PHOTO_TYPES}
        capture="environment"
        aria-label="Photo of a new finding"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) onTake(file)
        }}
      />
    </label>
  )
}

function Speak({ onTake }: { onTake: (clip: Blob) => void }) {
  const { seconds, wrong, canRecord, start, stop } = useRecorder(onTake)
  const [downAt, setDownAt] = useState(0)
  const held = useRef(false)
  if (!canRecord) return null
  const turn = (): void => (seconds === null ? void start() : stop())
  return (
    <button
      type="button"
      aria-pressed={seconds !== null}
      className={`${DARK} touch-none ${seconds === null ? '' : 'bg-crayon'}`}
      onPointerDown={(event) => {
        setDownAt(event.timeStamp)
        held.current = true
        turn()
      }}
      onPointerUp={(event) => {
        if (held.current && event.timeStamp - downAt > HOLD_MS) stop()
        held.current = false
      }}
      onPointerCancel={stop}
      onClick={(event) => {
        // A key press; a pointer was heard above.
        if (event.detail === 0) turn()
      }}
    >
      {wrong ? 'no microphone' : seconds === null ? 'Speak' : `${LONGEST_S - seconds} s`}
    </button>
  )
}
