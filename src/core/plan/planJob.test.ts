import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { alderHouse } from '../../../demo/alderHouse'
import { kelpRow } from '../../../demo/kelpRow'
import { at, DAY, house, mend } from '../../../tests/support/priced'
import { brokenRules } from '../../../tests/support/planRules'
import { SKY_IDS } from '../catalogue/steps'
import { live, type Booking, type JobDocument, type PlanDay, type PlanMark, type WorkItem } from '../job'
import { dayAfter } from '../measure'
import { derive, type Derived } from '../pipeline'
import { meet } from './links'
import { ALONE, planJob, type PlanAround, type PlannedUnit } from './index'

/** May 4, 2026 is a Monday. */
const planned = (of: Derived, around: PlanAround = ALONE, today = DAY) => planJob(of, today, around)
const PLAN: NonNullable<JobDocument['plan']> = {
  id: 'plan',
  removed: false,
  start: DAY,
  finish_by: null,
  crews: [{ id: 'dov', name: 'Dov and Pell', people: 2 }],
  week: [1, 2, 3, 4, 5],
  order: [],
}
const day = (of: Partial<PlanDay> & Pick<PlanDay, 'day'>): PlanDay => ({
  id: `d-${of.day}`,
  removed: false,
  sky: null,
  off: '',
  said: 'person',
  ...of,
})
const mark = (unit: string, of: Partial<PlanMark>): PlanMark => ({
  id: `m-${unit.replaceAll(/[^a-z0-9-]/gi, '-')}`,
  removed: false,
  unit,
  not_before: null,
  crew: null,
  done_on: null,
  ...of,
})
const booking = (of: Partial<Booking> & Pick<Booking, 'what' | 'item_id'>): Booking => ({
  id: `b-${of.what}`,
  removed: false,
  who: '',
  asked_on: null,
  comes_on: null,
  there_on: null,
  ...of,
})
const ofItem = (units: readonly PlannedUnit[], item: string): PlannedUnit[] =>
  units.filter(({ item_id }) => item_id === item)
const stepsOf = (units: readonly PlannedUnit[]): string[] =>
  units.map(({ segments }) => segments.map(({ step }) => step).join('+'))

/** A fascia let in, and the side it is on painted. */
const fascia = at(1, 'fascia', { at: { side: 'a', ft: 10, up_in: 104 } })
const side: WorkItem = {
  ...mend('paint', [fascia], 'paint-side'),
  component: null,
  finding_ids: [],
  places: [{ at: { kind: 'whole-side', side_id: 'side-a' }, size: null, height: null }],
}
const board = mend('board', [fascia], 'piece-in')
const boardAndPaint = (more: Partial<JobDocument> = {}): Derived =>
  house({ findings: [fascia], work_items: [board, side], plan: PLAN, ...more })

