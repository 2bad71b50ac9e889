import { expect, test } from '@jest/globals'
import { contactsErrorWords, contactsInRows } from './contacts'

test('columns are known by what programs call them, in any order', () => {
  const read = contactsInRows([
    ['E-mail 1 - Value', 'First Name', 'Last Name', 'Street', 'City', 'State', 'ZIP'],
    ['orla@mail.invalid', 'Orla', 'Fennimore', '418 Ferrous Lane', 'Port Alder', 'SK', '00001'],
    ['', '', '', '9 Nowhere', '', '', ''],
    ['w@mail.invalid', 'Wim', '', '', '', '', ''],
  ])
  expect(read).toEqual({
    ok: true,
    value: {
      contacts: [
        {
          name: 'Orla Fennimore',
          email: 'orla@mail.invalid',
          phone: '',
          address: '418 Ferrous Lane, Port Alder, SK 00001',
        },
        { name: 'Wim', email: 'w@mail.invalid', phone: '', address: '' },
      ],
      skipped: [{ at: 3, why: 'no-name' }],
    },
  })
})

test('a file without a column of names is refused, with its columns', () => {
  const read = contactsInRows([
    ['a', 'b'],
    ['Orla', 'x'],
  ])
  expect(read).toEqual({ ok: false, error: { kind: 'no-names', columns: ['a', 'b'] } })
  expect(contactsErrorWords({ kind: 'no-names', columns: ['a', 'b'] })).toContain('a, b')
})
