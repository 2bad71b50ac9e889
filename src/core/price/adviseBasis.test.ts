import { expect, test } from '@jest/globals'
import { type finding } from '../../../tests/support/jobs'
import { at, mend, one } from '../../../tests/support/priced'
import type { Finding } from '../job'
import { adviseBasis } from './adviseBasis'

const advised = (of: Finding, method = 'piece-in', more: Parameters<typeof one>[2] = {}) => {
  const derived = one(of, method, more, {})
  return adviseBasis(derived.scope.items[0]!, derived.job, () => null)
}
const sill = (of: Partial<Parameters<typeof finding>[0]>): Finding => at(1, 'window-sill', of)

test.each<[string, Finding, string, string | null]>([
  ['measured, shallow: fixed', sill({ grade: 1 }), 'fixed', null],
  ['gone: the framing behind is likelier damaged than not', sill({ grade: 4 }), 'ceiling', null],
  ['not measured at all', { ...sill({ grade: 1 }), extent: null }, 'ceiling', null],
  ['nobody has seen it', { ...sill({ grade: 1 }), suspected: true }, 'fixed', 'on-request'],
])('%s', (_, of, basis, stands) => {
  expect(advised(of)).toMatchObject({ basis, stands })
})

test('judged from below: an allowance', () => {
  const taped = at(1, 'fascia', { grade: 1 })
  const guessed: Finding = { ...taped, extent: { ...taped.extent!, how: 'guessed' } }
  expect(advised(guessed).basis).toBe('allowance')
  expect(mend('r', [guessed], 'piece-in').basis).toBe('fixed')
})
