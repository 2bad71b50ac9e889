'use client'

import { useEffect, useRef, useState, useSyncExternalStore } from 'react'
import { Button } from '../../look'

/** Longest voice note; at speech quality this stays far under the 25 MB a clip may have. */
const LONGEST_S = 120

const never = (): (() => void) => () => undefined

/** A voice note from the microphone, or a short film or sound from the device. Two minutes and 25 MB at most. */
export function ClipButton({ onTake }: { onTake: (file: Blob) => void }) {
  const [seconds, setSeconds] = useState<number | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const recorder = useRef<MediaRecorder | null>(null)
  const records = useSyncExternalStore(
    never,
    () => 'MediaRecorder' in window && Boolean(navigator.mediaDevices),
    () => false,
  )

  useEffect(() => {
    if (seconds === null) return undefined
    const timer = setTimeout(() => {
      if (seconds + 1 >= LONGEST_S) recorder.current?.stop()
      else setSeconds(seconds + 1)
    }, 1000)
    return () => clearTimeout(timer)
  }, [seconds])
  useEffect(() => () => recorder.current?.stop(), [])

  async function start(): Promise<void> {
    setWrong(null)
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
      const pieces: Blob[] = []
      const made = new MediaRecorder(stream)
      made.ondataavailable = (event) => pieces.push(event.data)
      made.onstop = () => {
        for (const track of stream.getTracks()) track.stop()
        setSeconds(null)
        if (pieces.length > 0) onTake(new Blob(pieces, { type: made.mimeType }))
      }
      made.start()
      recorder.current = made
      setSeconds(0)
    } catch {
      setWrong('The microphone did not answer. Allow it in the browser, or bring a sound file.')
    }
  }

  return (
    <span className="inline-flex flex-wrap items-center gap-2">
      {records ? (
        <Button
          aria-pressed={seconds !== null}
          className={`min-h-11 ${seconds === null ? '' : 'bg-tape'}`}
          onClick={() => (seconds === null ? void start() : recorder.current?.stop())}
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