describe('a board and a coat', () => {
  test('are opened and closed on one day, washed, dried over night, primed, dried, painted', () => {
    const plan = planned(boardAndPaint())
    const [wood] = ofItem(plan.units, 'board')
    expect(stepsOf([wood!])).toEqual(['open+trim'])
    expect(wood).toMatchObject({ inOneDay: true, first: DAY, last: DAY })
    const coat = ofItem(plan.units, 'paint')
    expect(stepsOf(coat)).toEqual(['wash', 'prepare', 'paint'])
    const [wash, prepare, paint] = coat
    expect(wash!.order).toBeGreaterThan(wood!.order)
    expect(prepare!.first > wash!.last).toBe(true)
    expect(paint!.first > prepare!.last).toBe(true)
    expect(prepare!.why).toMatchObject({ kind: 'after', key: wash!.key, wait: 'washed wood dries' })
    expect(brokenRules(plan, boardAndPaint().job)).toEqual([])
  })

  test('rain stops what is outside, and a wet day is no day to dry in', () => {
    const dry = planned(boardAndPaint())
    const washed = ofItem(dry.units, 'paint')[0]!.last
    const wet = boardAndPaint({
      plan_days: [day({ day: dayAfter(washed, 1), sky: 'wet' })],
    })
    const plan = planned(wet)
    const [wash, prepare] = ofItem(plan.units, 'paint')
    expect(wash!.last).toBe(washed)
    // Rained on the day after, it dries anew: a dry day more, and the night behind it.
    expect(prepare!.first >= dayAfter(washed, 3)).toBe(true)
    expect(prepare!.why).toMatchObject({ kind: 'sky', sky: 'wet' })
    expect(brokenRules(plan, wet.job)).toEqual([])
  })

  test('cold stops the coats and nothing else; wind what is opened', () => {
    const cold = planned(boardAndPaint({ plan_days: [day({ day: DAY, sky: 'cold' })] }))
    expect(ofItem(cold.units, 'board')[0]!.first).toBe(DAY)
    expect(ofItem(cold.units, 'paint')[0]!.first > DAY).toBe(true)
    const windy = planned(boardAndPaint({ plan_days: [day({ day: DAY, sky: 'windy' })] }))
    expect(ofItem(windy.units, 'board')[0]!).toMatchObject({
      first: dayAfter(DAY, 1),
      why: { kind: 'sky', sky: 'windy' },
    })
  })

  test('what a person said of a piece holds, and what cannot be sooner says why', () => {
    const key = ofItem(planned(boardAndPaint()).units, 'board')[0]!.key
    const later = planned(boardAndPaint({ plan_marks: [mark(key, { not_before: '2026-05-11' })] }))
    expect(ofItem(later.units, 'board')[0]).toMatchObject({ first: '2026-05-11', why: { kind: 'said' } })
    const paint = ofItem(planned(boardAndPaint()).units, 'paint').at(-1)!
    const early = planned(boardAndPaint({ plan_marks: [mark(paint.key, { not_before: DAY })] }))
    const then = ofItem(early.units, 'paint').at(-1)!
    expect(then.first).toBe(paint.first)
    expect(then.why.kind).toBe('after')
  })

  test('what is done lies where it was done; the rest goes on from today', () => {
    const key = ofItem(planned(boardAndPaint()).units, 'board')[0]!.key
    const job = boardAndPaint({ plan_marks: [mark(key, { done_on: DAY })] })
    const plan = planned(job, ALONE, '2026-05-13')
    expect(ofItem(plan.units, 'board')[0]).toMatchObject({ done: true, first: DAY })
    expect(plan.units.filter(({ done }) => !done).every(({ first }) => first >= '2026-05-13')).toBe(true)
    expect(plan.hours).toBeCloseTo(planned(boardAndPaint()).hours, 6)
  })

  test('a piece of work that is said to be done is done in the plan; what serves the whole job is over with the last', () => {
    const finished = (item_id: string, on: string) => ({
      ...{ id: `f-${item_id}`, removed: false, item_id, on, by: 'Dov', words: '', photo_ids: [] },
    })
    const one = planned(boardAndPaint({ finished_items: [finished('board', DAY)] }), ALONE, '2026-05-13')
    expect(ofItem(one.units, 'board').every(({ done, last }) => done && last === DAY)).toBe(true)
    expect(ofItem(one.units, 'paint').some(({ done }) => done)).toBe(false)
    expect(one.units.some(({ item_id, done }) => item_id === null && done)).toBe(false)
    const both = [finished('board', DAY), finished('paint', '2026-05-12')]
    const all = planned(boardAndPaint({ finished_items: both }), ALONE, '2026-05-13')
    expect(all.units.every(({ done }) => done)).toBe(true)
    expect(all.last).toBe('2026-05-12')
  })

  test('a firm that lets its primer dry longer paints later, and its dry is dry', () => {
    const base = boardAndPaint()
    const own = (key: string, value: number): JobDocument['settings'] => ({
      ...base.job.settings,
      values: { ...base.job.settings.values, [key]: { value, reason: 'ours' } },
    })
    const [, , paint] = ofItem(planned(base).units, 'paint')
    const later = planned(boardAndPaint({ settings: own('wait.primer', 6) }))
    const [, prepare, slow] = ofItem(later.units, 'paint')
    expect(slow!.first > paint!.first).toBe(true)
    expect(slow!.first >= dayAfter(prepare!.last, 6)).toBe(true)
    const dry = ofItem(planned(boardAndPaint({ settings: own('dry.paint', 12) })).units, 'paint').at(-1)!
    expect([paint!.gate?.most_percent, dry.gate?.most_percent]).toEqual([15, 12])
  })

  test('days off, other jobs of the crew, and two people for one', () => {
    const off = planned(boardAndPaint({ plan_days: [day({ day: DAY, off: 'holiday' })] }))
    expect(off.first).toBe(dayAfter(DAY, 1))
    const around = {
      ...ALONE,
      taken: [{ day: DAY, crew_id: 'dov', people: 2, job: 'Kelp Row' }],
      off: [{ day: dayAfter(DAY, 1), why: 'fair' }],
    }
    const busy = planned(boardAndPaint(), around)
    expect(busy.first).toBe(dayAfter(DAY, 2))
    expect(busy.days[0]).toMatchObject({ day: DAY, elsewhere: ['Kelp Row'], holds_h: 0 })
    const alone = { ...PLAN, crews: [{ id: 'pell', name: 'Pell', people: 1 }] }
    const short = planned(boardAndPaint({ plan: alone }))
    expect(short.troubles.map(({ kind }) => kind)).toContain('too-few-people')
    const more = { ...PLAN, crews: [...PLAN.crews, { id: 'two', name: 'Two', people: 2 }] }
    expect(planned(boardAndPaint({ plan: more })).last! <= planned(boardAndPaint()).last!).toBe(true)
  })

  test('a day it has to be finished by, and how late it is', () => {
    const last = planned(boardAndPaint()).last!
    const late = planned(boardAndPaint({ plan: { ...PLAN, finish_by: dayAfter(last, -2) } }))
    expect(late.troubles).toContainEqual({ kind: 'late', days: 2, finish_by: dayAfter(last, -2) })
    const intime = planned(boardAndPaint({ plan: { ...PLAN, finish_by: last } }))
    expect(intime.troubles).toEqual([])
  })

  test('what the owner left out is not planned, what he took is', () => {
    const optional = { ...side, state: 'optional' as const }
    const job = house({ findings: [fascia], work_items: [board, optional], plan: PLAN })
    expect(ofItem(planned(job).units, 'paint')).toEqual([])
    const accepted = planned(job, {
      ...ALONE,
      accepted: { items: ['board'], left: ['board'], taken: ['paint'] },
    })
    expect(ofItem(accepted.units, 'board')).toEqual([])
    expect(ofItem(accepted.units, 'paint').length).toBeGreaterThan(0)
    expect(accepted.troubles).toEqual([])
    // What came into the job after the yes waits for its own.
    const since = planned(boardAndPaint(), { ...ALONE, accepted: { items: ['board'], left: [], taken: [] } })
    expect(ofItem(since.units, 'board').length).toBeGreaterThan(0)
    expect(ofItem(since.units, 'paint')).toEqual([])
    expect(since.troubles).toContainEqual({ kind: 'not-accepted', item_id: 'paint' })
  })

  test('an order that somebody took is kept', () => {
    const plan = planned(boardAndPaint())
    const order = plan.units.toSorted((a, b) => a.order - b.order).map(({ key }) => key)
    const taken = planned(boardAndPaint({ plan: { ...PLAN, order } }))
    expect(taken.last).toBe(plan.last)
    expect(brokenRules(taken, boardAndPaint().job)).toEqual([])
  })
})

