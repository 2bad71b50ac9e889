import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { withLeaves } from '../compare'
import { at, house, mend } from '../../../tests/support/priced'
import { baselineOf } from '../open/baseline'
import { draftOrder } from '../open/draftOrder'
import { ALONE } from '../plan'
import type { OpenedPlace } from '../job'
import { derive } from '../pipeline'
import { acceptedSections } from './acceptedPaper'
import { sectionsOf } from './blocks'
import { chosenTotal, WHOLE_BID } from './choose'

const DAY = '2026-05-04'
const job = DEMO_JOBS['alder-house']()
const model = withLeaves(job, DAY, derive(job, DAY))
const leaves = model.items.find(({ leave }) => leave && !leave.hazard)!
const choice = { ...WHOLE_BID, left: [leaves.id], looks: [model.looks[0]!.id] }
const chosen = chosenTotal(model, choice)
if (!chosen.ok) throw new Error('no choice')
const accepted = {
  by: 'Orla Fennimore',
  as: 'owner of the house',
  on: '2026-05-20',
  choice,
  total_cents: chosen.value.total_cents,
  number: 2,
  hash: 'a'.repeat(64),
  strokes: [],
}
const tableOf = (name: string) => {
  const block = acceptedSections(model, accepted)
    .flatMap(({ blocks }) => blocks)
    .find((each) => each.kind === 'table' && each.name === name)
  return block?.kind === 'table' ? block.rows : []
}

test('what was accepted is listed with its price, what was left out with what follows, and when it is paid', () => {
  expect(tableOf('What is done')).toHaveLength(model.items.length - 1 + 1)
  expect(tableOf('Left out')).toEqual([[`${leaves.title} (${leaves.where})`, leaves.left_out]])
  const paid = tableOf('Payments').map(([, amount]) => Math.round(Number(amount!.replace(/[$,]/g, '')) * 100))
  expect(paid.reduce((sum, each) => sum + each, 0)).toBe(accepted.total_cents)
  const words = JSON.stringify(acceptedSections(model, accepted))
  expect(words).toContain('Orla Fennimore, owner of the house')
  expect(words).toContain(accepted.hash)
})

/** What may be chosen besides has a price always: where it is offered, and where what was not looked at is told. */
const OFFERED = new Set(['Your choices', 'Where it is'])

test('where the firm shows the total alone, no other price stands, in the bid or in its acceptance', () => {
  const closed = {
    ...model,
    shows: { ...model.shows, prices: 'total' as const },
    payments: { ...model.payments, stages: [] },
  }
  const prices = (sections: readonly unknown[]): string[] =>
    JSON.stringify(sections).match(/\$[\d,]+\.\d\d/g) ?? []
  const whole = new Set(prices(sectionsOf(closed, { prices: true }).filter(({ name }) => !OFFERED.has(name))))
  expect([...whole]).toEqual(['$39,282.67'])
  expect(new Set(prices(acceptedSections(closed, accepted))).size).toBe(1)
})

test('the short form names the work or the places, the sum and where to sign, and says that there is more', () => {
  const short = sectionsOf(model, { prices: true, paper: true, short: true })
  expect(short.map(({ name }) => name)).toEqual([
    'Bid',
    'Read this first',
    'Where it is',
    'What it comes to',
    'Terms',
  ])
  const words = JSON.stringify(short)
  expect(words).toContain('Accepted as it stands here')
  expect(words).toContain('short form')
})

const opened = (finding_id: string): OpenedPlace => ({
  ...{
    id: 'opened',
    removed: false,
    finding_id,
    opened_on: '2026-05-05',
    opened_by: 'Dov',
    guess: null,
    told: null,
    caused_by: null,
  },
  ...{ found: [], taped: { value: 120 * 64, how: 'taped' } as never, said: null, words: '', tonight: '' },
  photo_ids: [],
})

test('an option that is an allowance says so on the bid, on the paper of its yes, and in what a change is settled by', () => {
  const fascia = at(1, 'fascia', { length_in: 96, grade: 3 })
  const sill = at(2, 'window-sill', { grade: 3 })
  const { bid: offered, job: offeredJob } = house({
    findings: [fascia, sill],
    work_items: [
      mend('a', [sill], 'replace-member'),
      mend('b', [fascia], 'piece-in', { state: 'optional', basis: 'allowance' }),
    ],
  })
  const [option] = offered.beside
  if (option?.basis.kind !== 'allowance') throw new Error(JSON.stringify(option))
  const words = /The price allows for .* feet\. What is more or less in the end is settled at/
  expect(JSON.stringify(sectionsOf(offered, { prices: true }))).toMatch(words)
  expect(JSON.stringify(sectionsOf(offered, { prices: false }))).not.toMatch(words)
  const choice = { left: [], taken: ['b'], looks: [] }
  expect(JSON.stringify(acceptedSections(offered, { ...accepted, choice }))).toMatch(words)
  const baseline = baselineOf(offered, {
    bid_id: 'bid',
    number: 1,
    choice,
    total_cents: offered.total_cents,
    accepted_by: 'Owner',
    accepted_on: '2026-05-04',
  })
  const { quantity, unit, unit_cents } = option.basis
  expect(baseline.items.find(({ id }) => id === 'b')?.allowance).toEqual({ quantity, unit, unit_cents })
  expect(baseline.items.find(({ id }) => id === 'a')?.allowance).toBeNull()

  // Taped 2 ft longer once it was open: two feet more at the price that was agreed.
  const taped = { value: 120 * 64, how: 'taped' as const }
  const now = derive(
    {
      ...offeredJob,
      findings: [{ ...fascia, extent: taped as never }, sill],
      opened_places: [opened(fascia.id)],
    },
    '2026-05-04',
  )
  const drafted = (taken: string[]) =>
    draftOrder({
      derived: now,
      baseline,
      orders: [],
      today: '2026-05-05',
      around: { ...ALONE, accepted: { items: ['a'], taken, left: [] } },
    }).lines.filter(({ kind }) => kind === 'taped')
  expect(drafted(['b'])).toMatchObject([{ item_id: 'b', cents: 2 * unit_cents }])
  expect(drafted([])).toEqual([])
})
