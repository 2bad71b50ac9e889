'use client'

import { createContext, useContext, useMemo, type ReactNode } from 'react'
import type { Locale } from '../../core/lists/locales'
import { ownerDay } from '../messages/ownerDay'
import { ownerWords, type OwnerWords } from '../messages/owner'

const Context = createContext<Locale>('en')

/** The language an owner reads his page in. On a phone of the firm's it is English. */
export function OwnerTongue({ locale, children }: { locale: Locale; children: ReactNode }) {
  return <Context value={locale}>{children}</Context>
}

/** What the page says in it. */
export function useOwnerWords(): OwnerWords {
  const locale = useContext(Context)
  return useMemo(() => ownerWords(locale), [locale])
}

/** How a day is said in it. */
export function useOwnerDay(): (day: string) => string {
  const locale = useContext(Context)
  return (day) => ownerDay(day, locale)
}