describe('at one place', () => {
  const boardKey = ofItem(planned(boardAndPaint()).units, 'board')[0]!.key
  test('the wall is washed after the board is in, and cleared away after everything', () => {
    const plan = planned(boardAndPaint({ plan_marks: [mark(boardKey, { not_before: '2026-05-11' })] }))
    const board1 = ofItem(plan.units, 'board')[0]!
    expect(ofItem(plan.units, 'paint')[0]!.order).toBeGreaterThan(board1.order)
    const clear = plan.units.find(({ key }) => key === 'job/clear')!
    expect(Math.max(...plan.units.map(({ order }) => order))).toBe(clear.order)
  })
  test('near is within two feet', () => {
    const ft = (from: number, to: number): { from: number; to: number } => ({
      from: from * 768,
      to: to * 768,
    })
    expect(meet(ft(0, 2), ft(4, 6))).toBe(true)
    expect(meet(ft(0, 2), ft(4.1, 6))).toBe(false)
    expect(meet(ft(4.1, 6), ft(0, 2))).toBe(false)
    expect(meet('whole', ft(40, 41))).toBe(true)
  })
  test('wind keeps people off ladders, not off the ground', () => {
    const casing = (n: number, up_in: number): Derived =>
      house({
        findings: [at(n, 'side-casing', { at: { side: 'a', ft: 10, up_in } })],
        work_items: [mend('c', [at(n, 'side-casing')], 'piece-in')],
        plan: PLAN,
        plan_days: [day({ day: DAY, sky: 'windy' })],
      })
    expect(ofItem(planned(casing(4, 40)).units, 'c')[0]!.first).toBe(DAY)
    expect(ofItem(planned(casing(4, 170)).units, 'c')[0]!.first).toBe(dayAfter(DAY, 1))
  })
  test('a coat waits for the meter: unread, too wet, dry enough', () => {
    const gate = (percent: number | null): PlannedUnit['gate'] => {
      const reading = {
        kind: 'reading' as const,
        id: 'r1',
        by: 'Dov',
        at: '2026-05-04T09:00:00Z',
        about: { kind: 'finding' as const, finding_id: fascia.id },
        moisture_percent: percent ?? 0,
        reference_percent: null,
        at_height: null,
        species: '',
        species_points: null,
        wood_temperature_c: null,
        instrument: '',
      }
      const coat: WorkItem = { ...side, finding_ids: [fascia.id] }
      const job = house({
        findings: [fascia],
        work_items: [coat],
        plan: PLAN,
        facts: percent === null ? [] : [reading],
      })
      return ofItem(planned(job).units, 'paint').at(-1)!.gate
    }
    expect(gate(null)).toEqual({ most_percent: 15, last: null, open: true })
    expect(gate(19)).toEqual({ most_percent: 15, last: 19, open: true })
    expect(gate(14)).toEqual({ most_percent: 15, last: 14, open: false })
  })
  test('what was taken in place of something leaves that out', () => {
    const other: WorkItem = {
      ...mend('other', [fascia], 'piece-in'),
      state: 'alternate',
      instead_of: ['board'],
    }
    const job = house({ findings: [fascia], work_items: [board, other], plan: PLAN })
    const plan = planned(job, { ...ALONE, accepted: { items: ['board'], left: [], taken: ['other'] } })
    expect(ofItem(plan.units, 'board')).toEqual([])
    expect(ofItem(plan.units, 'other').length).toBeGreaterThan(0)
  })
})

