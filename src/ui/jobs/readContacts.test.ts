import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readContacts } from './readContacts'

// The structured address and name of RFC 6350 (vCard 4.0), sections 6.2.2 and 6.3.1, and of RFC 2426 (3.0); folded as in 3.2.
const CARDS = [
  'BEGIN:VCARD',
  'VERSION:3.0',
  'N:Fennimore;Orla;;;',
  'FN:Orla Fennimore',
  'TEL;TYPE=CELL:+1 555 0100',
  'EMAIL;TYPE=INTERNET:orla@mail.invalid',
  'ADR;TYPE=HOME:;;418 Ferrous Lane;Port Alder;SK;00001;',
  'END:VCARD',
  'BEGIN:VCARD',
  'VERSION:4.0',
  'N:Ostrander;Wim;;;',
  'FN:',
  'TEL;VALUE=uri:tel:+1-555-0101',
  'ADR:;Rear;14 Gannet',
  '  Street;Port Alder;;;',
  'END:VCARD',
  'BEGIN:VCARD',
  'VERSION:3.0',
  'EMAIL:nobody@mail.invalid',
  'END:VCARD',
].join('\n')

test('cards of both versions, folded lines, a name in its parts; a card without a name is said', async () => {
  expect(await readContacts(CARDS)).toEqual({
    ok: true,
    value: {
      contacts: [
        {
          name: 'Orla Fennimore',
          email: 'orla@mail.invalid',
          phone: '+1 555 0100',
          address: '418 Ferrous Lane, Port Alder, SK 00001',
        },
        {
          name: 'Wim Ostrander',
          email: '',
          phone: '+1-555-0101',
          address: 'Rear, 14 Gannet Street, Port Alder',
        },
      ],
      skipped: [{ at: 3, why: 'no-name' }],
    },
  })
})

test('no text of any kind makes it throw, and no card is lost without a word', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.string({ maxLength: 60 }), { minLength: 1, maxLength: 6 }),
      async (bodies) => {
        const clean = bodies.map((body) => body.replaceAll(/BEGIN:VCARD|END:VCARD/gi, ''))
        const text = clean.map((body) => `BEGIN:VCARD\nVERSION:3.0\n${body}\nEND:VCARD`).join('\n')
        const read = await readContacts(text)
        expect(read.ok && read.value.contacts.length + read.value.skipped.length).toBe(bodies.length)
      },
    ),
  )
})

test('a table is read by its columns, whatever parts them; what is neither says what to take', async () => {
  const read = await readContacts('Name;Phone\nOrla Fennimore;555 0100\n')
  expect(read).toMatchObject({
    ok: true,
    value: { contacts: [{ name: 'Orla Fennimore', phone: '555 0100' }] },
  })
  expect(await readContacts('a list of friends')).toMatchObject({ ok: false, error: { kind: 'no-names' } })
})
