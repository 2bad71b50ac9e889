'use client'

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'
import { chosenTotal, type Choosable } from '../../core/bid/choose'
import type { Cents } from '../../core/measure'
import { NOTHING_CHANGED, type OwnersChoice } from './ownerChoice'

/** A piece of work, an option or a look, as its owner chooses it. */
export type Named = { readonly id: string; readonly title: string; readonly left_out: string }

type Choosing = {
  readonly bid: Choosable
  readonly named: readonly Named[]
  readonly choice: OwnersChoice
  readonly choose: (next: OwnersChoice) => void
  /** What it comes to; null: nothing is left to be done. */
  readonly total_cents: Cents | null
  /** The piece of work for which the choice does not go together; null: it does, or nothing is chosen. */
  readonly stuck: string | null
  /** What is asked about: a piece of work, the bid as a whole, or nothing. */
  readonly asking: { readonly about: string | null } | null
  readonly ask: (of: { readonly about: string | null } | null) => void
  /** Typed where something was left out by name; where the yes is given it stands already. */
  readonly name: string
  readonly setName: (name: string) => void
}

const Context = createContext<Choosing | null>(null)

export function useChoosing(): Choosing {
  const choosing = useContext(Context)
  if (!choosing) throw new Error('an owner’s choice stands only on the page of his bid')
  return choosing
}

/** What the owner chooses, over the whole of his page: its total is reckoned here at every touch, and on the server once more. */
export function ChoosingProvider({
  bid,
  named,
  children,
}: {
  bid: Choosable
  named: readonly Named[]
  children: ReactNode
}) {
  const [choice, choose] = useState(NOTHING_CHANGED)
  const [asking, ask] = useState<Choosing['asking']>(null)
  const [name, setName] = useState('')
  const total = useMemo(() => chosenTotal(bid, choice), [bid, choice])
  const total_cents = total.ok ? total.value.total_cents : null
  const stuck = total.ok || total.error.kind === 'nothing-chosen' ? null : total.error.id
  const value = useMemo(
    () => ({ bid, named, choice, choose, total_cents, stuck, asking, ask, name, setName }),
    [bid, named, choice, total_cents, stuck, asking, name],
  )
  return <Context value={value}>{children}</Context>
}