describe('what has to come first', () => {
  const ledger = at(2, 'ledger', { length_in: 16 * 12, grade: 3 })
  const deck = (more: Partial<JobDocument> = {}): Derived =>
    house({ findings: [ledger], work_items: [mend('ledger', [ledger], 'ledger-renew')], plan: PLAN, ...more })

  test('a ledger is shored before it is opened, and opened no further than a day closes', () => {
    const plan = planned(deck())
    const mine = ofItem(plan.units, 'ledger').toSorted((a, b) => a.order - b.order)
    expect(stepsOf(mine)[0]).toBe('shore')
    const opened = mine.filter(({ segments }) => segments.some(({ step }) => step === 'open'))
    expect(opened.every(({ first, last, inOneDay }) => first === last && inOneDay)).toBe(true)
    // By hand: 4 h set-up and 16 ft × 1.8 h; open, frame and barrier are 65 % of it, and two people close 2 × 5.9 h a day.
    const hours = opened.reduce((sum, each) => sum + each.hours, 0)
    expect(opened.length).toBe(Math.ceil(hours / (2 * plan.day_h)))
    expect(opened.length).toBeGreaterThan(1)
    expect(brokenRules(plan, deck().job)).toEqual([])
  })

  test('a permit holds it: not asked for, asked for, promised, there', () => {
    const first = (bookings: readonly Booking[], today = DAY): string =>
      ofItem(planned(deck({ bookings: [...bookings] }), ALONE, today).units, 'ledger')
        .map((unit) => unit.first)
        .toSorted()[0]!
    const permit = (of: Partial<Booking>): Booking => booking({ what: 'permit', item_id: 'ledger', ...of })
    // The middle of 5 to 15 working days from a Monday: Monday two weeks later.
    expect(first([])).toBe('2026-05-18')
    expect(first([permit({ asked_on: '2026-05-01' })])).toBe('2026-05-15')
    expect(first([permit({ comes_on: '2026-05-07' })])).toBe('2026-05-07')
    expect(first([permit({ there_on: DAY })])).toBe(DAY)
    // Asked long ago and not there: today at the earliest.
    expect(first([permit({ asked_on: '2026-04-01' })], '2026-05-12')).toBe('2026-05-12')
    const overdue = planned(deck({ bookings: [permit({ asked_on: '2026-04-01' })] }), ALONE, '2026-05-12')
    expect(overdue.comings[0]).toMatchObject({ state: 'asked', on: '2026-05-12' })
    const plan = planned(deck())
    const ledger = ofItem(plan.units, 'ledger')[0]!
    expect(ledger.why).toMatchObject({ kind: 'comes', what: 'permit' })
    // Nobody sets up for what cannot begin yet.
    expect(plan.units.find(({ key }) => key === 'job/set-up')!.days[0]!.day).toBe(ledger.days[0]!.day)
  })

  test('nobody drags the opening before the shoring', () => {
    const there = booking({ what: 'permit', item_id: 'ledger', there_on: DAY })
    const usual = planned(deck({ bookings: [there] }))
    const opening = ofItem(usual.units, 'ledger').find(({ segments }) => segments[0]!.step === 'open')!
    const wished = deck({ bookings: [there], plan_marks: [mark(opening.key, { not_before: DAY })] })
    const plan = planned(wished)
    const then = plan.units.find(({ key }) => key === opening.key)!
    expect(then.first > DAY).toBe(true)
    expect(['after', 'whole-day']).toContain(then.why.kind)
    expect(brokenRules(plan, wished.job)).toEqual([])
  })

  test('own work on what carries load is planned, and asks how it is held', () => {
    const stud = at(3, 'stud', { grade: 1 })
    const own: WorkItem = {
      ...mend('own', [stud], 'own-work'),
      lines: [{ kind: 'hours', what: 'new stud', hours: 12 }],
    }
    const plan = planned(house({ findings: [stud], work_items: [own], plan: PLAN }))
    expect(plan.troubles).toContainEqual({ kind: 'bears', item_id: 'own' })
    expect(stepsOf(ofItem(plan.units, 'own'))).toEqual(['own'])
  })

  test('what others do at a place is handed over before ours covers it', () => {
    const others: WorkItem = { ...mend('others', [fascia], 'piece-in'), state: 'by-owner', who: 'the owner' }
    const job = (bookings: Booking[]): Derived =>
      house({ findings: [fascia], work_items: [others, side], plan: PLAN, bookings })
    expect(planned(job([])).troubles).toContainEqual({
      kind: 'no-day',
      what: expect.stringContaining('handed over'),
      item_id: 'others',
    })
    const plan = planned(job([booking({ what: 'hand-over', item_id: 'others', comes_on: '2026-05-20' })]))
    expect(ofItem(plan.units, 'paint')[0]).toMatchObject({ first: '2026-05-20' })
  })
})

