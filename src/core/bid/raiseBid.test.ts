import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { FINDS } from '../catalogue/hidden/finds'
import { derive } from '../pipeline'
import { sectionsOf } from './blocks'
import { chosenTotal, WHOLE_BID } from './choose'
import { BID_STEPS, BID_VERSION, readBid } from './raiseBid'

const kept: unknown = JSON.parse(readFileSync('tests/kept/kelp-row-7.v1.bid.json', 'utf8'))
const alder = derive(DEMO_JOBS['alder-house'](), '2026-05-04').bid

const meantAsTheyStood = ({ beside }: { beside: object[] }): object[] =>
  beside.map((each) => ({ ...each, basis: { kind: 'fixed' } }))

test('a bid frozen by an older program is read, and says of its sources what it said then', () => {
  const bid = readBid(kept)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  expect(bid.value.beside).toEqual([])
  const was = (kept as { source_pairs: { fixed: boolean; fix: string }[] }).source_pairs
  expect(bid.value.source_pairs.map(({ standing }) => standing)).toEqual(
    was.map(({ fixed, fix }) =>
      fixed
        ? `In this bid: ${fix}.`
        : `Not in this bid: ${fix}. Recurrence there is excluded from the warranty.`,
    ),
  )
})

test('a bid frozen before choices says of its work what it said, and nothing of it can be chosen', () => {
  const frozen: unknown = JSON.parse(readFileSync('tests/kept/kelp-row-7.v2.bid.json', 'utf8'))
  const bid = readBid(frozen)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  const was = frozen as { items: { does: string }[]; total_cents: number }
  expect(bid.value.items.map(({ done }) => done)).toEqual(was.items.map(({ does }) => does))
  expect(bid.value.items.every(({ leave }) => leave === null)).toBe(true)
  expect(chosenTotal(bid.value, WHOLE_BID)).toMatchObject({ ok: true })
  const printed = JSON.stringify(sectionsOf(bid.value, { prices: true }))
  for (const { does } of was.items) expect(printed).toContain(JSON.stringify(does).slice(1, -1))
})

test('a bid frozen before measurements says nothing of any, and the rest as it was', () => {
  const frozen = JSON.parse(readFileSync('tests/kept/kelp-row-7.v4.bid.json', 'utf8')) as {
    beside: object[]
  }
  const bid = readBid(frozen)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  expect(bid.value).toEqual({
    ...frozen,
    version: BID_VERSION,
    together: [],
    measured: [],
    go_on: null,
    beside: meantAsTheyStood(frozen),
  })
})

test('a bid frozen before change orders knows its finds by their words, and agrees to nothing without a yes', () => {
  const frozen = JSON.parse(readFileSync('tests/kept/kelp-row-7.v5.bid.json', 'utf8')) as {
    finds: { what: string }[]
    beside: object[]
  }
  const bid = readBid(frozen)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  expect(bid.value.finds.length).toBeGreaterThan(1)
  expect(bid.value).toEqual({
    ...frozen,
    version: BID_VERSION,
    together: [],
    go_on: null,
    beside: meantAsTheyStood(frozen),
    finds: frozen.finds.map((find) => ({
      ...find,
      id: FINDS.find(({ plain }) => plain === find.what)!.id,
    })),
  })
})

test('a bid frozen before options had a basis has their prices stand as they were', () => {
  const frozen = JSON.parse(readFileSync('tests/kept/kelp-row-7.v6.bid.json', 'utf8')) as {
    beside: object[]
  }
  const bid = readBid(frozen)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  expect(frozen.beside.length).toBeGreaterThan(0)
  expect(bid.value).toEqual({
    ...frozen,
    version: BID_VERSION,
    together: [],
    beside: meantAsTheyStood(frozen),
  })
})

test('a bid frozen before options were reckoned together adds each by itself', () => {
  const frozen = JSON.parse(readFileSync('tests/kept/kelp-row-7.v7.bid.json', 'utf8')) as object
  const bid = readBid(frozen)
  if (!bid.ok) throw new Error(JSON.stringify(bid.error))
  expect(bid.value).toEqual({ ...frozen, version: BID_VERSION, together: [] })
})

test('every version below this one has its step; one of today is read as it is', () => {
  for (let version = 1; version < BID_VERSION; version += 1) expect(BID_STEPS[version]).toBeDefined()
  expect(readBid(JSON.parse(JSON.stringify(alder)))).toMatchObject({ ok: true })
})

test('a bid of a newer program and what is no bid are told apart', () => {
  expect(readBid({ version: 99 })).toEqual({ ok: false, error: { kind: 'bid-too-new', version: 99 } })
  expect(readBid({ ...alder, total_cents: 'lots' })).toMatchObject({
    ok: false,
    error: { kind: 'no-bid', path: 'total_cents' },
  })
  expect(readBid(null)).toMatchObject({ ok: false, error: { kind: 'no-bid' } })
})

test('the sections come in the order a bid is read, hazards first, the sum in the head as well', () => {
  const sections = sectionsOf(alder, { prices: true })
  expect(sections.map(({ name }) => name)).toEqual([
    'Bid',
    'Read this first',
    'Where it is',
    'What we propose',
    'Your choices',
    'Why it is damaged',
    'Not in the price',
    'Also seen',
    'When it is paid',
    'Warranty',
    'Terms',
  ])
  const work = sections.flatMap(({ blocks }) => blocks).filter((block) => block.kind === 'work')
  const offered = alder.beside.filter(({ takeable }) => takeable)
  expect(work).toHaveLength(alder.items.length + offered.length + alder.looks.length)
  const rows = sections.find(({ name }) => name === 'Not in the price')!.blocks
  for (const { title } of alder.beside.filter(({ takeable }) => !takeable))
    expect(JSON.stringify(rows)).toContain(title)
  const [letterhead] = sections[0]!.blocks
  const sum = sections.flatMap(({ blocks }) => blocks).find((block) => block.kind === 'sum')
  expect(letterhead?.kind === 'letterhead' && letterhead.total?.amount).toBe(
    sum?.kind === 'sum' && sum.amount,
  )
})

test('a face without money has no figure anywhere', () => {
  const text = JSON.stringify(
    sectionsOf(alder, { prices: false })
      .filter(({ name }) => name !== 'Terms' && name !== 'Where it is')
      .flatMap(({ blocks }) => blocks),
  )
  expect(text).not.toMatch(/\$\d/)
})

test('the total says whether tax is in it, and tax that is not stands above it', () => {
  const sum = (of: Partial<typeof alder>) =>
    sectionsOf({ ...alder, ...of }, { prices: true })
      .flatMap(({ blocks }) => blocks)
      .find((block) => block.kind === 'sum')
  expect(sum({ tax_words: 'included' })).toMatchObject({ name: 'Total, tax included', rows: [] })
  expect(sum({ tax_words: 'sales tax', tax_cents: 1234 as never })).toMatchObject({
    name: 'Total',
    rows: [{ name: 'Sales tax', amount: '$12.34' }],
  })
})
