'use client'

import { useState } from 'react'
import { newId } from '../../../client/newId'
import type { Side } from '../../../core/job'
import { openingsWords, parseOpenings, tellOpenings, type SaidOpening } from '../../../core/walk'
import { Button, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFeature, nextFeatureNumber } from './freshFeature'

/** What stands on one wall, said in a line from left to right: windows and doors of a whole side in one go, at usual sizes. */
export function OpeningsLine({ side }: { side: Side }) {
  const { store } = useJob()
  const [text, setText] = useState('')
  const [tried, setTried] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const read = text.trim() === '' ? null : parseOpenings(text, { length: side.length })
  function add(of: SaidOpening): string | null {
    const { job } = store.read()
    const fresh = freshFeature(of.kind, {
      id: newId(),
      side_id: side.id,
      number: nextFeatureNumber(job, side.id),
      station: of.station,
    })
    const upstairs = of.floor > 1 && 'sill' in fresh
    return store.create('feature', {
      ...fresh,
      ...(of.width === null ? {} : { width: of.width }),
      ...(upstairs ? { sill: { ...fresh.sill, from: `floor-${of.floor}` as const } } : {}),
    })
  }
  function addAll(): void {
    setTried(true)
    if (!read?.ok) return
    for (const each of read.value) {
      const refused = add(each)
      if (refused) return setWrong(refused)
    }
    setText('')
    setTried(false)
    setWrong(null)
  }
  return (
    <form
      aria-label={`What stands on ${side.letter} ${side.facing}`}
      className="flex items-end gap-2 pb-2"
      onSubmit={(event) => {
        event.preventDefault()
        addAll()
      }}
    >
      <div className="min-w-0 grow">
        <TextField
          label={`On ${side.letter} ${side.facing}, left to right`}
          value={text}
          placeholder="w 3 10 29, d 19, upper w 3 10"
          autoComplete="off"
          hint={read?.ok ? tellOpenings(read.value) : undefined}
          error={wrong ?? (tried && read && !read.ok ? openingsWords(read.error) : null)}
          onChange={(value) => {
            setText(value)
            setTried(false)
            setWrong(null)
          }}
        />
      </div>
      <Button type="submit">Put there</Button>
    </form>
  )
}
