import { createTranslator } from 'use-intl/core'
import type { Locale } from '../../core/lists/locales'
import { OWNER_ENGLISH } from './ownerEnglish'
import { ownerWordsOf, type OwnerMessage, type OwnerMessages } from './ownerMessages'
import { OWNER_SPANISH } from './ownerSpanish'

const MESSAGES: Record<Locale, OwnerMessages> = { en: OWNER_ENGLISH, es: OWNER_SPANISH }

/** What an owner's page says in one language, as it is sent to his browser: there nothing but names is filled in. */
export const ownerMessages = (locale: Locale): OwnerMessages => MESSAGES[locale]

export type OwnerWords = (key: OwnerMessage, values?: Record<string, string | number>) => string

/** What an owner's page says in one language, numbers and plurals as that language has them. On the server. */
export function ownerWords(locale: Locale): OwnerWords {
  const translate = createTranslator({ locale, messages: MESSAGES[locale] }) as unknown as OwnerWords
  const plain = ownerWordsOf(MESSAGES[locale])
  return (key, values) => (COUNTS.has(key) ? translate(key, values) : plain(key, values))
}
const COUNTS: ReadonlySet<OwnerMessage> = new Set<OwnerMessage>(['items', 'notDone'])
