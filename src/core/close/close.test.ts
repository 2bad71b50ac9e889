import { beforeAll, describe, expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { METHODS } from '../catalogue'
import { UPKEEP } from '../catalogue/upkeep/upkeep'
import type { JobDocument, WorkSpell } from '../job'
import { BoughtGood } from '../job/closed'
import { toFeet } from '../measure'
import { derive, type Derived } from '../pipeline'
import { calendarFile } from '../print/calendarFile'
import { handoverDays, handoverModel, handoverPaper, untilWords } from './handover'
import { recordOf } from './record'
import { hoursOfSpell, spentOn } from './spent'
import { tallyOf } from './tally'
import { claimFits, monthsAfter, upkeepOf, warrantyOf } from './warranty'

const TODAY = '2026-05-04'
const NOW = new Date('2026-05-04T18:00:00Z')

let job: JobDocument
let derived: Derived
beforeAll(() => {
  job = DEMO_JOBS['kelp-row-7']()
  derived = derive(job, TODAY)
})

let made = 0
const spell = (
  on: WorkSpell['on'],
  from: string,
  to: string | null,
  of: Partial<WorkSpell> = {},
): WorkSpell => ({
  id: `spell-${(made += 1)}`,
  removed: false,
  on,
  by: 'Dov',
  people: 1,
  began_at: `2026-05-04T${from}:00Z`,
  ended_at: to === null ? null : `2026-05-04T${to}:00Z`,
  pause_min: 0,
  how: 'clock',
  words: '',
  ...of,
})
const onItem = (item_id: string, task: string | null = null): WorkSpell['on'] => ({
  kind: 'item',
  item_id,
  task,
})

describe('hours that were spent', () => {
  test('people times the stretch less the rest; one that runs counts up to now', () => {
    // By hand: 09:00 to 12:30 are 3.5 h, half an hour of rest leaves 3, two people make 6.
    const two = spell(onItem('w'), '09:00', '12:30', { people: 2, pause_min: 30 })
    expect(hoursOfSpell(two, NOW)).toBe(6)
    expect(hoursOfSpell(spell(onItem('w'), '16:15', null), NOW)).toBe(1.75)
    expect(hoursOfSpell(spell(onItem('w'), '09:00', '08:00'), NOW)).toBe(0)
  })

  test('work and the way there are paid, and only work is work; days are those of the place', () => {
    const spent = spentOn(
      {
        ...job,
        job: { ...job.job, time_zone: 'America/Los_Angeles' },
        work_spells: [
          spell(onItem('w', 'trim'), '15:00', '17:00'),
          spell(onItem('w'), '17:00', '18:00'),
          spell({ kind: 'job', task: 'mobilise' }, '14:00', '15:00'),
          spell({ kind: 'along', what: 'travel' }, '13:00', '14:00'),
          // Three in the morning in UTC is the evening before over there.
          spell(onItem('w'), '00:00', '01:00', {
            began_at: '2026-05-05T03:00:00Z',
            ended_at: '2026-05-05T04:00:00Z',
          }),
          spell(onItem('w'), '01:00', '09:00', { removed: true }),
        ],
      },
      NOW,
    )
    expect([spent.work_h, spent.paid_h, spent.along.travel]).toEqual([5, 6, 1])
    expect(spent.items.get('w')).toEqual({ tasks: new Map([['trim', 2]]), unsaid: 2 })
    expect(spent.days).toEqual(['2026-05-04'])
    expect(spent.doubts).toEqual([])
  })

  test('a clock nobody stopped, a night at the bench, one man in two places and a rest all through are named', () => {
    const forgot = spell(onItem('w'), '00:00', null, { began_at: '2026-05-03T08:00:00Z' })
    const night = spell(onItem('w'), '01:00', '16:30', { by: 'Pell' })
    const here = spell(onItem('w'), '09:00', '12:00', { by: 'Imke' })
    const there = spell(onItem('v'), '11:00', '13:00', { by: 'Imke' })
    const rest = spell(onItem('v'), '13:00', '14:00', { by: 'Imke', pause_min: 60 })
    const { doubts, running } = spentOn({ ...job, work_spells: [forgot, night, here, there, rest] }, NOW)
    expect(doubts.map(({ spell_id, why }) => [spell_id, why])).toEqual([
      [forgot.id, 'runs-on'],
      [night.id, 'too-long'],
      [there.id, 'two-at-once'],
      [rest.id, 'rests-all-through'],
    ])
    expect(running).toEqual([forgot])
  })
})

describe('estimate and actual', () => {
  const tally = (of: JobDocument) => tallyOf({ ...derived, job: of }, null, NOW)
  const finished = (item_id: string) => ({
    ...{ id: `done-${item_id}`, removed: false, item_id, on: TODAY, by: 'Dov', words: '', photo_ids: [] },
  })

  test('the sum of items and of what is shared is the job, at every pace; low is never more than high', () => {
    const { items, shared, work, paid, productive } = tally(job)
    for (const pace of ['low', 'typical', 'high'] as const) {
      const sum = items.reduce((all, { estimate }) => all + estimate[pace], shared.estimate[pace])
      expect(sum).toBeCloseTo(work.estimate[pace], 1)
    }
    for (const { estimate } of items) {
      expect(estimate.low).toBeLessThanOrEqual(estimate.typical)
      expect(estimate.typical).toBeLessThanOrEqual(estimate.high)
    }
    expect(paid.estimate_h).toBeCloseTo(work.estimate.typical / productive.estimate, 2)
    expect(productive.spent).toBeNull()
  })

  test('over at once, under and within only when it is done, and nothing is known of what nobody wrote down', () => {
    const [a, b, c] = tally(job).items.filter(({ estimate }) => estimate.low > 1)
    const at = (id: string, hours: number): WorkSpell =>
      spell(onItem(id), '00:00', null, {
        ended_at: new Date(Date.parse('2026-05-04T00:00:00Z') + hours * 3.6e6).toISOString(),
      })
    const of = (more: Partial<JobDocument>) =>
      new Map(tally({ ...job, ...more }).items.map((each) => [each.item_id, each.verdict]))
    const spells = [
      at(a!.item_id, a!.estimate.high + 1),
      at(b!.item_id, b!.estimate.low / 2),
      at(c!.item_id, c!.estimate.typical),
    ]
    const begun = of({ work_spells: spells })
    expect([a, b, c].map((each) => begun.get(each!.item_id))).toEqual(['over', 'begun', 'begun'])
    // Slower than typical is not over yet: the range goes to the slow hours.
    expect(b!.estimate.high).toBeGreaterThan(b!.estimate.typical)
    expect(b!.estimate.low).toBeLessThan(b!.estimate.typical)
    expect(of({ work_spells: [at(b!.item_id, b!.estimate.high - 0.1)] }).get(b!.item_id)).toBe('begun')
    const back = { ...finished(b!.item_id), removed: true }
    expect(
      of({ work_spells: [at(b!.item_id, b!.estimate.low / 2)], finished_items: [back] }).get(b!.item_id),
    ).toBe('begun')
    const done = of({ work_spells: spells, finished_items: [a, b, c].map((each) => finished(each!.item_id)) })
    expect([a, b, c].map((each) => done.get(each!.item_id))).toEqual(['over', 'under', 'within'])
    expect(of({ finished_items: [finished(a!.item_id)] }).get(a!.item_id)).toBe('not-begun')
  })

  test('what was left out of the yes has no estimate; its hours stand beside', () => {
    const [first, ...rest] = tally(job).items
    const accepted = { items: rest.map(({ item_id }) => item_id), left: [first!.item_id], taken: [] }
    const of = { ...job, work_spells: [spell(onItem(first!.item_id), '09:00', '10:00')] }
    const told = tallyOf({ ...derived, job: of }, accepted, NOW)
    expect(told.items.map(({ item_id }) => item_id)).not.toContain(first!.item_id)
    expect(told.beside).toEqual([{ item_id: first!.item_id, title: first!.title, spent_h: 1 }])
    expect(told.work.estimate.typical).toBeLessThan(tally(job).work.estimate.typical)
  })

  test('a board goes by the name the cut plan gives it', () => {
    const plan = derived.cut.sections.find(({ bought }) => bought > 0)!
    const bought = {
      ...{ id: 'b', removed: false, good: plan.section, what: plan.name, unit: 'ft' },
      ...{ quantity: 20, left: 2, on: TODAY, by: 'Dov', photo_ids: [] },
    }
    expect(BoughtGood.parse(bought)).toEqual(bought)
    const { goods } = tally({ ...job, bought_goods: [bought] })
    expect(goods).toEqual([
      expect.objectContaining({ estimate: expect.closeTo(toFeet(plan.bought), 2), left: 2 }),
    ])
  })

  test('a good by its unit beside what was reckoned; one in another unit is not compared', () => {
    const plan = derived.cut.goods.find(({ used, kind }) => used > 0 && kind === 'bought')!
    const bought = {
      ...{ id: 'b', removed: false, good: plan.good, what: plan.name, unit: plan.unit },
      ...{ quantity: plan.used + 2, left: 1, on: TODAY, by: 'Dov', photo_ids: [] },
    }
    const { goods } = tally({ ...job, bought_goods: [bought, { ...bought, id: 'c', unit: 'boxes' }] })
    expect(goods.map(({ unit, estimate }) => [unit, estimate === null])).toEqual([
      [plan.unit, false],
      ['boxes', true],
    ])
    expect(goods[0]!.estimate).toBeCloseTo(plan.used, 2)
    expect(goods[0]!.bought - goods[0]!.left).toBeCloseTo(plan.used + 1, 2)
  })

  test('the record has finished work with hours only, and hours without a task by what each was reckoned at', () => {
    const items = tally(job).items.filter(({ tasks }) => tasks.length >= 2)
    const [done, open] = items
    const work_spells = [
      spell(onItem(done!.item_id, done!.tasks[0]!.task), '09:00', '10:00'),
      spell(onItem(done!.item_id), '10:00', '12:00'),
      spell(onItem(open!.item_id), '12:00', '13:00'),
    ]
    const of = { ...job, work_spells, finished_items: [finished(done!.item_id)] }
    const record = recordOf({ job: of, tally: tally(of), price: derived.price, baseline: null, orders: [] })
    // What serves the whole job is not over yet.
    expect(record.tasks.map(({ task }) => task)).not.toContain('mobilise')
    const all_done = { ...of, finished_items: tally(job).items.map(({ item_id }) => finished(item_id)) }
    const over = recordOf({
      job: all_done,
      tally: tally(all_done),
      price: derived.price,
      baseline: null,
      orders: [],
    })
    expect(over.tasks.map(({ task }) => task)).toContain('mobilise')
    const spent = record.tasks.reduce((sum, { spent_h }) => sum + spent_h, 0)
    expect(spent).toBeCloseTo(3, 1)
    expect(record.tasks.reduce((sum, { unsaid_h }) => sum + unsaid_h, 0)).toBeCloseTo(2, 1)
    const all = done!.tasks.reduce((sum, { estimate }) => sum + estimate.typical, 0)
    const first = record.tasks.find(({ task }) => task === done!.tasks[0]!.task)!
    expect(first.spent_h).toBeCloseTo(1 + (2 * done!.tasks[0]!.estimate.typical) / all, 2)
    // What was left out of the yes was not to be bought.
    const left = items.find(
      ({ item_id }) =>
        derived.price.kind === 'priced' &&
        derived.price.lines.some((line) => line.item_id === item_id && line.bought_cents > 0),
    )!
    const rest = tally(job).items.filter(({ item_id }) => item_id !== left.item_id)
    const choice = { items: rest.map(({ item_id }) => item_id), left: [left.item_id], taken: [] }
    const part = recordOf({
      job,
      tally: tallyOf({ ...derived, job }, choice, NOW),
      price: derived.price,
      baseline: null,
      orders: [],
    })
    const bought =
      derived.price.kind === 'priced'
        ? derived.price.lines.find(({ item_id }) => item_id === left.item_id)!.bought_cents
        : 0
    expect(part.bought_estimate_cents).toBe(record.bought_estimate_cents! - bought)
    expect(record.kinds.map(({ items: n, spent_h }) => [n, spent_h])).toEqual([[1, 3]])
    expect([record.work_h, record.closed_on]).toEqual([4, null])
  })
})

describe('after the work', () => {
  test('months by the calendar: the last of a short one', () => {
    expect(monthsAfter('2026-01-31', 1)).toBe('2026-02-28')
    expect(monthsAfter('2027-11-30', 3)).toBe('2028-02-29')
    expect(monthsAfter('2026-05-04', 24)).toBe('2028-05-04')
  })

  test('a lift, a pier, a cover under the house and a deck each have the class of their kind', () => {
    // Common practice: further sinking 1 to 5 years; maker 10 to 25; labour 1 to 3; decks 1 to 2.
    const classes = ['floor-lift', 'wall-anchor', 'ground-cover', 'deck-joist-new'].map(
      (id) => METHODS.find((method) => method.id === id)!.warranty,
    )
    expect(classes).toEqual(['H', 'I', 'J', 'K'])
    expect(
      classes.map((warranty) => warrantyOf({ id: 'w', warranty }, job.settings, '2026-05-04').until),
    ).toEqual([
      { least: '2027-05-03', most: '2031-05-03' },
      { least: '2036-05-03', most: '2051-05-03' },
      { least: '2027-05-03', most: '2029-05-03' },
      { least: '2027-05-03', most: '2028-05-03' },
    ])
  })

  test('a warranty runs to the day before; its words may leave it open, or say nothing of a time', () => {
    const settings = job.settings
    const b = warrantyOf({ id: 'w', warranty: 'B' }, settings, '2026-05-04')
    expect(b.until).toEqual({ least: '2028-05-03', most: '2029-05-03' })
    expect(['2028-05-03', '2028-05-04', '2029-05-04'].map((day) => claimFits(b, day))).toEqual([
      'inside',
      'perhaps',
      'outside',
    ])
    const none = warrantyOf({ id: 'w', warranty: 'none' }, settings, '2026-05-04')
    expect([none.until, claimFits(none, '2026-05-05')]).toEqual([null, 'not-said'])
    // None to ninety days: no day it lasts to at least is made up.
    const d = warrantyOf({ id: 'w', warranty: 'D' }, settings, '2026-05-04')
    expect(untilWords(d.until, '2026-05-04').replaceAll('\u00a0', ' ')).toBe(
      'at most until August 3, 2026, as the words say',
    )
    expect([claimFits(d, '2026-05-05'), claimFits(d, '2026-08-04')]).toEqual(['perhaps', 'outside'])
    // The firm's own words say a time that nobody put into months: no day is made up.
    const own = { ...settings, values: { 'warranty.B': { value: 'as long as we live', reason: 'ours' } } }
    expect(warrantyOf({ id: 'w', warranty: 'B' }, own, '2026-05-04').until).toBeNull()
    const said = { ...own, values: { ...own.values, 'warranty_months.B': { value: 18, reason: 'ours' } } }
    expect(warrantyOf({ id: 'w', warranty: 'B' }, said, '2026-05-04').until).toEqual({
      least: '2027-11-03',
      most: '2027-11-03',
    })
  })

  test('every row of upkeep keeps work there is, and first comes round in its month', () => {
    const known = new Set(METHODS.map(({ id }) => id))
    for (const { id, methods, month, every_months } of UPKEEP) {
      expect([id, methods.filter((each) => !known.has(each))]).toEqual([id, []])
      const [row] = upkeepOf([{ id: 'w', method: methods[0]! }], '2026-06-20').filter(
        (each) => each.id === id,
      )
      expect([id, row!.first >= '2026-08-20']).toEqual([id, true])
      if (month !== null)
        expect((Number(row!.first.slice(5, 7)) - month + 24) % Math.min(12, every_months)).toBe(0)
    }
  })

  test('work without upkeep is told: what mends and sells has a row, or is known to need none', () => {
    const kept = new Set(UPKEEP.flatMap(({ methods }) => methods))
    const bare = METHODS.filter(({ id, sells, does }) => sells && does === 'mends' && !kept.has(id)).map(
      ({ id }) => id,
    )
    expect(bare).toEqual(NEEDS_NO_UPKEEP)
  })

  test('the paper says what was done, for how long, and what keeps it so; what is open is not called done', () => {
    const items = derived.scope.items.filter(({ standing }) => standing === 'ours')
    const first = items[0]
    const without = new Set(upkeepOf([first!], '2026-06-30').map(({ id }) => id))
    const second = items.find((item) => upkeepOf([item], '2026-06-30').some(({ id }) => !without.has(id)))
    const on = '2026-06-30'
    const photo_ids = job.photos.slice(0, 1).map(({ id }) => id)
    const of = {
      ...job,
      handover: { id: 'handover', removed: false, on, by: 'Imke', words: 'Thank you.' },
      finished_items: [
        { id: 'f', removed: false, item_id: first!.id, on, by: 'Dov', words: 'Dry at 12 %.', photo_ids },
      ],
      follow_ups: [
        {
          id: 'l',
          removed: false,
          what: 'Look again',
          due: '2027-05-30',
          item_id: null,
          done_on: null,
          saw: '',
          photo_ids: [],
        },
      ],
    }
    const model = handoverModel({ job: of, handover: of.handover, items: [first!, second!] })
    expect(model.items.map(({ finished_on }) => finished_on)).toEqual([on, null])
    // Nobody is told to look after what is not there.
    const kept = upkeepOf([first!], on).map(({ id }) => id)
    expect(upkeepOf([first!, second!], on).length).toBeGreaterThan(kept.length)
    expect(model.upkeep.map(({ id }) => id)).toEqual(kept)
    const paper = JSON.stringify(handoverPaper(model).sections)
    expect(paper).toMatch(/What was done.*Dry at 12 %/)
    expect(paper).toMatch(/Not done yet/)
    expect(paper).not.toMatch(/\$/)
    const file = calendarFile(handoverDays(model), { made: NOW, what: 'Upkeep' })
    expect(file).toMatch(/SUMMARY:Look again/)
    if (model.upkeep.length > 0) expect(file).toMatch(/RRULE:FREQ=MONTHLY;INTERVAL=\d+/)
  })
})

/** Work that wants nothing of its owner that another row does not say; judgement of ours. */
const NEEDS_NO_UPKEEP: readonly string[] = [
  ...['wall-vent', 're-sheathe-side', 'screen-new', 'sheathing-new', 'stud-sister', 'stud-new'],
  ...['sole-plate-new', 'header-new', 'wash-side'],
]
