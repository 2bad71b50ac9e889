import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { jobOf } from '../../../tests/cases/build'
import { live } from '../job'
import { isShownAt, signFits, traceJob } from '../trace'
import { nextChecks } from './nextChecks'

const job = jobOf({
  title: 'soft sill, nothing else looked at',
  found: ['window-sill | B 20 57 b2 | open-joint sill-and-lower-jamb-only'],
  cause: null,
})

test('asks first what is cheap and may change the bid, and says what each answer would mean', () => {
  const [first, ...rest] = nextChecks(job, traceJob(job))
  expect(first).toBeDefined()
  expect(first!.minutes).toBeLessThanOrEqual(15)
  expect(first!.ifYes.cause).not.toEqual(first!.ifNo.cause)
  expect(rest.every((each) => each.gain_bits >= 0)).toBe(true)
  expect(first!.change_cents).toBeGreaterThan(0)
})

test('what opens a wall is not permitted until somebody gave leave', () => {
  const asked = nextChecks(job, traceJob(job)).filter((each) => each.permit === 'open')
  expect(asked.every((each) => !each.permitted)).toBe(true)
})

test('nothing is asked where a person stated the cause', () => {
  const judgement = {
    id: 'j',
    removed: false,
    finding_ids: ['finding-1'],
    cause: 'joint-open',
    by: 'Dov Harrow',
    reason: '',
  }
  const said = { ...job, judgements: [judgement] }
  expect(nextChecks(said, traceJob(said))).toEqual([])
})

test('a crew without money sees hours, no cents', () => {
  const crew = { ...job, rates: null }
  expect(nextChecks(crew, traceJob(crew))[0]?.change_cents).toBeNull()
})

test('nobody is asked of a deck post whether its sill is soft', () => {
  expect(signFits('sill-and-lower-jamb-only', 'deck-post')).toBe(false)
  expect(signFits('sill-and-lower-jamb-only', 'lap-siding')).toBe(true)
  const deck = jobOf({
    title: 'soft post',
    found: ['deck-post | C 14 10 c4 | foot-end-grain-on-hard-surface 2', 'deck-board | C 15 28 c4 | 2'],
    cause: null,
  })
  const asked = nextChecks(deck, traceJob(deck))
  expect(asked.length).toBeGreaterThan(0)
  expect(asked.filter((each) => each.sign === 'sill-and-lower-jamb-only')).toEqual([])
})

test('nobody is sent to look at a deck board for what only the foot of a wall can show', () => {
  expect(isShownAt('bottom-covered-by-soil', 'base-course')).toBe(true)
  expect(isShownAt('bottom-covered-by-soil', 'deck-board')).toBe(false)
  expect(isShownAt('bottom-covered-by-soil', null)).toBe(true)
  const deck = jobOf({
    title: 'worn boards, nobody said how far along',
    found: ['deck-board | C 18 28 c4 |', 'ledger | C 13 20 c4 | ledger-nails-only'],
    cause: null,
  })
  const asked = nextChecks(deck, traceJob(deck)).filter((each) => each.finding_id === 'finding-1')
  expect(asked.filter(({ sign }) => !isShownAt(sign, 'deck-board'))).toEqual([])
})

test('nobody asks to cut a blister where wood is gone and no film was seen to fail', () => {
  const asks = (found: string): boolean => {
    const of = jobOf({ title: 'film', found: [found], cause: null })
    return nextChecks(of, traceJob(of)).some(({ check }) => check === 'flake-back')
  }
  expect(asks('lap-siding | A 10 60 | chalk-cracks-bare-spots')).toBe(true)
  expect(asks('lap-siding | A 10 60 | chalk-cracks-bare-spots 3')).toBe(true)
  expect(asks('lap-siding | A 10 60 | 3')).toBe(false)
})

test('what would change neither the bid, nor what stands, nor how sure it is, is not asked', () => {
  for (const make of Object.values(DEMO_JOBS)) {
    const demo = live(make())
    for (const { ifYes, ifNo, change_hours, change_cents } of nextChecks(demo, traceJob(demo)))
      expect(
        JSON.stringify(ifYes) !== JSON.stringify(ifNo) || change_hours > 0 || (change_cents ?? 0) > 0,
      ).toBe(true)
  }
})
