import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../demo/alderHouse'
import { at, DAY, house, mend } from '../../../tests/support/priced'
import type { JobDocument } from '../job'
import { feet } from '../measure'
import { derive } from '../pipeline'
import { CAUSE_IDS, causeOf, isSureEnough } from '../trace'
import { methodOf } from '../catalogue'
import { itemSays } from '../bid/ownerWords'
import { takeAdvised } from '.'

let n = 0
const newId = (): string => `new-${(n += 1)}`
const taken = (job: JobDocument) => {
  const { trace, cautions } = derive(job, DAY)
  return takeAdvised(job, trace, cautions.dangers, newId)
}

test('findings of one part, material and method are one item with a place each', () => {
  const findings = [1, 2].map((each) =>
    at(each, 'corner-board', { at: { side: 'a', ft: 20 * each - 20, up_in: 40 } }),
  )
  const mine = taken(house({ findings }).job).filter(({ component }) => component === 'corner-board')
  expect(mine.map(({ method, finding_ids }) => [method, finding_ids.length])).toEqual([['piece-in', 2]])
})

test('what has no part, or nothing recommended, stays open', () => {
  const { job } = house({ findings: [at(1, 'other'), { ...at(2, 'fascia'), component: null }] })
  expect(taken(job)).toEqual([])
})

test('what only ends a possible source and is made for another part answers nothing: no piers for a bent skirting', () => {
  const home = {
    ...house({}).job.house!,
    kind: 'manufactured-home' as const,
    foundation: 'piers-with-skirt' as const,
  }
  const bent = at(1, 'skirting', { grade: null, signs: ['skirting-bent'] })
  expect(taken(house({ findings: [bent], house: home }).job).map(({ method }) => method)).not.toContain(
    'home-pier-new',
  )
})

test('of a whole house: afterwards nothing advised is left, and no source that is sure enough is open', () => {
  const bare = { ...derive(alderHouse(), DAY).job, work_items: [], source_decisions: [] }
  const items = taken(bare)
  expect(items.length).toBeGreaterThan(15)
  const after = { ...bare, work_items: items }
  expect(taken(after)).toEqual([])
  const { scope, trace } = derive(after, DAY)
  const open = trace.sources.filter(
    ({ letter, certainty }) => letter !== null && isSureEnough(certainty) && scope.fixes[letter] === 'open',
  )
  expect(open).toEqual([])
})

test('sealant that ends a source is no mending of the soft wood there: that is renewed beside it, and nobody is told that it is hidden', () => {
  const sill = at(1, 'window-sill', {
    ...{ at: { side: 'a', ft: 10, up_in: 60, feature: 'window-a1' }, length_in: 36, grade: 3 },
    signs: ['weeps-painted-shut', 'sill-wet-behind-storm'],
  })
  const { job } = house({ findings: [sill] })
  const items = taken(job)
  const [seal] = items.filter(({ cures }) => cures.includes('storm-weeps-shut'))
  expect(seal?.method).toBe('re-seal')
  expect(items.map(({ method }) => method)).toContain('replace-member')
  const noticesWith = (work_items: typeof items) => {
    const { scope } = derive({ ...job, work_items }, DAY)
    return { open: scope.open, notices: scope.items.find(({ id }) => id === seal!.id)!.notices }
  }
  expect(noticesWith(items)).toEqual({ open: [], notices: [] })
  // The new wood may itself be the fix of another source; what only ends one is no new wood.
  const [whole] = items.filter(({ method }) => method === 'replace-member')
  expect(noticesWith([seal!, { ...whole!, cures: ['back-never-primed'] }]).notices).toEqual([])
  expect(noticesWith([seal!, { ...whole!, method: 'gutter-re-hang' }]).notices).not.toEqual([])
  const { scope, trace } = derive({ ...job, work_items: items }, DAY)
  const said = itemSays(
    scope.items.find(({ id }) => id === seal!.id)!,
    [],
    job,
    trace,
  )
  expect(said).toMatchObject({
    seen: '',
    done: expect.stringContaining('the cause of the damage at spot 1.'),
  })
  const alone = noticesWith([seal!])
  expect(alone.open).toEqual([sill.id])
  expect(alone.notices.join(' ')).toContain('Sealant over soft wood only hides it.')
  // Who chooses it as the repair has answered, against advice.
  expect(noticesWith([{ ...seal!, cures: [] }]).open).toEqual([])
})

test('what hangs on a member is mended once the member is renewed in the same bid', () => {
  const onDeck = { side: 'a', ft: 10, up_in: 18 } as const
  const findings = [
    at(1, 'ledger', { at: onDeck, length_in: 144 }),
    at(2, 'deck-board', { at: onDeck, length_in: 60, grade: 2 }),
  ]
  expect(taken(house({ findings }).job).map(({ method }) => method)).toEqual(['ledger-renew', 'piece-in'])
})

