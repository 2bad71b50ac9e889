/** Ways to have the whole of it. The sums are added up by hand from what each choice adds and saves. */
import { expect, test } from '@jest/globals'
import { DAY, house, total } from '../../../tests/support/priced'
import { withLeaves } from '../compare'
import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { baselineOf } from '../open/baseline'
import { newSideWork, takenInstead } from '../scope'
import { sectionsOf } from './blocks'
import { chosenTotal, WHOLE_BID } from './choose'
import { waysOf } from './ways'

const bare = house({ findings: [], work_items: [] }).job
const [A, B] = bare.sides.map(({ id }) => id) as [string, string]
const add = (job: JobDocument, id: string, method: string, side_id: string): JobDocument => ({
  ...job,
  work_items: [...job.work_items, newSideWork({ id, method, side_id }, job)],
})
const take = (job: JobDocument, id: string): JobDocument => {
  const changes = takenInstead(
    job.work_items.find((each) => each.id === id)!,
    job,
  )
  return { ...job, work_items: job.work_items.map((each) => ({ ...each, ...changes.get(each.id) })) }
}
const bid = (job: JobDocument) => withLeaves(job, DAY, derive(job, DAY))

const painted = add(add(bare, 'pa', 'paint-side', A), 'pb', 'paint-side', B)
const three = add(add(painted, 'ca', 're-clad-side', A), 'cb', 're-clad-side', B)

/** What a bid comes to where these are taken, added up: what is in it, less what they save, their own, less what they share. No tax here. */
const added = (model: ReturnType<typeof bid>, ids: readonly string[]): number =>
  model.beside
    .filter(({ id }) => ids.includes(id))
    .reduce<number>((sum, each) => sum + each.price_cents! - (each.saves_cents ?? 0), model.total_cents) -
  (model.together.find((each) => each.ids.length === ids.length)?.saves_cents ?? 0)

test('paint all round, or new siding all round: one sum each', () => {
  const model = bid(three)
  const [proposed, way, ...more] = waysOf(model)
  expect(proposed).toEqual({ says: 'All as proposed here', total_cents: total(derive(three, DAY)) })
  expect(way?.says).toMatch(/^New siding \(.+; .+\) in place of Paint$/)
  expect(way?.total_cents).toBe(added(model, ['ca', 'cb']))
  expect(more).toEqual([])
  // What is shared is paid once: it is what the same work costs where it is proposed from the start.
  expect(way?.total_cents).toBe(total(derive(take(take(three, 'ca'), 'cb'), DAY)))
  expect(model.together).toEqual([{ ids: ['ca', 'cb'], saves_cents: expect.any(Number) }])
  // One of them alone is paid as it stands.
  const alone = chosenTotal(model, { ...WHOLE_BID, taken: ['ca'] })
  expect(alone).toMatchObject({ ok: true, value: { total_cents: added(model, ['ca']) } })
})

test('three ways: new siding here and paint there, and each of them all round beside it', () => {
  const model = bid(take(three, 'ca'))
  expect(waysOf(model).map(({ says, total_cents }) => [says.replace(/ \(.*\)/, ''), total_cents])).toEqual([
    ['All as proposed here', model.total_cents],
    ['Paint in place of New siding', added(model, ['pa'])],
    ['New siding in place of Paint', added(model, ['cb'])],
  ])
})

test('what makes no sense without it is taken with it', () => {
  const coated = add(add(three, 'oa', 'coat-new-side', A), 'ob', 'coat-new-side', B)
  const model = bid(coated)
  const [, way] = waysOf(model)
  expect(way?.says).toMatch(/^New siding; Paint on the new siding \(/)
  expect(way?.total_cents).toBe(added(model, ['ca', 'cb', 'oa', 'ob']))
  const turned = take(take(coated, 'ca'), 'cb')
  expect(way?.total_cents).toBe(total(derive(turned, DAY)))
})

test('left out of an accepted way again, its parts save what they were paid, to the cent', () => {
  const model = bid(three)
  const choice = { ...WHOLE_BID, taken: ['ca', 'cb'] }
  const accepted = { bid_id: 'b', number: 1, accepted_by: 'Selma Quist', accepted_on: DAY }
  const { items } = baselineOf(model, { ...accepted, choice, total_cents: waysOf(model)[1]!.total_cents })
  const saves = items
    .filter(({ id }) => choice.taken.includes(id))
    .reduce<number>((sum, { saves_cents }) => sum + saves_cents!, 0)
  const paid = model.beside
    .filter(({ id }) => choice.taken.includes(id))
    .reduce<number>((sum, { price_cents }) => sum + price_cents!, 0)
  expect(model.together[0]!.saves_cents).toBeGreaterThan(0)
  expect(saves).toBe(paid - model.together[0]!.saves_cents)
})

test('only the bad side, with the price of all of them beside it', () => {
  const all = add(add(bare, 'ca', 're-clad-side', A), 'cb', 're-clad-side', B)
  const C = bare.sides[2]!.id
  const optional = add(all, 'cc', 're-clad-side', C).work_items.map((item) => ({
    ...item,
    state: item.id === 'ca' ? ('ours' as const) : ('optional' as const),
  }))
  const model = bid({ ...all, work_items: optional })
  expect(waysOf(model)).toEqual([
    { says: 'All as proposed here', total_cents: model.total_cents },
    {
      says: expect.stringMatching(/^New siding \(.+; .+\) as well$/),
      total_cents: added(model, ['cb', 'cc']),
    },
  ])
})

test('what stands in for siding stands in for the paint of it', () => {
  const clad = add(
    add(add(add(bare, 'ca', 're-clad-side', A), 'cb', 're-clad-side', B), 'oa', 'coat-new-side', A),
    'ob',
    'coat-new-side',
    B,
  )
  const model = bid(add(add(clad, 'pa', 'paint-side', A), 'pb', 'paint-side', B))
  expect(model.beside.map(({ instead_of }) => instead_of)).toEqual([
    ['ca', 'oa'],
    ['cb', 'ob'],
  ])
  expect(waysOf(model)[1]).toEqual({
    says: expect.stringMatching(/^Paint \(.+\) in place of New siding; Paint on the new siding$/),
    total_cents: total(derive(painted, DAY)),
  })
})

test('turned about, the paint of old boards stands in for new siding and for whatever needs it', () => {
  const coated = add(add(painted, 'ca', 're-clad-side', A), 'oa', 'coat-new-side', A)
  const { items, beside } = bid(take(coated, 'ca'))
  expect(items.map(({ id }) => id).toSorted()).toEqual(['ca', 'oa', 'pb'])
  expect(beside.map(({ id, instead_of }) => [id, instead_of])).toEqual([['pa', ['ca', 'oa']]])
})

test('what is offered in one place only is chosen by itself', () => {
  expect(waysOf(bid(add(painted, 'ca', 're-clad-side', A)))).toEqual([])
})

test('they stand before the choices, and on no face without money', () => {
  const tables = (prices: boolean): string[] =>
    sectionsOf(bid(three), { prices }).flatMap(({ blocks }) =>
      blocks.flatMap((block) =>
        block.kind === 'table' && block.name === 'Ways to have it' ? [block.name] : [],
      ),
    )
  expect([tables(true), tables(false)]).toEqual([['Ways to have it'], []])
})
