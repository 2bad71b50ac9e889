'use client'

import { useEffect, useRef, useState, useSyncExternalStore } from 'react'

/** Longest voice note; at speech quality this stays far under the 25 MB a clip may have. */
export const LONGEST_S = 120

const never = (): (() => void) => () => undefined

/** Read anew: it may have changed while the microphone was asked. */
const isWanted = (wanted: { readonly current: 'yes' | 'no' }): boolean => wanted.current === 'yes'

export type Recorder = {
  /** How long it has run; null while it does not. */
  readonly seconds: number | null
  readonly wrong: string | null
  readonly canRecord: boolean
  readonly start: () => Promise<void>
  readonly stop: () => void
}

/** The microphone: a voice note from `start` to `stop`, two minutes at most. */
export function useRecorder(onTake: (file: Blob) => void): Recorder {
  const [seconds, setSeconds] = useState<number | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const recorder = useRef<MediaRecorder | null>(null)
  /** Stopped before the microphone had answered. */
  const wanted = useRef<'yes' | 'no'>('yes')
  const canRecord = useSyncExternalStore(
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
    wanted.current = 'yes'
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
      if (!isWanted(wanted)) {
        for (const track of stream.getTracks()) track.stop()
        return
      }
      const pieces: Blob[] = []
      const made = new MediaRecorder(stream)
      made.ondataavailable = (event) => pieces.push(event.data)
      made.onstop = () => {
        for (const track of stream.getTracks()) track.stop()
        setSeconds(null)
        recorder.current = null
        if (pieces.length > 0) onTake(new Blob(pieces, { type: made.mimeType }))
      }
      made.start()
      recorder.current = made
      setSeconds(0)
    } catch {
      setWrong('The microphone did not answer. Allow it in the browser, or bring a sound file.')
    }
  }
  const stop = (): void => {
    wanted.current = recorder.current === null ? 'no' : 'yes'
    recorder.current?.stop()
  }
  return { seconds, wrong, canRecord, start, stop }
}
