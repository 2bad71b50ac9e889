import { expect, test } from '@jest/globals'
import { finding, paintItem, smallHouse, workItem } from '../../../tests/support/jobs'
import { ballpark } from '../ballpark'
import type { Fact, Feature, Finding, JobDocument, WorkItem } from '../job'
import { readJob, type Grade } from '../job'
import { feet, inches } from '../measure'
import { derive } from '../pipeline'
import type { Standing } from '../scope'
import { hangsOn } from './dangers'

const deck = (letter: string, number: number): Feature => ({
  id: `deck-${letter}`,
  size_how: 'taped',
  removed: false,
  kind: 'deck',
  side_id: `side-${letter}`,
  number,
  station: feet(10),
  width: feet(16),
  depth: feet(12),
  deck_height: inches(30),
})
const on = (n: number, component: string, grade: Grade, signs: string[] = [], letter = 'c'): Finding =>
  finding({
    n,
    words: '',
    component,
    at: { side: letter, ft: 12, up_in: 24, feature: `deck-${letter}` },
    length_in: 24,
    grade,
    signs,
  })
const hazard = (of: Partial<Extract<Fact, { kind: 'hazard' }>>): Fact => ({
  kind: 'hazard',
  id: 'h',
  by: 'Tess Orme',
  at: '2026-05-04T09:00:00Z',
  about: { kind: 'feature', feature_id: 'deck-c' },
  hazard: 'keep-off',
  signs: [],
  what: 'sags',
  do_now: '',
  ...of,
})
function jobOf(findings: Finding[], more: Partial<JobDocument> = {}): JobDocument {
  return smallHouse({
    features: [deck('c', 1), deck('a', 2)],
    findings,
    work_items: findings.map((each): WorkItem =>
      workItem(`r${each.number}`, {
        method: 'piece-in',
        component: each.component,
        finding_ids: [each.id],
        material: 'treated',
      }),
    ),
    ...more,
  })
}
const standings = (job: JobDocument): Standing[] =>
  derive(job, '2026-05-04').scope.items.map((item) => item.standing)

test('what hangs on an unsafe ledger is stopped with it; a board on the other deck is not', () => {
  const job = jobOf([
    on(1, 'ledger', 1, ['ledger-nails-only']),
    on(2, 'deck-board', 3),
    on(3, 'stair-tread', 3),
    on(4, 'deck-board', 3, [], 'a'),
  ])
  expect(standings(job)).toEqual(['stopped', 'stopped', 'stopped', 'ours'])
})

test('what an unsafe part hangs on is not stopped: boards beside a loose guard, or beside a bad stair', () => {
  expect(standings(jobOf([on(1, 'guard', 3), on(2, 'deck-board', 3)]))).toEqual(['stopped', 'ours'])
  expect(standings(jobOf([on(1, 'stair', 3), on(2, 'deck-board', 3), on(3, 'stair-tread', 3)]))).toEqual([
    'stopped',
    'ours',
    'stopped',
  ])
})

test('one bad tread is a tread', () => {
  const job = jobOf([on(1, 'stair-tread', 4), on(2, 'stair', 1)])
  expect(derive(job, '2026-05-04').cautions.all.filter((each) => each.kind === 'keep-off')).toEqual([])
  expect(standings(job)).toEqual(['ours', 'ours'])
})

test('a soft joist makes its boards wait for the engineer, and nothing is charged for either', () => {
  const job = jobOf([on(1, 'deck-joist', 3), on(2, 'deck-board', 3)])
  expect(standings(job)).toEqual(['waits', 'waits'])
  expect(derive(job, '2026-05-04').price).toMatchObject({ total_cents: 0, lines: [] })
})

test.each<[string, Partial<Extract<Fact, { kind: 'hazard' }>>, Standing]>([
  ['all of the deck', {}, 'stopped'],
  ['its ledger', { signs: ['ledger-loose'] }, 'stopped'],
  ['its guard alone', { signs: ['guard-moves'] }, 'ours'],
  ['leaning', { signs: ['leaning'] }, 'stopped'],
  ['the whole side', { about: { kind: 'zone', side_id: 'side-c', zone: 'attachments' } as never }, 'stopped'],
  ['another side', { about: { kind: 'zone', side_id: 'side-b', zone: 'attachments' } as never }, 'ours'],
])('a keep-off noted on site, of %s: a deck board is %s', (_, of, standing) => {
  expect(standings(jobOf([on(1, 'deck-board', 3)], { facts: [hazard(of)] }))).toEqual([standing])
})

