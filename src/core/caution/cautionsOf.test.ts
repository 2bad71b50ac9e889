import { expect, test } from '@jest/globals'
import { alderHouse, finding, paintItem, sillNose, smallHouse } from '../../../tests/support/jobs'
import type { Fact } from '../job'
import { AT_MOST, cautionsOf } from './cautionsOf'

const ledger = finding({
  n: 5,
  words: '',
  component: 'ledger',
  at: { side: 'c', ft: 5, up_in: 20 },
  grade: 1,
  signs: ['ledger-nails-only'],
})
const old = { year_built: { kind: 'known', year: 1928 } } as const

const hazard = (id: string, of: Partial<Extract<Fact, { kind: 'hazard' }>>): Fact => ({
  kind: 'hazard',
  id,
  by: 'x',
  at: '2026-05-04T09:00:00Z',
  about: { kind: 'house' },
  hazard: 'other',
  signs: [],
  what: id,
  do_now: '',
  ...of,
})
const putAway = (caution_id: string): Fact => ({
  kind: 'acknowledgement',
  id: `ack-${caution_id}`,
  by: 'Imke Solvane',
  at: '2026-05-04T09:00:00Z',
  caution_id,
  reason: 'told the owner',
})

test('a ledger held by nails is keep-off by itself, whatever its wood', () => {
  const [first] = cautionsOf(smallHouse({ findings: [ledger] })).shown
  expect(first).toMatchObject({ kind: 'keep-off', gates: 'task', finding_ids: ['finding-5'] })
})

test('however many hazards: three on screen, keep-off among them, all on the list', () => {
  const facts = Array.from({ length: 6 }, (_, i) => hazard(`h${i}`, { hazard: 'wiring' }))
  const { all, shown } = cautionsOf(smallHouse({ findings: [ledger], facts }))
  expect(shown).toHaveLength(AT_MOST)
  expect(shown[0]?.kind).toBe('keep-off')
  expect(all).toHaveLength(7)
})

test('putting one away takes it from the three, not from the list; a keep-off stays', () => {
  const job = smallHouse({ findings: [ledger], facts: [hazard('h', { hazard: 'wiring' })] })
  const ids = cautionsOf(job).all.map((each) => each.id)
  const after = cautionsOf({ ...job, facts: [...job.facts, ...ids.map(putAway)] })
  expect(after.shown.map((each) => each.kind)).toEqual(['keep-off'])
  expect(after.all).toHaveLength(2)
  expect(after.all[1]?.acknowledged).toEqual({ by: 'Imke Solvane', reason: 'told the owner' })
})

test('a hazard taken back with a reason is gone', () => {
  const facts: Fact[] = [
    hazard('h', {}),
    { kind: 'retraction', id: 'r', by: 'x', at: '2026-05-04T09:00:00Z', fact_id: 'h', reason: 'mended' },
  ]
  expect(cautionsOf(smallHouse({ facts })).all).toEqual([])
})

test.each([
  ['1928', old.year_built, true],
  ['1977', { kind: 'known', year: 1977 }, true],
  ['1978', { kind: 'known', year: 1978 }, false],
  ['unknown', { kind: 'unknown' }, true],
] as const)('year %s: lead presumed %s', (_, year_built, presumed) => {
  const job = smallHouse({ findings: [sillNose()] })
  const { all } = cautionsOf({ ...job, house: { ...job.house!, year_built } })
  expect(all.some((each) => each.kind === 'lead')).toBe(presumed)
})

test('no pressure washing on hardboard, wherever its painting is chosen', () => {
  const job = smallHouse({
    work_items: [paintItem('w')],
  })
  const sides = job.sides.map((side) => ({ ...side, cladding: 'hardboard-lap' as const }))
  expect(cautionsOf({ ...job, sides }).all.map((each) => each.kind)).toEqual(['no-pressure-wash'])
  expect(cautionsOf(job).all).toEqual([])
})

test('soft wood that carries load asks for an engineer', () => {
  const joist = finding({ n: 1, words: '', component: 'joist', grade: 2 })
  expect(cautionsOf(smallHouse({ findings: [joist] })).all[0]).toMatchObject({
    kind: 'engineer',
    who: 'licensed engineer',
  })
})

test('nothing is ever called safe', () => {
  const words = JSON.stringify(cautionsOf(alderHouse()).all).replaceAll(/lead-safe|make safe/gi, '')
  expect(words).not.toMatch(/\bsafe\b/i)
})

test('a caution is put away by its own word, not by one that was said of another', () => {
  const facts = [
    hazard('one', {}),
    hazard('two', {}),
    {
      kind: 'acknowledgement',
      id: 'seen',
      by: 'Imke Solvane',
      at: '2026-05-04T09:00:00Z',
      caution_id: 'one',
      reason: 'told the owner',
    } as Fact,
  ]
  const { all } = cautionsOf(smallHouse({ facts }))
  const said = all.find((each) => each.what.startsWith('one'))
  const caution_id = said!.id
  const again = cautionsOf(
    smallHouse({ facts: [...facts.slice(0, 2), { ...facts[2]!, caution_id } as Fact] }),
  ).all
  expect(again.map((each) => each.acknowledged !== null)).toEqual(again.map((each) => each.id === caution_id))
})

test('a slab known to have tendons says so before a pocket is seen, and once', () => {
  const on = (foundation: 'slab' | 'slab-tendons', more: Parameters<typeof smallHouse>[0] = {}) => {
    const job = smallHouse(more)
    return cautionsOf({ ...job, house: { ...job.house!, foundation } }).all.filter(
      ({ row }) => row === 'tendons',
    )
  }
  expect(on('slab')).toEqual([])
  expect(on('slab-tendons')).toMatchObject([{ kind: 'engineer', where: 'Slab and its edge' }])
  const pocket = finding({
    ...{ n: 6, words: '', component: 'slab-edge', at: { side: 'a', ft: 5, up_in: 4 }, grade: 1 },
    signs: ['tendon-pocket-open'],
  })
  expect(on('slab-tendons', { findings: [pocket] })).toMatchObject([{ finding_ids: ['finding-6'] }])
})

test.each([
  ['guard', 'guard-moves'],
  ['deck-beam', 'beam-beside-posts'],
  ['deck-post', 'post-on-loose-pad'],
])('a %s with %s keeps people off by itself', (component, sign) => {
  const seen = { ...ledger, component, signs: [{ ...ledger.signs[0]!, sign }], stated_grade: null }
  const [first] = cautionsOf(smallHouse({ findings: [seen] })).shown
  expect(first).toMatchObject({ kind: 'keep-off', finding_ids: [ledger.id] })
})

test('a load nobody reckoned is for an engineer, before it stands there', () => {
  const seen = {
    ...ledger,
    component: 'deck-board',
    signs: [{ ...ledger.signs[0]!, sign: 'load-never-engineered' }],
  }
  const told = cautionsOf(smallHouse({ findings: [seen as never] })).all.map(({ doNow }) => doNow)
  expect(told).toContain(
    'An engineer reckons it before it stands there. If it stands there already: keep off, take it away.',
  )
})