const DEMO: readonly (readonly [string, JobDocument])[] = [
  ['Alder House', alderHouse()],
  ['Kelp Row', kelpRow()],
]
describe.each(DEMO)('%s', (_, document) => {
  const base = derive(document, DAY)
  const job = live(document)
  test('all hours of the take-off are planned, no rule is broken', () => {
    const plan = planned(base)
    expect(plan.hours).toBeGreaterThan(0.999 * base.takeoff.hours - 0.2)
    expect(plan.hours).toBeLessThan(1.001 * base.takeoff.hours + 0.2)
    expect(brokenRules(plan, job)).toEqual([])
  })
  test('whatever the weather, days off, crews and wishes: no rule is broken, no hour lost', () => {
    const keys = planned(base).units.map(({ key }) => key)
    const dayIn = fc.integer({ min: 0, max: 40 }).map((n) => dayAfter(DAY, n))
    const of = fc.record({
      skies: fc.array(fc.tuple(dayIn, fc.constantFrom(...SKY_IDS)), { maxLength: 20 }),
      off: fc.array(dayIn, { maxLength: 5 }),
      people: fc.array(fc.integer({ min: 2, max: 4 }), { minLength: 1, maxLength: 2 }),
      saturday: fc.boolean(),
      wishes: fc.array(fc.tuple(fc.constantFrom(...keys), dayIn), { maxLength: 4 }),
    })
    fc.assert(
      fc.property(of, ({ skies, off, people, saturday, wishes }) => {
        const days = new Map<string, PlanDay>(skies.map(([on, sky]) => [on, day({ day: on, sky })]))
        for (const on of off) days.set(on, day({ day: on, off: 'off' }))
        const marks = new Map(wishes.map(([key, on]) => [key, mark(key, { not_before: on })]))
        const changed: JobDocument = {
          ...job,
          plan: {
            ...PLAN,
            crews: people.map((count, index) => ({ id: `c${index}`, name: `${index}`, people: count })),
            week: saturday ? [1, 2, 3, 4, 5, 6] : [1, 2, 3, 4, 5],
          },
          plan_days: [...days.values()],
          plan_marks: [...marks.values()],
        }
        const plan = planJob({ ...base, job: changed }, DAY, ALONE)
        expect(brokenRules(plan, changed)).toEqual([])
        expect(Math.abs(plan.hours - planned(base).hours)).toBeLessThan(0.02 * plan.units.length)
      }),
      { numRuns: 25 },
    )
  })
})
