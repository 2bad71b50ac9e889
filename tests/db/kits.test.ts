/** The firm's own kits: kept by name, another firm's never seen, and without prices for whoever sees no money. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { forgetKit, keepKit, readKits } from '../../src/server/kits'
import type { Member } from '../../src/server/http'
import { closePools, newFirm, refusalOf } from './support'

let member: Member
let other: Member
beforeAll(async () => {
  member = await newFirm()
  other = await newFirm()
})
afterAll(closePools)

const tank = {
  name: 'Move the oil tank',
  note: '',
  lines: [{ kind: 'hours', what: 'carry', hours: 1.5 }],
  price_cents: 42_000,
} as never

test('kept, replaced by name, forgotten; the other firm has none of it', async () => {
  await keepKit(member, tank)
  await keepKit(member, { ...(tank as object), note: 'two people' } as never)
  expect(await readKits(member)).toEqual([{ ...(tank as object), note: 'two people' }])
  expect(await readKits(other)).toEqual([])
  await forgetKit(other, 'Move the oil tank')
  expect(await readKits(member)).toHaveLength(1)
  await forgetKit(member, 'Move the oil tank')
  expect(await readKits(member)).toEqual([])
})

test('the crew sees it without its price, and keeps and forgets nothing', async () => {
  await keepKit(member, tank)
  const crew: Member = { ...member, role: 'crew' }
  expect((await readKits(crew)).map((kit) => kit.price_cents)).toEqual([null])
  expect(await refusalOf(keepKit(crew, tank))).toBe('not-for-role')
  expect(await refusalOf(forgetKit(crew, 'Move the oil tank'))).toBe('not-for-role')
})