test('a deck named by its feature is that deck, though nobody said on which side', () => {
  const board = {
    ...on(1, 'deck-board', 3),
    place: { kind: 'deck', feature_id: 'deck-c', words: '' },
  } as Finding
  const other = { ...board, place: { kind: 'deck', feature_id: 'deck-a', words: '' } } as Finding
  expect(standings(jobOf([board], { facts: [hazard({})] }))).toEqual(['stopped'])
  expect(standings(jobOf([other], { facts: [hazard({})] }))).toEqual(['ours'])
})

test('a board whose deck nobody named is taken for the unsafe deck on its side, not on another', () => {
  const unnamed = (letter: string): Finding => {
    const board = on(2, 'deck-board', 3, [], letter)
    return { ...board, place: { ...board.place, feature_id: null } } as Finding
  }
  const ledger = on(1, 'ledger', 1, ['ledger-nails-only'])
  expect(standings(jobOf([ledger, unnamed('c')]))).toEqual(['stopped', 'stopped'])
  expect(standings(jobOf([ledger, unnamed('a')]))).toEqual(['stopped', 'ours'])
})

test('a sign that keeps people off a ledger says nothing of another part, nor when it was looked for and not there', () => {
  const keepOff = (finding: Finding): string[] =>
    derive(jobOf([finding]), '2026-05-04')
      .cautions.all.filter((each) => each.kind === 'keep-off')
      .map((each) => each.what)
  const ledger = on(1, 'ledger', 1, ['ledger-nails-only'])
  expect(keepOff(ledger)).toEqual(['ledger nailed only'])
  expect(keepOff(on(1, 'deck-joist', 1, ['ledger-nails-only']))).toEqual([])
  expect(keepOff({ ...ledger, signs: ledger.signs.map((sign) => ({ ...sign, present: false })) })).toEqual([])
})

test('where a caution is: at its finding, on its side, or the house', () => {
  const where = (job: JobDocument): string[] =>
    derive(job, '2026-05-04').cautions.all.map((each) => each.where)
  expect(where(jobOf([on(1, 'ledger', 3)]))).toEqual(['back C, deck C1'])
  expect(where(jobOf([], { facts: [hazard({})] }))).toEqual(['back C'])
  expect(where(jobOf([], { facts: [hazard({ about: { kind: 'house' } })] }))).toEqual(['the house'])
})

test('insects at a side warn of painting that side, not another; soft framing pends the engineer', () => {
  const sill = finding({
    n: 1,
    words: '',
    component: 'mudsill',
    at: { side: 'a', ft: 4, up_in: 12 },
    grade: 3,
    signs: ['mud-tubes'],
  })
  const job = smallHouse({
    findings: [sill],
    work_items: [
      paintItem('w', 'side-a'),
      paintItem('x', 'side-b'),
      workItem('r', { method: 'piece-in', component: 'mudsill', finding_ids: [sill.id] }),
    ],
  })
  const [a, b, r] = derive(job, '2026-05-04').scope.items
  expect(a?.notices.join()).toContain('insects')
  expect(b?.notices.join()).not.toContain('insects')
  expect([a, b, r].map((item) => item?.pendingEngineer)).toEqual([false, false, true])
})

test.each<[string, Grade, boolean]>([
  ['ledger', 1, false],
  ['ledger', 2, true],
  ['deck-post', 1, false],
  ['deck-post', 2, true],
  ['guard', 2, true],
  ['stair', 2, true],
  ['stair-tread', 4, false],
])('a %s of grade %d keeps people off: %s', (part, grade, isOff) => {
  const { all } = derive(jobOf([on(1, part, grade)]), '2026-05-04').cautions
  expect(all.some((each) => each.kind === 'keep-off')).toBe(isOff)
})

test('a soft joist under a room makes the floor of that room wait, not of another', () => {
  const under = (n: number, component: string, room: string, grade: Grade): Finding => ({
    ...finding({ n, words: '', component, grade }),
    place: { kind: 'room', room },
  })
  const job = jobOf([
    under(1, 'joist', 'hall', 3),
    under(2, 'subfloor', 'hall', 1),
    under(3, 'subfloor', 'bath', 1),
  ])
  expect(standings(job)).toEqual(['waits', 'waits', 'ours'])
  const crawl = (n: number, component: string, words: string, grade: Grade): Finding => ({
    ...finding({ n, words: '', component, grade }),
    place: { kind: 'crawl', words },
  })
  expect(
    standings(
      jobOf([crawl(1, 'girder', 'bay 3', 3), crawl(2, 'joist', 'bay 3', 1), crawl(3, 'joist', 'bay 9', 1)]),
    ),
  ).toEqual(['waits', 'waits', 'ours'])
})

