import { expect, test } from '@jest/globals'
import { finding, smallHouse, workItem } from '../../../tests/support/jobs'
import { cautionsOf } from '../caution'
import { CONDITIONS, METHODS, TASKS } from '../catalogue'
import { newWorkItem, type EntityOf, type JobDocument } from '../job'
import { feet, inches } from '../measure'
import { scopeJob } from '../scope'
import { traceJob } from '../trace'
import { takeoffJob, type ItemTakeoff } from './takeoffJob'

type Going = {
  readonly side?: Partial<EntityOf['side']>
  readonly house?: Partial<EntityOf['house']>
  readonly people?: JobDocument['people']
}

function houseOf({ side = {}, house = {}, people = [] }: Going, more: Partial<JobDocument>): JobDocument {
  const job = smallHouse(more)
  return {
    ...job,
    people: [...job.people, ...people],
    house: { ...job.house!, ...house },
    sides: job.sides.map((each) => ({ ...each, ...side })),
  }
}

function itemOf(job: JobDocument): ItemTakeoff {
  return takeoffJob(job, scopeJob(job, traceJob(job), cautionsOf(job).dangers)).items[0]!
}

/** A soft fascia, 5 ft found, 7 ft up: from a step-ladder. */
const fascia = finding({
  n: 1,
  words: '',
  component: 'fascia',
  at: { side: 'a', ft: 10, up_in: 84 },
  length_in: 60,
  grade: 3,
})
const mended = (going: Going): ItemTakeoff =>
  itemOf(
    houseOf(going, {
      findings: [fascia],
      work_items: [workItem('r', { method: 'piece-in', component: 'fascia', finding_ids: [fascia.id] })],
    }),
  )
const line = (of: ItemTakeoff, task: string) => of.tasks.find((each) => each.task === task)

/** A pipe on the roof of side A, and a joist below the floor, mended by the kit. */
const kit = (method: string, component: string | null, going: Going): ItemTakeoff =>
  itemOf(
    houseOf(going, {
      work_items: [
        newWorkItem({
          id: 'r',
          method,
          component,
          places: [
            {
              at: {
                kind: 'side',
                side_id: 'side-a',
                station: feet(4),
                height: { value: feet(1), from: 'grade' },
                feature_id: null,
              },
              size: { kind: 'count', count: 1 } as never,
              height: null,
            },
          ],
        }),
      ],
    }),
  )

test('what slows the work is added in excess of one, on the rate and not on the set-up', () => {
  const level = line(mended({}), 'fascia')!
  const sloped = line(mended({ side: { conditions: ['footing-sloped'] } }), 'fascia')!
  // By hand, field practice B4.2: step-ladder 1.10 and a sloped foot 1.15 are 1.25, not 1.265; set-up stays 0.75 h.
  expect([level.factor, sloped.factor]).toEqual([1.1, 1.25])
  expect(sloped.hours).toBeCloseTo(0.75 + 0.22 * 7 * 1.25, 1)
  expect(sloped.set_up_h).toBe(level.set_up_h)
})

test('of two footings the harder one counts; a house’s condition comes on top; one that is not known counts nothing', () => {
  const side = { conditions: ['footing-sloped', 'footing-tight', 'made-up'] }
  expect(line(mended({ side }), 'fascia')!.factor).toBe(1.4)
  expect(line(mended({ side, house: { conditions: ['old-work', 'long-carry'] } }), 'fascia')!.factor).toBe(
    1.7,
  )
})

test('however much comes together, the firm’s cap holds', () => {
  const all = CONDITIONS.map(({ id }) => id)
  const made = mended({ side: { conditions: all, wall_height: feet(28) }, house: { conditions: all } })
  expect(line(made, 'fascia')!.factor).toBeLessThanOrEqual(2.5)
})

test('a roof by its slope; steeper than 12 in 12 has no hours, and says so', () => {
  const at = (pitch_in_12: number): ItemTakeoff => kit('pipe-collar', null, { side: { pitch_in_12 } })
  const factors = [6, 7, 9, 10, 12].map((pitch) => line(at(pitch), 'pipe-collar')!.factor)
  expect(factors.map((each) => Math.round((each - factors[0]!) * 100))).toEqual([0, 25, 25, 60, 60])
  expect(at(13).lacks).toEqual([expect.stringContaining('steeper than 12 in 12')])
})

test('a crawl space by its clearance; under 18 in nobody works below, and it says so', () => {
  const at = (clearance: number): ItemTakeoff =>
    kit('joist-sister', 'joist', { house: { crawl_clearance: inches(clearance) } })
  const task = 'crawl-joist-sister'
  // Each clearance belongs to the wider band it begins.
  expect([40, 36, 35, 30, 29, 24, 23, 18].map((each) => line(at(each), task)!.factor)).toEqual([
    1, 1, 1.15, 1.15, 1.35, 1.35, 1.7, 1.7,
  ])
  expect(at(17).lacks).toEqual([expect.stringContaining('Under 18 in')])
})

test('lived in, work inside is slowed more than work outside', () => {
  const people = [
    { id: 'p', removed: false, name: 'Odile', email: '', phone: '', roles: ['lives-there' as const] },
  ]
  expect(line(mended({ people }), 'fascia')!.factor).toBe(1.15)
  const floor = (going: Going) => line(kit('subfloor-new', 'subfloor', going), 'subfloor')!.factor
  expect([floor({}), floor({ people })]).toEqual([1, 1.2])
})

test('every task that is done somewhere says where, and every condition slows some task', () => {
  for (const row of CONDITIONS)
    expect([row.id, TASKS.some((task) => row.on.includes(task.zone))]).toEqual([row.id, true])
  expect(METHODS.length).toBeGreaterThan(0)
})
