import { expect, test } from '@jest/globals'
import { ENTITY_KIND_NAMES } from '../job'
import { actionToWrite, actionsOf, isRole, may, withheldKinds } from './permissions'
import { ACTIONS, ROLES } from './roles'

const OFFICE = 'office and estimator'
const OWNER = 'the owner-estimator alone'
const EVERYBODY = 'everybody'
const NOT_APPRENTICE = 'all but the apprentice'

/** The table as the firm would say it, written down beside the code's own. A new action without a row fails. */
const SAID: Record<string, string> = {
  'edit-work': EVERYBODY,
  'see-money': OFFICE,
  'change-settings': OFFICE,
  'change-firm-settings': OFFICE,
  'send-bids': OFFICE,
  'take-jobs-in': OFFICE,
  'get-originals': OFFICE,
  'teach-words': NOT_APPRENTICE,
  'forget-words': OFFICE,
  'keep-kits': OFFICE,
  'run-the-office': OFFICE,
  'keep-people': OWNER,
}

test('every action has a row, and every role stands as the firm said', () => {
  expect([...ACTIONS].sort()).toEqual(Object.keys(SAID).sort())
  for (const action of ACTIONS) {
    const expected = ROLES.filter((role) =>
      SAID[action] === EVERYBODY
        ? true
        : SAID[action] === NOT_APPRENTICE
          ? role !== 'apprentice'
          : role === 'owner-estimator' || (SAID[action] === OFFICE && role === 'office'),
    )
    expect({ action, roles: ROLES.filter((role) => may(role, action)) }).toEqual({ action, roles: expected })
  }
})

const MONEY = ['rates', 'change_order', 'order_answer', 'receipt', 'invoice', 'payment', 'typed_price']

test('kinds of money and settings ask for more than the others', () => {
  const asked = Object.fromEntries(ENTITY_KIND_NAMES.map((kind) => [kind, actionToWrite(kind)]))
  expect(Object.keys(asked).filter((kind) => asked[kind] === 'see-money')).toEqual(MONEY)
  expect(Object.keys(asked).filter((kind) => asked[kind] === 'change-settings')).toEqual(['settings'])
  expect(Object.keys(asked).filter((kind) => asked[kind] === 'run-the-office')).toEqual(['handover', 'claim'])
})

test('money is withheld from the roles that do not see it, by kind', () => {
  expect(withheldKinds('crew')).toEqual(MONEY)
  expect(withheldKinds('apprentice')).toEqual(MONEY)
  expect(withheldKinds('office')).toEqual([])
  expect(actionsOf('apprentice')).toEqual(['edit-work'])
  expect([isRole('crew'), isRole('owner')]).toEqual([true, false])
})
