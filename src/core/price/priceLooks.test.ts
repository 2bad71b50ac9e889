import { expect, test } from '@jest/globals'
import { notLooked } from '../../../demo/build'
import { smallHouse } from '../../../tests/support/jobs'
import { reckoned } from '../../../tests/support/arithmetic'
import { coverJob } from '../coverage'
import { priceLooks, priceOfLook } from './priceLooks'

const three = smallHouse({
  facts: [
    notLooked('1', 'a', 'roof-edge', 'height'),
    notLooked('2', 'b', 'roof-edge', 'height'),
    notLooked('3', 'c', 'base-and-grade', 'covered'),
  ],
})

test('one ladder is set up once for two places; opening costs apart', () => {
  const looks = priceLooks(coverJob(three).holds, three.rates, three.settings)
  if (looks.kind !== 'priced') throw new Error(`Expected a price, got ${looks.kind}`)
  // By hand: (0.3 + 2 × 0.25) h ÷ 0.70 × $48 = $54.857; × 1.35 ÷ 0.88 = $84.16, up to $85.
  expect(looks.lines[0]).toMatchObject({ way: 'ladder', sell_cents: 8500, opens: false })
  // (0.25 + 1.5) h ÷ 0.70 × $48 = $120; × 1.35 ÷ 0.88 = $184.09, up to $185.
  expect(looks.lines[1]).toMatchObject({ way: 'open', sell_cents: 18_500, opens: true })
  expect(looks.total_cents).toBe(27_000)
})

test('what is printed of a look, reckoned again, gives what is printed', () => {
  const tall = { ...three, house: { ...three.house!, storeys: 3 } }
  const looks = priceLooks(coverJob(tall).holds, tall.rates, tall.settings)
  if (looks.kind !== 'priced') throw new Error(looks.kind)
  for (const { figure } of looks.lines) {
    const [labour, gear] = figure.parts!
    expect(reckoned(labour!.how)).toBeCloseTo(labour!.value, 6)
    if (gear) expect([gear.label, gear.value]).toEqual(['lift day', 380])
  }
})

test('gear is hired once, and a missing rate is said', () => {
  const tall = { ...three, house: { ...three.house!, storeys: 3 } }
  const holds = coverJob(tall).holds
  const looks = priceLooks(holds, tall.rates, tall.settings)
  if (looks.kind !== 'priced') throw new Error(`Expected a price, got ${looks.kind}`)
  // (1 + 2 × 0.25) h ÷ 0.70 × $48 + $380 = $482.857; × 1.35 ÷ 0.88 = $740.75, up to $745.
  expect(looks.lines[0]).toMatchObject({ way: 'lift', sell_cents: 74_500 })
  const consumable_cents = Object.fromEntries(
    Object.entries(tall.rates!.consumable_cents).filter(([name]) => name !== 'lift-day'),
  )
  const without = priceLooks(holds, { ...tall.rates!, consumable_cents }, tall.settings)
  expect(without).toMatchObject({ missing: ['lift-day'] })
})

test('without rates nothing is priced', () => {
  expect(priceLooks(coverJob(three).holds, null, three.settings)).toEqual({ kind: 'withheld' })
})

test('one look has a price beside what is not explained; where its gear has no rate it has none', () => {
  // By hand: (0.3 + 0.25) h ÷ 0.70 × $48 = $37.714; × 1.35 ÷ 0.88 = $57.86, up to $60.
  expect(priceOfLook('ladder', three.rates, three.settings)).toBe(6000)
  const without = { ...three.rates!.consumable_cents }
  delete without['lift-day']
  expect(priceOfLook('lift', { ...three.rates!, consumable_cents: without }, three.settings)).toBeNull()
  expect(priceOfLook('ladder', null, three.settings)).toBeNull()
})
