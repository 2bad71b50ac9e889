import { err, ok, type Result } from '../result'

/** One person of a contacts file. What the file does not say is empty. */
export type Contact = {
  readonly name: string
  readonly email: string
  readonly phone: string
  /** On one line. */
  readonly address: string
}

export type Contacts = {
  readonly contacts: readonly Contact[]
  /** What was left out, and why, by its line or card, counted from 1. */
  readonly skipped: readonly { readonly at: number; readonly why: 'no-name' | 'unreadable' }[]
}

export type ContactsError =
  { readonly kind: 'no-names'; readonly columns: readonly string[] } | { readonly kind: 'no-cards' }

/** What a column is called in the files of mail programs and spreadsheets, lower case, letters only. */
const COLUMNS: Readonly<Record<keyof Fields, readonly string[]>> = {
  name: ['name', 'fullname', 'displayname', 'contact', 'contactname', 'customer', 'owner', 'client'],
  first: ['firstname', 'givenname', 'first', 'given'],
  last: ['lastname', 'familyname', 'surname', 'last', 'family'],
  email: ['email', 'emailaddress', 'mail', 'emailvalue', 'primaryemail'],
  phone: [
    'phone',
    'phonenumber',
    'mobile',
    'mobilephone',
    'cell',
    'tel',
    'telephone',
    'phonevalue',
    'primaryphone',
    'homephone',
  ],
  address: ['address', 'fulladdress', 'homeaddress', 'addressformatted', 'place', 'siteaddress'],
  street: ['street', 'homestreet', 'streetaddress', 'addressstreet', 'addressline'],
  city: ['city', 'town', 'homecity', 'addresscity'],
  state: ['state', 'region', 'homestate', 'addressregion', 'province'],
  postcode: ['zip', 'zipcode', 'postcode', 'postalcode', 'homepostalcode', 'addresspostalcode'],
}
type Fields = {
  name: string
  first: string
  last: string
  email: string
  phone: string
  address: string
  street: string
  city: string
  state: string
  postcode: string
}

/** A column's name without digits and signs: "E-mail 1 - Value" is `emailvalue`. */
const plain = (head: string): string => head.toLowerCase().replaceAll(/[^a-z]/g, '')
const oneLine = (text: string): string => text.replaceAll(/\s+/g, ' ').trim()
const joined = (parts: readonly string[], by: string): string =>
  parts
    .map(oneLine)
    .filter((part) => part !== '')
    .join(by)

/**
 * Contacts in rows of a CSV file, its first row being the names of its columns.
 *
 * @returns `no-names` when no column is one of names: nothing is guessed from the place of a column
 */
export function contactsInRows(rows: readonly (readonly string[])[]): Result<Contacts, ContactsError> {
  const heads = (rows[0] ?? []).map(plain)
  const columns = Object.fromEntries(
    Object.entries(COLUMNS).map(([field, names]) => [field, heads.findIndex((head) => names.includes(head))]),
  ) as Record<keyof Fields, number>
  if (columns.name < 0 && columns.first < 0 && columns.last < 0)
    return err({ kind: 'no-names', columns: rows[0] ?? [] })
  const contacts: Contact[] = []
  const skipped: { at: number; why: 'no-name' }[] = []
  rows.slice(1).forEach((row, index) => {
    const said = (field: keyof Fields): string =>
      columns[field] < 0 ? '' : oneLine(row[columns[field]] ?? '')
    const name = said('name') || joined([said('first'), said('last')], ' ')
    if (name === '') {
      skipped.push({ at: index + 2, why: 'no-name' })
      return
    }
    contacts.push({
      name,
      email: said('email'),
      phone: said('phone'),
      address:
        said('address') ||
        joined([said('street'), said('city'), joined([said('state'), said('postcode')], ' ')], ', '),
    })
  })
  return ok({ contacts, skipped })
}

/**
 * A card as its file has it. `name` is in the order of its standard (family, given), `address` too: box, extra, street, town, region,
 * code. What it does not say is empty.
 */
export type Card = {
  readonly whole: string
  readonly name: readonly string[]
  readonly email: string
  readonly phone: string
  readonly address: readonly string[]
}

/** Contacts in the cards of a file; null stands for a card that could not be read: the others come all the same. */
export function contactsInCards(cards: readonly (Card | null)[]): Result<Contacts, ContactsError> {
  if (cards.length === 0) return err({ kind: 'no-cards' })
  const contacts: Contact[] = []
  const skipped: { at: number; why: 'no-name' | 'unreadable' }[] = []
  cards.forEach((card, index) => {
    if (card === null) {
      skipped.push({ at: index + 1, why: 'unreadable' })
      return
    }
    const [family = '', given = ''] = card.name
    const name = oneLine(card.whole) || joined([given, family], ' ')
    if (name === '') {
      skipped.push({ at: index + 1, why: 'no-name' })
      return
    }
    const [box = '', extra = '', street = '', town = '', region = '', code = ''] = card.address
    contacts.push({
      name,
      email: oneLine(card.email),
      phone: oneLine(card.phone).replace(/^tel:/i, ''),
      address: joined([joined([box, extra], ' '), street, town, joined([region, code], ' ')], ', '),
    })
  })
  return ok({ contacts, skipped })
}

/** What is wrong with a contacts file, and what to do. */
export function contactsErrorWords(error: ContactsError): string {
  return error.kind === 'no-cards'
    ? 'There is no contact in this file. Export contacts as CSV or as vCard (.vcf), and take that.'
    : `No column of this file is one of names; its columns are ${error.columns.slice(0, 8).join(', ') || 'none'}. Call one “Name”, or “First name” and “Last name”.`
}