test('a keep-off that was taken back with a reason stops nothing', () => {
  const facts: Fact[] = [
    hazard({}),
    {
      kind: 'retraction',
      id: 't',
      by: 'Tess Orme',
      at: '2026-05-05T09:00:00Z',
      fact_id: 'h',
      reason: 'rebuilt',
    },
  ]
  expect(standings(jobOf([on(1, 'deck-board', 3)], { facts }))).toEqual(['ours'])
})

test('a smell of gas warns of all work; insects warn of work where they are, not where they were looked for and not there', () => {
  const notices = (job: JobDocument): string =>
    derive(job, '2026-05-04')
      .scope.items.flatMap((item) => item.notices)
      .join()
  const gas = hazard({ hazard: 'gas-smell', about: { kind: 'house' } })
  expect(notices(jobOf([on(1, 'deck-board', 3)], { facts: [gas] }))).toContain('gas utility')
  const board = on(1, 'deck-board', 3, ['mud-tubes'])
  expect(notices(jobOf([board]))).toContain('insects')
  const absent = { ...board, signs: board.signs.map((sign) => ({ ...sign, present: false })) }
  expect(notices(jobOf([absent]))).not.toContain('insects')
  expect(derive(jobOf([absent]), '2026-05-04').cautions.all.some((each) => each.kind === 'pest')).toBe(false)
})

test('a bowed wall waits for the engineer for what carries load there, not for its trim', () => {
  const facts = [
    hazard({ hazard: 'wall-bowed', about: { kind: 'zone', side_id: 'side-a', zone: 'field' } as never }),
  ]
  const stud = finding({ n: 1, words: '', component: 'stud', at: { side: 'a', ft: 4, up_in: 30 }, grade: 1 })
  const trim = finding({
    n: 2,
    words: '',
    component: 'side-casing',
    at: { side: 'a', ft: 4, up_in: 30 },
    grade: 3,
  })
  expect(standings(jobOf([stud, trim], { facts }))).toEqual(['waits', 'ours'])
})

test('an imported file sells nothing on a keep-off deck either, with a typed price or without', () => {
  const job = jobOf([on(1, 'ledger', 3), on(2, 'deck-board', 3)], {
    typed_prices: [
      { id: 't', removed: false, on: { kind: 'item', item_id: 'r2' }, cents: 90_000 as never, reason: '' },
    ],
  })
  const read = readJob(JSON.parse(JSON.stringify(job)))
  if (!read.ok) throw new Error(read.error.kind)
  const { price, bid } = derive(read.value, '2026-05-04')
  expect(price).toMatchObject({ total_cents: 0, idle: ['r2'] })
  expect(bid.beside[0]?.why).toContain('keep off')
})

test('a ballpark says no figure for what hangs on an unsafe part of this job', () => {
  const of = { component: 'deck-board', length: feet(12), height: feet(2), count: 1 }
  expect(ballpark(jobOf([on(1, 'guard', 3)]), of).kind).toBe('priced')
  expect(ballpark(jobOf([on(1, 'ledger', 3)]), of)).toMatchObject({ kind: 'keep-off' })
  expect(ballpark(jobOf([], { facts: [hazard({})] }), of)).toMatchObject({ kind: 'keep-off' })
})

test('who is held by whom', () => {
  expect(hangsOn('deck-board', 'ledger')).toBe(true)
  expect(hangsOn('ledger', 'deck-board')).toBe(false)
  expect(hangsOn('subfloor', 'pier')).toBe(true)
  expect(hangsOn('fascia', 'ledger')).toBe(false)
})

test('a danger at a place told in words bears on its own finding: what lies somewhere else in words is not there', () => {
  const told = (n: number, words: string, part: string, grade: Grade) => ({
    ...finding({ n, words: '', component: part, at: { side: 'a', ft: 4, up_in: 12 }, grade }),
    place: { kind: 'words' as const, words },
  })
  const soft = told(1, 'under the stair', 'mudsill', 3)
  const sound = told(2, 'behind the shed', 'mudsill', 1)
  expect(standings(jobOf([soft, sound]))).toEqual(['waits', 'ours'])
})
