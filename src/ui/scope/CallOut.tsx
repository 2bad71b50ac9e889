'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { callOut, TRADES, type ScopeItem } from '../../core/scope'
import { Button, Notice, SelectField } from '../look'
import { useJob } from '../state/useJob'

/** Has the trade that work was referred to come and look, as a priced item of its own. */
export function CallOut({ item }: { item: ScopeItem }) {
  const { store } = useJob()
  const [trade, setTrade] = useState(TRADES[0]?.id ?? '')
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <div className="col-span-2 flex flex-wrap items-end gap-2">
      <SelectField
        label="Who is called out"
        value={trade}
        onChange={setTrade}
        choices={TRADES.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Button onClick={() => setWrong(store.create('work_item', callOut(item, trade, newId())))}>
        Price the call-out
      </Button>
      {wrong === null ? null : (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      )}
    </div>
  )
}
