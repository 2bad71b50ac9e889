'use client'

import { useSyncExternalStore } from 'react'
import { LOCALES, type Locale } from '../../core/lists'

const KEY = 'detrimus.crew-language'
const watchers = new Set<() => void>()

function read(): Locale {
  try {
    const kept = window.localStorage.getItem(KEY)
    return kept !== null && kept in LOCALES ? (kept as Locale) : 'en'
  } catch {
    return 'en'
  }
}

function set(locale: Locale): void {
  try {
    window.localStorage.setItem(KEY, locale)
  } catch {
    // A device that keeps nothing goes back to English when the page is opened again.
  }
  for (const changed of watchers) changed()
}

function watch(changed: () => void): () => void {
  watchers.add(changed)
  return () => watchers.delete(changed)
}

/** The language of the crew's sheets on this device. */
export function useLanguage(): { readonly locale: Locale; readonly set: (locale: Locale) => void } {
  return { locale: useSyncExternalStore(watch, read, () => 'en' as const), set }
}
