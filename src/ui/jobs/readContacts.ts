import {
  contactsInCards,
  contactsInRows,
  type Card,
  type Contacts,
  type ContactsError,
} from '../../core/office/contacts'
import type { Result } from '../../core/result'

const CARD = /BEGIN:VCARD[\s\S]*?END:VCARD/gi
const texts = (value: unknown): string[] =>
  Array.isArray(value)
    ? value.map((part: unknown) => (Array.isArray(part) ? part.map(String).join(' ') : String(part)))
    : [typeof value === 'string' ? value : '']

/** The cards of a vCard file, versions 3 and 4; null where one cannot be read. */
async function cardsIn(sources: readonly string[]): Promise<(Card | null)[]> {
  const { default: ICAL } = await import('ical.js')
  return sources.map((source) => {
    try {
      const card = new ICAL.Component(ICAL.parse(source.replaceAll(/\r?\n/g, '\r\n')) as unknown[])
      const of = (name: string): string[] => texts(card.getFirstPropertyValue(name))
      return {
        whole: of('fn').join(' '),
        name: of('n'),
        email: of('email').join(' '),
        phone: of('tel').join(' '),
        address: of('adr'),
      }
    } catch {
      return null
    }
  })
}

/** People in a contacts file, told apart by what is in it: cards, or a table. */
export async function readContacts(text: string): Promise<Result<Contacts, ContactsError>> {
  const cards = text.match(CARD)
  if (cards) return contactsInCards(await cardsIn(cards))
  const { default: Papa } = await import('papaparse')
  return contactsInRows(Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' }).data)
}
