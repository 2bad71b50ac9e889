'use client'

import { createContext, useContext, useMemo, type ReactNode } from 'react'
import type { Locale } from '../../core/lists/locales'
import { ownerDay } from '../messages/ownerDay'
import { ownerWordsOf, type OwnerMessages } from '../messages/ownerMessages'

type Tongue = { readonly locale: Locale; readonly messages: OwnerMessages }
const Context = createContext<Tongue | null>(null)

function useTongue(): Tongue {
  const tongue = useContext(Context)
  if (!tongue) throw new Error('what an owner reads stands inside the language he reads it in')
  return tongue
}

/** The language an owner reads his page in; what it says comes with the page, in that language alone. */
export function OwnerTongue({ locale, messages, children }: Tongue & { children: ReactNode }) {
  const tongue = useMemo(() => ({ locale, messages }), [locale, messages])
  return <Context value={tongue}>{children}</Context>
}

/** What the page says in it. */
export function useOwnerWords(): ReturnType<typeof ownerWordsOf> {
  const { messages } = useTongue()
  return useMemo(() => ownerWordsOf(messages), [messages])
}

/** How a day is said in it. */
export function useOwnerDay(): (day: string) => string {
  const { locale } = useTongue()
  return (day) => ownerDay(day, locale)
}
