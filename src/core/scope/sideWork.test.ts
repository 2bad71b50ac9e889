/** Work on whole sides. Which two are never both done is common practice; the sums are the engine’s own and are held to each other. */
import { describe, expect, test } from '@jest/globals'
import { at, DAY, house, mend, priced, total } from '../../../tests/support/priced'
import { NOT_BOTH, ONLY_AFTER, WANTS_AFTER } from '../catalogue/methods/sideWork'
import { methodOf } from '../catalogue'
import type { JobDocument, WorkItem } from '../job'
import { feet } from '../measure'
import { withLeaves } from '../compare'
import { derive } from '../pipeline'
import { doubledOnSides, newSideWork, newWithSide, sideMethodsFor, takenInstead, wantsAfter } from '.'

const bare = house({ findings: [], work_items: [] }).job
const SIDE = bare.sides[0]!.id
const withItems = (...work_items: WorkItem[]): JobDocument => ({ ...bare, work_items })
const add = (job: JobDocument, id: string, method: string): JobDocument => ({
  ...job,
  work_items: [...job.work_items, newSideWork({ id, method, side_id: SIDE }, job)],
})
const stands = (job: JobDocument): unknown =>
  job.work_items.map(({ id, state, instead_of, requires }) => [id, state, instead_of, requires])

const turned = (of: JobDocument, id: string): JobDocument => {
  const changes = takenInstead(
    of.work_items.find((each) => each.id === id)!,
    of,
  )
  return { ...of, work_items: of.work_items.map((each) => ({ ...each, ...changes.get(each.id) })) }
}

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

describe('spots of a side that gets new siding', () => {
  const soft = at(1, 'lap-siding')
  const corner = at(2, 'corner-board', { at: { side: 'a', ft: 0, up_in: 12 } })
  const sill = at(3, 'window-sill')
  const found = house({ findings: [soft, corner, sill], work_items: [] }).job
  const mended: JobDocument = {
    ...found,
    work_items: [mend('boards', [soft], 'replace-course'), mend('sill', [sill], 'piece-in')],
  }

  test('are done with it and charged once; the sill is not', () => {
    const alone = add(found, 'clad', 're-clad-side')
    const both = { ...mended, work_items: [...mended.work_items, ...alone.work_items] }
    const lines = priced(derive(both, DAY)).lines
    expect(lines.find(({ item_id }) => item_id === 'boards')).toMatchObject({
      sell_cents: 0,
      includedIn: 'clad',
    })
    expect(lines.find(({ item_id }) => item_id === 'sill')?.sell_cents).toBeGreaterThan(0)
    const withSill = { ...both, work_items: both.work_items.filter(({ id }) => id !== 'boards') }
    expect(total(derive(both, DAY))).toBe(total(derive(withSill, DAY)))
    // The bid names the spot at the siding, and sells no boards beside it.
    const { items } = derive(both, DAY).bid
    expect(items.map(({ id, findings: spots }) => [id, spots])).toEqual([
      ['sill', ['3']],
      ['clad', ['1', '2']],
    ])
    // Left out, the siding is left out with them: nobody pays for boards that stand in no line.
    const { items: left } = withLeaves(both, DAY, derive(both, DAY))
    const sillAlone = { ...mended, work_items: mended.work_items.filter(({ id }) => id === 'sill') }
    const saves = left.find(({ id }) => id === 'clad')!.leave!.saves_cents
    expect(total(derive(both, DAY)) - saves).toBe(total(derive(sillAlone, DAY)))
    // Where the owner may have paint instead, what is mended then stands by itself.
    const choice = {
      ...both,
      work_items: [
        ...both.work_items,
        { ...newSideWork({ id: 'paint', method: 'paint-side', side_id: SIDE }, both) },
      ],
    }
    expect(derive(choice, DAY).bid.items.map(({ id }) => id)).toEqual(['boards', 'sill', 'clad'])
    // Nothing more is asked of them.
    expect(derive(alone, DAY).scope.open).toEqual([sill.id])
  })

  test('where the owner may choose the siding, he chooses it in place of them too', () => {
    const painted = {
      ...mended,
      work_items: [...mended.work_items, ...add(found, 'paint', 'paint-side').work_items],
    }
    const clad = newSideWork({ id: 'clad', method: 're-clad-side', side_id: SIDE }, painted)
    expect([clad.state, clad.instead_of]).toEqual(['alternate', ['paint', 'boards']])
    // Not in the price, it does nothing for them.
    const offered = { ...painted, work_items: [...painted.work_items, clad] }
    expect(
      priced(derive(offered, DAY)).lines.find(({ item_id }) => item_id === 'boards')?.sell_cents,
    ).toBeGreaterThan(0)
  })

  test('turned about and back, the boards are charged again and nothing is lost', () => {
    const painted = {
      ...mended,
      work_items: [...mended.work_items, ...add(found, 'paint', 'paint-side').work_items],
    }
    const offered = {
      ...painted,
      work_items: [
        ...painted.work_items,
        newSideWork({ id: 'clad', method: 're-clad-side', side_id: SIDE }, painted),
      ],
    }
    const clad = turned(offered, 'clad')
    expect(stands(clad)).toEqual([
      ['boards', 'ours', [], []],
      ['sill', 'ours', [], []],
      ['paint', 'alternate', ['clad'], []],
      ['clad', 'ours', [], []],
    ])
    expect(stands(turned(clad, 'paint'))).toEqual(stands(offered))
  })

  test('on another side, and on the face of a chimney box, they are their own', () => {
    const clad = add(found, 'clad', 're-clad-side')
    const there = { component: 'lap-siding', at: soft.place }
    expect(newWithSide(there, clad)?.id).toBe('clad')
    if (soft.place.kind !== 'side') throw new Error('at a side')
    expect(newWithSide({ ...there, at: { ...soft.place, side_id: bare.sides[1]!.id } }, clad)).toBeNull()
    const chase = {
      ...{ id: 'chase', removed: false, kind: 'chimney-chase' as const, side_id: SIDE, number: 9 },
      ...{ station: feet(20), width: feet(5), size_how: 'taped' as const, depth: feet(2), top: feet(20) },
    }
    const onChase = { ...there, at: { ...soft.place, feature_id: 'chase' } }
    expect(newWithSide(onChase, { ...clad, features: [chase] })).toBeNull()
  })

  test('what is only watched there is not left and looked at again', () => {
    const watched = { ...found, work_items: [mend('w', [soft], 'watch')] }
    const clad = {
      ...watched,
      work_items: [...watched.work_items, ...add(found, 'clad', 're-clad-side').work_items],
    }
    const listed = (job: JobDocument): number =>
      derive(job, DAY).bid.beside.filter(({ id }) => id === 'w').length
    expect([listed(watched), listed(clad)]).toEqual([1, 0])
  })
})
