/** What a second draft says otherwise. Sums written out by hand. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { derive } from '../pipeline'
import type { BidModel } from './bidModel'
import { compareBids, isSameBid } from './compareBids'

const DAY = '2026-05-04'
const job = DEMO_JOBS['alder-house']()
const bid = derive(job, DAY).bid

test('the same bid differs in nothing', () => {
  expect(isSameBid(compareBids(bid, derive(job, DAY).bid))).toBe(true)
})

const [first, second, third] = bid.items
const changed: BidModel = {
  ...bid,
  items: [
    // $100.00 dearer
    { ...first!, price_cents: (first!.price_cents + 10_000) as never },
    { ...second!, quantity: "9'" },
    ...bid.items.slice(3),
    { ...third!, id: 'fresh', title: 'A new gate', where: 'left D', price_cents: 25_000 as never },
  ],
  beside: [...bid.beside, { ...bid.beside[0]!, id: third!.id, why: 'the owner does it' }],
  // + $100 − the third + $250, and $7.50 more of tax
  total_cents: (bid.total_cents + 10_000 - third!.price_cents + 25_000 + 750) as never,
}

test('each change is told once, and the work and the rest add up to the difference', () => {
  const told = compareBids(bid, changed)
  expect(told.work).toEqual([
    {
      kind: 'price',
      title: first!.title,
      where: first!.where,
      was: first!.price_cents,
      is: first!.price_cents + 10_000,
    },
    { kind: 'words', title: second!.title, where: second!.where, what: ['how much'] },
    { kind: 'new', title: 'A new gate', where: 'left D', cents: 25_000 },
    {
      kind: 'out',
      title: third!.title,
      where: third!.where,
      cents: third!.price_cents,
      now: 'the owner does it',
    },
  ])
  expect(told.rest_cents).toBe(750)
  expect(told.is_cents - told.was_cents).toBe(10_000 - third!.price_cents + 25_000 + 750)
})

test('a hazard that was not told before is told now; options that come and go are named', () => {
  const quiet: BidModel = { ...bid, hazards: [], more_hazards: [] }
  expect(compareBids(quiet, bid).hazards).toHaveLength(bid.hazards.length + bid.more_hazards.length)
  expect(compareBids(bid, quiet).hazards).toEqual([])
  const option = { ...bid.beside[0]!, id: 'o', title: 'Gutter guard', where: 'front A', takeable: true }
  const offering: BidModel = { ...bid, beside: [...bid.beside, option] }
  expect(compareBids(bid, offering).offered).toEqual(['Gutter guard (front A)'])
  expect(compareBids(offering, bid).withdrawn).toEqual(['Gutter guard (front A)'])
})

test('one piece of work less, by the pipeline: it is out, and what was shared moves', () => {
  const less = { ...job, work_items: job.work_items.filter(({ id }) => id !== first!.id) }
  const told = compareBids(bid, derive(less, DAY).bid)
  expect(told.work.filter(({ kind }) => kind === 'out').map(({ title }) => title)).toEqual([first!.title])
  const sum = told.work.reduce((total, each) => {
    if (each.kind === 'out') return total - each.cents
    if (each.kind === 'price') return total + each.is - each.was
    return each.kind === 'new' ? total + each.cents : total
  }, 0)
  expect(sum + told.rest_cents).toBe(told.is_cents - told.was_cents)
})