test('a deck that has failed is rebuilt once, not mended part by part, and charged once', () => {
  const onDeck = { side: 'a', ft: 10, up_in: 18, feature: 'deck-a' } as const
  const deck = {
    id: 'deck-a',
    removed: false,
    kind: 'deck',
    side_id: 'side-a',
    station: feet(5),
    width: feet(20),
    depth: feet(12),
    deck_height: feet(3),
  } as unknown as JobDocument['features'][number]
  const findings = [
    at(1, 'ledger', { at: onDeck, length_in: 144 }),
    at(2, 'deck-post', { at: onDeck, length_in: 60 }),
    at(3, 'deck-board', { at: onDeck, length_in: 60 }),
  ]
  const { job } = house({ findings, features: [deck] })
  const items = taken(job)
  expect(items.map(({ method, finding_ids }) => [method, finding_ids.length])).toEqual([['deck-rebuild', 3]])
  const made = derive({ ...job, work_items: items }, DAY)
  expect(made.takeoff.items[0]?.tasks.find(({ task }) => task === 'deck-frame')?.quantity).toBe(2.4)
  // Chosen twice, or a board mended beside it, it is the same deck.
  const twice = { ...items[0]!, id: 'again', places: [] }
  const board = mend('b', [findings[2]!], 'piece-in')
  const more = derive({ ...job, work_items: [...items, twice, board] }, DAY)
  expect(more.takeoff.items.map(({ includedIn }) => includedIn)).toEqual([null, items[0]!.id, items[0]!.id])
})

test('a deck that is rebuilt ends the causes seen at it: none of their fixes is sold beside it', () => {
  const deck = {
    ...{ id: 'deck-a', removed: false, kind: 'deck', side_id: 'side-a', number: 1 },
    ...{ station: feet(5), width: feet(20), depth: feet(12), deck_height: feet(9) },
  } as unknown as JobDocument['features'][number]
  const ofDeck = { kind: 'deck', feature_id: 'deck-a', words: '' } as const
  const seen = (n: number, part: string, ...signs: string[]) => ({
    ...at(n, part, { grade: null, signs, known: 'seen-close' }),
    place: ofDeck,
  })
  const findings = [
    seen(1, 'ledger', 'ledger-nails-only'),
    seen(2, 'ledger', 'no-metal-at-ledger'),
    seen(3, 'deck-beam', 'beam-beside-posts'),
    seen(4, 'deck-post', 'post-on-loose-pad'),
    // Nobody said of which deck: there is one.
    { ...seen(5, 'deck-board', 'age-past-usual-life'), place: { kind: 'none' } as const },
    seen(6, 'guard', 'guard-moves'),
    seen(7, 'stair-tread', 'age-past-usual-life'),
  ]
  const { job } = house({ findings, features: [deck] })
  const items = taken(job)
  expect(taken({ ...job, work_items: items })).toEqual([])
  expect(items.map(({ method }) => method)).toEqual(['deck-rebuild'])
  expect(items[0]!.places).toEqual([{ at: ofDeck, size: null, height: null }])
})

test('a deck that is rebuilt has new footings: whatever a new support on a footing would mend is mended with it', () => {
  const byFooting = CAUSE_IDS.filter((id) => causeOf(id).fix?.method === 'post-pad-new')
  expect(byFooting).toContain('home-made-support')
  expect(methodOf('deck-rebuild')!.alsoFixes).toEqual(expect.arrayContaining(byFooting))
})

test('a wall that moved and goes to an engineer is not watched besides; a soft one under it is still to be mended', () => {
  const signs = [{ sign: 'wall-leans-in-at-top', how: 'seen-close', present: true }] as never
  const wall = { ...at(1, 'foundation-wall', { grade: null as never }), signs }
  const methods = (findings: readonly (typeof wall)[]): string[] =>
    taken(house({ findings: [...findings] }).job).map(({ method }) => method)
  expect(methods([wall])).toEqual(['refer'])
  const { job } = house({ findings: [wall], work_items: [] })
  const items = taken(job)
  const after = derive({ ...job, work_items: items }, DAY)
  expect(after.scope.open).toEqual([])
  const soft = derive({ ...job, findings: [{ ...wall, stated_grade: 3 }], work_items: items }, DAY)
  expect(soft.scope.open).toEqual([wall.id])
})

test('ground that was found bare is covered, and not watched besides', () => {
  const bare = {
    ...at(1, 'crawl-floor', { grade: null }),
    place: { kind: 'crawl' as const, words: '' },
    signs: [
      { sign: 'ground-bare', how: 'seen-close' as const, present: true },
      { sign: 'water-after-rain', how: 'seen-close' as const, present: false },
    ],
  }
  const made = taken(house({ findings: [bare] }).job)
  expect(made.map(({ method }) => method)).toEqual(['ground-cover'])
})
