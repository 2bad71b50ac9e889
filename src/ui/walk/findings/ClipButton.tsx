'use client'

import { Button } from '../../look'
import { LONGEST_S, useRecorder } from './useRecorder'

/** A voice note from the microphone, or a short film or sound from the device. Two minutes and 25 MB at most. */
export function ClipButton({
  onTake,
  speaks = true,
}: {
  onTake: (file: Blob) => void
  /** On a phone *Speak* lies at the thumb, and once is enough. */
  speaks?: boolean
}) {
  const { seconds, wrong, canRecord, start, stop } = useRecorder(onTake)

  return (
    <span className="inline-flex flex-wrap items-center gap-2">
      {speaks && canRecord ? (
        <Button
          aria-pressed={seconds !== null}
          className={`min-h-11 ${seconds === null ? '' : 'bg-tape'}`}
          onClick={() => (seconds === null ? void start() : stop())}
        >
          {seconds === null ? 'Speak' : `Stop, ${LONGEST_S - seconds} s left`}
        </Button>
      ) : null}
      <label className="relative inline-flex min-h-9 cursor-pointer items-center rounded-(--radius) border border-ink bg-paper px-3 font-head font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
        Clip
        <input
          type="file"
          accept="audio/*,video/webm,video/mp4"
          aria-label="Voice note or clip from a file"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) onTake(file)
            event.target.value = ''
          }}
        />
      </label>
      <span className="text-[13px] text-quiet">two minutes, 25 MB at most</span>
      {wrong ? (
        <span role="alert" className="text-[13px] font-medium text-crayon-text">
          {wrong}
        </span>
      ) : null}
    </span>
  )
}
