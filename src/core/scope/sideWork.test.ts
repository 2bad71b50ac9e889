/** Work on whole sides. Which two are never both done is common practice; the sums are the engine’s own and are held to each other. */
import { describe, expect, test } from '@jest/globals'
import { DAY, house, total } from '../../../tests/support/priced'
import { NOT_BOTH, ONLY_AFTER, WANTS_AFTER } from '../catalogue/methods/sideWork'
import { methodOf } from '../catalogue'
import type { JobDocument, WorkItem } from '../job'
import { derive } from '../pipeline'
import { doubledOnSides, newSideWork, sideMethodsFor, takenInstead, wantsAfter } from '.'

const bare = house({ findings: [], work_items: [] }).job
const SIDE = bare.sides[0]!.id
const withItems = (...work_items: WorkItem[]): JobDocument => ({ ...bare, work_items })
const add = (job: JobDocument, id: string, method: string): JobDocument => ({
  ...job,
  work_items: [...job.work_items, newSideWork({ id, method, side_id: SIDE }, job)],
})
const stands = (job: JobDocument): unknown =>
  job.work_items.map(({ id, state, instead_of, requires }) => [id, state, instead_of, requires])

test('every method of the rows answers a side', () => {
  const named = [
    ...NOT_BOTH.flatMap(({ one, other }) => [...one, ...other]),
    ...Object.entries(ONLY_AFTER).flat(2),
    ...Object.entries(WANTS_AFTER).flatMap(([id, { method }]) => [id, method]),
  ]
  expect(named.filter((id) => methodOf(id)?.answers !== 'side')).toEqual([])
})

describe('a second work on a side', () => {
  test('new siding over a wall that is to be painted is the owner’s choice, and the price stays', () => {
    const painted = add(bare, 'paint', 'paint-side')
    const both = add(painted, 'clad', 're-clad-side')
    expect(stands(both)).toEqual([
      ['paint', 'ours', [], []],
      ['clad', 'alternate', ['paint'], []],
    ])
    expect(total(derive(both, DAY))).toBe(total(derive(painted, DAY)))
    expect(doubledOnSides(both)).toEqual([])
  })

  test('the trim is painted beside the walls', () => {
    expect(stands(add(add(bare, 'paint', 'paint-side'), 'trim', 'trim-side'))).toEqual([
      ['paint', 'ours', [], []],
      ['trim', 'ours', [], []],
    ])
  })

  test('paint for new siding is offered only beside it, and stands as it does', () => {
    const offers = (job: JobDocument): boolean =>
      sideMethodsFor(SIDE, job).some(({ id }) => id === 'coat-new-side')
    const clad = add(bare, 'clad', 're-clad-side')
    expect([offers(bare), offers(clad)]).toEqual([false, true])
    expect(stands(add(clad, 'coat', 'coat-new-side'))).toEqual([
      ['clad', 'ours', [], []],
      ['coat', 'ours', [], ['clad']],
    ])
    const choice = add(add(bare, 'paint', 'paint-side'), 'clad', 're-clad-side')
    expect(stands(add(choice, 'coat', 'coat-new-side'))).toEqual([
      ['paint', 'ours', [], []],
      ['clad', 'alternate', ['paint'], []],
      ['coat', 'optional', [], ['clad']],
    ])
  })
})

test('taken into the price it changes places with what stood there, and its paint comes along', () => {
  const job = add(add(add(bare, 'paint', 'paint-side'), 'clad', 're-clad-side'), 'coat', 'coat-new-side')
  const turned = (of: JobDocument, id: string): JobDocument => {
    const changes = takenInstead(
      of.work_items.find((each) => each.id === id)!,
      of,
    )
    return { ...of, work_items: of.work_items.map((each) => ({ ...each, ...changes.get(each.id) })) }
  }
  const clad = turned(job, 'clad')
  expect(stands(clad)).toEqual([
    ['paint', 'alternate', ['clad'], []],
    ['clad', 'ours', [], []],
    ['coat', 'ours', [], ['clad']],
  ])
  expect(stands(turned(clad, 'paint'))).toEqual(stands(job))
  expect(total(derive(turned(clad, 'paint'), DAY))).toBe(total(derive(job, DAY)))
})

test('a third that stood in for the first stands in for the second from then on', () => {
  const job = add(add(add(bare, 'paint', 'paint-side'), 'clad', 're-clad-side'), 'shingle', 'shingle-side')
  const changes = takenInstead(job.work_items[1]!, job)
  expect(changes.get('shingle')).toEqual({ state: 'alternate', instead_of: ['clad'] })
})

test('two that are never both done and are both in the price are told', () => {
  const [paint, clad] = [add(bare, 'paint', 'paint-side'), add(bare, 'clad', 're-clad-side')].map(
    ({ work_items }) => work_items[0]!,
  )
  expect(doubledOnSides(withItems(paint!, clad!)).map(({ one, other }) => [one.id, other.id])).toEqual([
    ['paint', 'clad'],
  ])
  const other = {
    ...clad!,
    places: [{ ...clad!.places[0]!, at: { kind: 'whole-side' as const, side_id: bare.sides[1]!.id } }],
  }
  expect(doubledOnSides(withItems(paint!, other))).toEqual([])
})

test('new siding says that its paint is not in it, until the paint is taken', () => {
  const clad = add(bare, 'clad', 're-clad-side')
  const [item] = derive(clad, DAY).scope.items
  expect(item?.notices).toContain('The new boards come primed. Painting them is not part of this.')
  const coated = add(clad, 'coat', 'coat-new-side')
  // Work over two sides wants its paint on both.
  const more = {
    ...clad.work_items[0]!.places[0]!,
    at: { kind: 'whole-side' as const, side_id: bare.sides[1]!.id },
  }
  const both = { ...coated.work_items[0]!, places: [...coated.work_items[0]!.places, more] }
  expect(wantsAfter(both, coated)).toHaveLength(1)
  expect(wantsAfter(coated.work_items[0]!, coated)).toEqual([])
})
