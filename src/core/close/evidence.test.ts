import { describe, expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { rowsOf } from '../firmValues/rows'
import type { Cents } from '../measure'
import { derive } from '../pipeline'
import { studentHalf, taskEvidence, weightOf } from './evidence'
import { earnedByJob, earnedByKind } from './lookBack'
import type { JobRecord } from './jobRecord'

const TODAY = '2026-05-04'
const derived = derive(DEMO_JOBS['kelp-row-7'](), TODAY)

describe('what closed jobs say of a task', () => {
  const rows = rowsOf({ values: {} })
  type Values = Parameters<typeof taskEvidence>[1]
  const someTask = (): string => derived.takeoff.items.flatMap(({ tasks }) => tasks)[0]!.task
  const record = (id: string, ratio: number, unsaid = 0): JobRecord => ({
    job_id: id,
    title: id,
    closed_on: TODAY,
    tasks: [
      {
        task: someTask(),
        estimate_h: 10,
        spent_h: 10 * ratio,
        unsaid_h: 10 * ratio * unsaid,
        typical_then: rows.task(someTask()).typical,
      },
    ],
    kinds: [],
    opened: [],
    ...{ estimate_h: 10, paid_estimate_h: 12, work_h: 10, paid_h: 12, along_h: 2, productive_estimate: 0.8 },
    ...{
      visits_estimate: 1,
      days: 1,
      agreed_cents: null,
      receipts_cents: {},
      bought_estimate_cents: null,
      hour_cents: null,
    },
  })
  const evidence = (...ratios: number[]) =>
    taskEvidence(
      ratios.map((each, n) => record(`j${n}`, each)),
      {},
    )[0]!

  test('the weights of the trade: a quarter at one job, half at two, all from five', () => {
    // Common practice: half and half at two records, the firm’s own from five.
    expect([0, 1, 2, 3.5, 5, 9].map(weightOf)).toEqual([0, 0.25, 0.5, 0.75, 1, 1])
  })

  test('points of Student’s t against the integral of its density', () => {
    // Density of t by the gamma function at half steps; the area above the point is one tenth. Source: Student, Biometrika 1908.
    const gammaHalf = (twice: number): number =>
      twice === 1 ? Math.sqrt(Math.PI) : twice === 2 ? 1 : (twice / 2 - 1) * gammaHalf(twice - 2)
    const above = (t: number, degrees: number): number => {
      const c = gammaHalf(degrees + 1) / (Math.sqrt(degrees * Math.PI) * gammaHalf(degrees))
      const density = (x: number): number => c * (1 + (x * x) / degrees) ** (-(degrees + 1) / 2)
      const n = 20_000
      let area = 0
      for (let i = 0; i < n; i += 1) area += density(((i + 0.5) * t) / n) * (t / n)
      return 0.5 - area
    }
    for (const degrees of [3, 4, 5, 7, 8, 10, 11, 12, 14, 20, 25, 40]) {
      expect(above(studentHalf(degrees), degrees)).toBeCloseTo(0.1, 3)
    }
  })

  test('one job moves little and is wide; the range narrows as jobs come, and the mean is the geometric one', () => {
    const one = evidence(1.5)
    expect([one.ratio, one.weight]).toEqual([expect.closeTo(1.5, 9), 0.25])
    expect(one.times).toBeCloseTo(1.5 ** 0.25, 9)
    // By hand: ln range = 1.638 × 0.35 / √1 each way.
    expect(Math.log(one.high / one.ratio)).toBeCloseTo(1.638 * 0.35, 3)
    expect(one.unshown).toBe(true)
    // Two alike: four degrees, spread √(3 × 0.35² ÷ 4), t = 1.533, over √2.
    const two = evidence(1.5, 1.5)
    expect(Math.log(two.high / two.ratio)).toBeCloseTo(
      (1.533 * Math.sqrt((3 * 0.35 ** 2) / 4)) / Math.SQRT2,
      3,
    )
    const five = evidence(1.5, 1.5, 1.5, 1.5, 1.5)
    expect(five.high / five.low).toBeLessThan(one.high / one.low)
    expect([five.unshown, five.times]).toEqual([false, expect.closeTo(1.5, 9)])
    expect(evidence(0.5, 2).ratio).toBeCloseTo(1, 9)
    expect(evidence(0.5, 2).unshown).toBe(true)
  })

  test('hours of which only the item was said weigh half', () => {
    const told = taskEvidence([record('a', 1.4, 1), record('b', 1.4, 1)], {})[0]!
    expect(told.weight).toBe(0.25)
    expect(told.jobs.map(({ said }) => said)).toEqual([false, false])
  })

  test('at the full ratio the same work reckoned again comes to what was spent', () => {
    const { values, times } = evidence(1.3, 1.3, 1.3, 1.3, 1.3)
    for (const { now, offered } of values) expect(offered / now).toBeCloseTo(times, 2)
    const row = rows.task(someTask())
    const fields = (['set_up_h', 'low', 'typical', 'high'] as const).filter((field) => row[field] > 0)
    expect(fields).toContain('set_up_h')
    expect(values.map(({ key }) => key)).toEqual(fields.map((field) => `task.${someTask()}.${field}`))
  })

  test('an hour the firm has set since is not charged twice: older jobs are judged at today’s row', () => {
    const row = rows.task(someTask())
    const now = { [`task.${someTask()}.typical`]: { value: row.typical * 1.5, reason: 'ours' } }
    const [told] = taskEvidence([record('a', 1.5)], now)
    expect([told!.ratio, told!.taken]).toEqual([expect.closeTo(1, 9), false])
  })

  test('taken once, the same jobs offer nothing more; a further job weighs against the hours of before', () => {
    const taken = (of: ReturnType<typeof evidence>): Values =>
      Object.fromEntries(
        of.values.map(({ key, from, offered }) => [key, { value: offered, reason: 'r', from }]),
      )
    const jobs = [record('a', 1.5), record('b', 1.5)]
    const first = taskEvidence(jobs, {})[0]!
    // By hand: half of ln 1.5, so √1.5 = 1.2247 times the shipped hour.
    const typical = first.values.find(({ key }) => key.endsWith('typical'))!
    expect(typical.offered / typical.from).toBeCloseTo(Math.sqrt(1.5), 3)
    const again = taskEvidence(jobs, taken(first))[0]!
    expect(again.taken).toBe(true)
    expect(again.values.map(({ now }) => now)).toEqual(first.values.map(({ offered }) => offered))
    expect(again.values.map(({ offered }) => offered)).toEqual(first.values.map(({ offered }) => offered))
    // Three more, of which the last was reckoned with the new hours already: five weigh all, and 1.5 is what they say.
    const late = record('e', 1.5 / Math.sqrt(1.5))
    const later = { ...late, tasks: late.tasks.map((each) => ({ ...each, typical_then: typical.offered })) }
    const five = taskEvidence([...jobs, record('c', 1.5), record('d', 1.5), later], taken(first))[0]!
    expect(five.ratio).toBeCloseTo(1.5, 3)
    const full = five.values.find(({ key }) => key.endsWith('typical'))!
    expect(full.offered / typical.from).toBeCloseTo(1.5, 2)
    // An hour set by hand since is what jobs are weighed against from then on.
    const byHand = { ...taken(first), [typical.key]: { value: typical.from * 2, reason: 'by hand' } }
    expect(taskEvidence(jobs, byHand)[0]!.ratio).toBeCloseTo(0.75, 6)
  })
})

describe('looking back', () => {
  const record = (id: string, of: Partial<JobRecord>): JobRecord => ({
    ...{ job_id: id, title: id, closed_on: TODAY, tasks: [], kinds: [], opened: [] },
    ...{ estimate_h: 20, paid_estimate_h: 25, work_h: 24, paid_h: 30, along_h: 6, productive_estimate: 0.8 },
    ...{
      visits_estimate: 1,
      days: 3,
      agreed_cents: 400_000 as Cents,
      receipts_cents: { material: 110_000 as Cents },
    },
    ...{ bought_estimate_cents: 100_000 as Cents, hour_cents: 6_000 as Cents },
    ...of,
  })
  const kind = (sold: number, bought: number) => ({
    ...{ method: 'piece-in', name: 'Piece in', items: 1, estimate_h: 10, spent_h: 12 },
    ...{ sold_cents: sold as Cents, bought_cents: bought as Cents },
  })

  test('an hour of a job by hand, and where it lost', () => {
    const [told] = earnedByJob([record('a', {})])
    // 4,000.00 − 1,100.00 = 2,900.00 over 30 paid hours.
    expect([told!.earned_cents, told!.per_hour_cents]).toEqual([290_000, 9_667])
    expect(told!.lost).toEqual([
      // 20 reckoned, 24 worked: 4 h × 60.00. Along the way 5 reckoned, 6 spent. Receipts 100.00 over.
      { why: 'hours', cents: -24_000 },
      { why: 'along', cents: -6_000 },
      { why: 'bought', cents: -10_000 },
    ])
    expect(earnedByJob([record('b', { receipts_cents: {} })])[0]).toMatchObject({
      receipts: false,
      bought_cents: 100_000,
    })
    expect(earnedByJob([record('c', { agreed_cents: null }), record('d', { paid_h: 0 })])).toEqual([])
  })

  test('an hour of a kind: what was paid for it as it really came, over the hours that were paid', () => {
    const told = earnedByKind([record('a', { kinds: [kind(150_000, 40_000)] })])
    // 1,500.00 − 400.00 × 1.1 = 1,060.00 over 12 × 30 ÷ 24 = 15 h.
    expect(told).toEqual([
      expect.objectContaining({ earned_cents: 106_000, paid_h: 15, per_hour_cents: 7_067, jobs: 1 }),
    ])
    const two = earnedByKind([
      record('a', { kinds: [kind(150_000, 40_000)] }),
      record('b', { kinds: [kind(50_000, 0)] }),
    ])
    expect([two[0]!.jobs, two[0]!.items, two[0]!.earned_cents]).toEqual([2, 2, 156_000])
  })
})
