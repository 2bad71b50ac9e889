'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import type { WorkItem } from '../../core/job'
import { itemFromKit, kitOf, type FirmKit } from '../../core/scope'
import { Button, Notice, SelectField, TextField } from '../look'
import { useFirmKits } from '../state/useFirmKits'
import { useJob } from '../state/useJob'

/** Keeps an item of one's own for the firm's next job. */
export function KeepKit({ item }: { item: WorkItem }) {
  const { view } = useJob()
  const { keep } = useFirmKits()
  const [said, setSaid] = useState<{ readonly tone: 'done' | 'wrong'; readonly words: string } | null>(null)
  async function keepIt(): Promise<void> {
    const price = view.job.typed_prices.findLast(
      (each) => !each.removed && each.on.kind === 'item' && each.on.item_id === item.id,
    )
    const wrong = await keep(kitOf(item, price))
    setSaid(
      wrong === null
        ? { tone: 'done', words: `“${item.name}” is kept. Add it to any job with Add work of your own.` }
        : { tone: 'wrong', words: wrong },
    )
  }
  return (
    <>
      <Button onClick={() => void keepIt()}>Keep as the firm’s kit</Button>
      {said ? (
        <div className="col-span-2">
          <Notice tone={said.tone} alert={said.tone === 'wrong'}>
            {said.words}
          </Notice>
        </div>
      ) : null}
    </>
  )
}

/** A kit of the firm taken into this job, so many times. */
export function TakeKit({ onTaken }: { onTaken: () => void }) {
  const { store, chosen, view } = useJob()
  const { kits, forget } = useFirmKits()
  const [name, setName] = useState('')
  const [times, setTimes] = useState('1')
  const [said, setSaid] = useState<string | null>(null)
  if (kits === null || kits.length === 0) return null
  const kit = kits.find((each) => each.name === name)
  function take(of: FirmKit): void {
    const many = Number(times.trim())
    if (!Number.isInteger(many) || many < 1 || many > 999)
      return setSaid('Say how many times, from 1 to 999.')
    const { item, price_cents } = itemFromKit(of, { id: newId(), times: many, finding_ids: chosen })
    const wrong =
      store.create('work_item', item) ??
      (price_cents === null
        ? null
        : store.create('typed_price', {
            id: newId(),
            removed: false,
            on: { kind: 'item', item_id: item.id },
            cents: price_cents as never,
            reason: `the firm’s price for “${of.name}”`,
          }))
    if (wrong !== null) return setSaid(wrong)
    onTaken()
  }
  return (
    <div role="group" aria-label="The firm’s kits" className="grid grid-cols-[1fr_6rem] items-end gap-2">
      <SelectField
        label="Or one of the firm’s kits"
        value={name}
        onChange={(value) => {
          setName(value)
          setSaid(null)
        }}
        choices={[
          { value: '', label: 'choose one' },
          ...kits.map((each) => ({ value: each.name, label: each.name })),
        ]}
      />
      <TextField label="Times" inputMode="numeric" value={times} error={said} onChange={setTimes} />
      {kit ? (
        <div className="col-span-2 flex gap-2">
          <Button onClick={() => take(kit)}>Add “{kit.name}”</Button>
          {view.member.may.includes('keep-kits') ? (
            <Button
              look="quiet"
              onClick={() => {
                setName('')
                void forget(kit.name).then(setSaid)
              }}
            >
              Forget it
            </Button>
          ) : null}
        </div>
      ) : null}
    </div>
  )
}
