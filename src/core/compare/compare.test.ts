import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../demo/alderHouse'
import { at, DAY, house, mend, plain, priced } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import type { WorkItem } from '../job'
import { feet } from '../measure'
import { derive } from '../pipeline'
import { itemForFix } from '../scope'
import { compareMethods, priceOfFixes, sideAgainstSpots } from '.'

const fascia = at(1, 'fascia', { length_in: 96, grade: 2 })
const job = plain(smallHouse({ findings: [fascia] }))
const trace = derive(job, DAY).trace
const compared = compareMethods(job, trace, 'finding-1', DAY)
const of = (method: string) => compared.alternatives.find((each) => each.method === method)!

test('each way costs what it would on the bid', () => {
  for (const method of ['piece-in', 'fascia-with-metal', 'replace-member']) {
    const bid = house({ findings: [fascia], work_items: [mend('r', [fascia], method)] })
    expect(of(method).cents).toBe(priced(bid).lines[0]!.sell_cents)
    expect(of(method).hours).toBe(bid.takeoff.items[0]!.hours)
  }
})

test('a year costs its price over the middle of its life', () => {
  const { cents, life_years, per_year_cents } = of('piece-in')
  expect(per_year_cents).toBe(Math.round(cents! / ((life_years[0] + life_years[1]) / 2)))
})

test('what is blocked, and what mends only the source, is no alternative', () => {
  const methods = compared.alternatives.map(({ method }) => method)
  expect(methods).not.toContain('fascia-overlay')
  expect(methods).not.toContain('drip-edge')
  expect(methods).not.toContain('own-work')
})

test('changing one’s mind later costs the recommended way on a visit of its own; the recommended itself nothing', () => {
  const best = compared.alternatives.find((each) => each.verdict === 'recommended')!
  const alone = house({ findings: [fascia], work_items: [mend('r', [fascia], best.method)] })
  expect(best.later_cents).toBeNull()
  expect(of('re-fasten').later_cents).toBe(priced(alone).total_cents)
})

test('what was chosen for it is compared, not added to', () => {
  const chosen = { ...job, work_items: [mend('r', [fascia], 'piece-in')] }
  const again = compareMethods(chosen, trace, 'finding-1', DAY)
  expect(again.alternatives.map(({ cents }) => cents)).toEqual(
    compared.alternatives.map(({ cents }) => cents),
  )
  expect(again.alternatives.find(({ method }) => method === 'piece-in')?.taken).toBe(true)
})

test('the sentence names the dearer and the cheaper way with what each is a year', () => {
  expect(compared.says).toMatch(/^Fascia let in, with drip edge costs \$[\d,.]+ more than piece in/)
})

test('a house with nothing recommended says so', () => {
  const other = plain(smallHouse({ findings: [at(1, 'other', { grade: 2 })] }))
  expect(compareMethods(other, derive(other, DAY).trace, 'finding-1', DAY).says).toContain('None stands out')
  expect(compareMethods(other, trace, 'gone', DAY).alternatives).toEqual([])
})

test('without its part nothing has a price, and it says what to do', () => {
  const bare = { ...fascia, component: null }
  const without = plain(smallHouse({ findings: [bare] }))
  const { says, alternatives } = compareMethods(without, derive(without, DAY).trace, 'finding-1', DAY)
  expect(says).toBe('Say which part it is: then what mends it is offered, with its price.')
  expect(alternatives.filter(({ cents }) => cents !== null)).toEqual([])
})

test('the fix of a source costs before it is taken what it costs on the bid after', () => {
  const alder = derive(alderHouse(), DAY).job
  const { trace: found, price } = derive(alder, DAY)
  const prices = priceOfFixes(alder, found, DAY)
  expect(prices.length).toBeGreaterThan(10)
  expect(price.kind).toBe('priced')
  const bare = { ...alder, work_items: [] }
  const [first] = priceOfFixes(bare, found, DAY)
  const source = found.sources.find((each) => each.letter === first!.letter)!
  const taken = derive({ ...bare, work_items: [itemForFix(source, bare, 'f')!] }, DAY)
  expect(first!.cents).toBe(priced(taken).lines[0]!.sell_cents)
})

test('a side is compared with its spots: both prices, and where they are the same', () => {
  const spots = [1, 2].map((n) =>
    at(n, 'lap-siding', { at: { side: 'a', ft: 5 * n, up_in: 40 }, length_in: 96, count: 4 }),
  )
  const made = plain(smallHouse({ findings: spots }))
  const choice = sideAgainstSpots(made, derive(made, DAY).trace, 'side-a', DAY)!
  // Twice 8 ft by four courses of 6 in: 32 ft² of 382.5.
  expect(choice.spot_ft2).toBe(32)
  expect(Math.round(choice.share_percent * 10) / 10).toBe(8.4)
  expect(choice.even_percent).toBe(
    Math.round((choice.share_percent * choice.side_cents!) / choice.spots_cents!),
  )
  expect(choice.says).toContain('Side A: the spots are about 8 % of it')
  expect(sideAgainstSpots(made, trace, 'side-b', DAY)).toBeNull()
})

test('a way that goes from pump jacks says so: alone from ladders, with the other work of the eave from jacks', () => {
  const along = (n: number, part: string): ReturnType<typeof at> =>
    at(n, part, { at: { side: 'a', ft: 0, up_in: 19 * 12 }, length_in: 42 * 12, grade: 3 })
  const eave = ['fascia', 'soffit', 'crown-moulding', 'frieze-board'].map((part, index) =>
    along(index + 1, part),
  )
  const [fascia, ...others] = eave
  const sides = smallHouse({}).sides.map((side) => ({ ...side, wall_height: feet(20) }))
  const gear = (work_items: readonly WorkItem[]): readonly string[] | undefined => {
    const of = plain(smallHouse({ findings: eave, sides, work_items: [...work_items] }))
    const { alternatives } = compareMethods(of, derive(of, DAY).trace, fascia!.id, DAY)
    return alternatives.find(({ method }) => method === 'replace-member')?.gear
  }
  expect(gear([])).toEqual([])
  expect(gear(others.map((each, index) => mend(`r${index}`, [each], 'replace-member')))).toEqual([
    'Worked from pump jacks, put up once for all the work there: its share is in its price.',
  ])
})

test('each way says how many new joints it makes: a piece let in meets old wood at both ends, the whole board only itself', () => {
  // The eave of 40 ft and its two overhangs is longer than a 16 ft board: by hand three lengths, two joints within.
  expect(of('piece-in').joints).toBe(2)
  const whole = house({ findings: [fascia], work_items: [mend('r', [fascia], 'replace-member')] })
  const [piece] = whole.takeoff.items[0]!.pieces
  expect(of('replace-member').joints).toBe(Math.ceil(piece!.length / feet(16)) - 1)
  expect(of('re-fasten').joints).toBeNull()
  // Soft at the very end of the board: one joint.
  const end = at(1, 'fascia', { at: { side: 'a', ft: 0, up_in: 110 }, length_in: 60, grade: 3 })
  const ended = plain(smallHouse({ findings: [end] }))
  const { alternatives } = compareMethods(ended, derive(ended, DAY).trace, 'finding-1', DAY)
  expect(alternatives.find(({ method }) => method === 'piece-in')?.joints).toBe(1)
})
