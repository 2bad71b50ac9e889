'use client'

import { useState } from 'react'
import { formatLength, inches, parseLength, type Length } from '../../../core/measure'
import { lengthWords } from '../../../core/words'
import { Button, TextField } from '../../look'
import { useDevices } from '../../state/useDevices'

function shownOf(value: number): string {
  return `${value < 0 ? '-' : ''}${formatLength(Math.abs(value) as Length)}`
}

/** A height over the house's zero that may lie below it: typed with a minus, or taken from the laser receiver. */
export function LevelField(props: { label: string; value: Length; onChange: (value: Length) => void }) {
  const { receiver } = useDevices()
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  function read(text: string): void {
    setTyped(text)
    const below = /^\s*[-−]/.test(text)
    const parsed = parseLength(text.replace(/^\s*[-−+]/, ''), { bare: 'inches' })
    setWrong(parsed.ok || text.trim() === '' ? null : lengthWords(parsed.error))
    if (parsed.ok) props.onChange(((below ? -1 : 1) * parsed.value) as Length)
  }
  function take(): void {
    const stop = receiver.listen((said) => {
      if (typeof stop === 'function') stop()
      props.onChange(inches(said.inches))
      setTyped(null)
      setWrong(null)
    })
    if (typeof stop !== 'function') setWrong(stop.words)
  }
  return (
    <div className="flex items-end gap-1">
      <div className="grow">
        <TextField
          label={props.label}
          value={typed ?? shownOf(props.value)}
          error={wrong}
          onChange={read}
          onBlur={() => (wrong ? undefined : setTyped(null))}
        />
      </div>
      <Button aria-label={`${props.label}: take it from the laser receiver`} onClick={take}>
        laser
      </Button>
    </div>
  )
}
