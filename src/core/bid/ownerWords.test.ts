/** The bid in plain words. What reads well is our judgement; that nothing stands twice and no code is left is checked on every demo job. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { finding, sillNose, smallHouse, workItem } from '../../../tests/support/jobs'
import { house, mend } from '../../../tests/support/priced'
import { METHODS, PARTS } from '../catalogue'
import { derive } from '../pipeline'
import { whereForOwner } from '../geometry/whereOf'
import { sectionsOf, type BidBlock } from './blocks'
import { seenWords, spokenLength } from './ownerWords'
import { promisesIn } from './promises'

const DAY = '2026-05-04'
const FOOT = 768

test.each([
  [3.1 * FOOT, 'about three feet'],
  [1 * FOOT, 'about one foot'],
  [0.6 * FOOT, 'about seven inches'],
  [0.02 * FOOT, 'about one inch'],
  [20.4 * FOOT, 'about 20 feet'],
])('%d sixty-fourths are said as %s', (length, words) => {
  expect(spokenLength(length as never)).toBe(words)
})

const fascia = (n: number, of: Partial<Parameters<typeof finding>[0]> = {}) =>
  finding({
    n,
    words: '',
    component: 'fascia',
    at: { side: 'a', ft: 4 * n, up_in: 110 },
    length_in: 36,
    grade: 2,
    ...of,
  })

test('one place is told with part, grade and size; several alike are told together, with the worst of them', () => {
  expect(seenWords([fascia(1)])).toBe('The roof-edge board (fascia) is soft over about three feet.')
  expect(seenWords([fascia(1), fascia(2, { grade: 4 })])).toBe(
    'At two places the roof-edge board (fascia) is soft, at the worst rotted away over about six feet in all.',
  )
})

test('what nobody touched is never said to be damaged, only expected to be', () => {
  const words = seenWords([fascia(1, { grade: null as never })])
  expect(words).toContain('has not been probed yet')
  expect(words).not.toMatch(/is soft|rotted/)
})

test('what does not rot is not called soft', () => {
  const words = seenWords([fascia(1, { component: 'brick-veneer', grade: 3 })])
  expect(words).toMatch(/^The brick is badly damaged/)
})

test('what is missing is not called rotten', () => {
  const gone = { sign: 'shakes-gone', how: 'seen-close', present: true } as const
  const shakes = fascia(1, { component: 'shingle', grade: 4 })
  const six = { ...shakes, extent: null, count: 6, signs: [gone] }
  expect(seenWords([six])).toMatch(/^Of the .* six pieces are missing\.$/)
  expect(seenWords([{ ...six, signs: [{ ...gone, present: false }] }])).not.toMatch(/missing/)
})

test('every method has its sentence for the owner, every part its plain name', () => {
  for (const { id, we, sells, brief, serves, answers } of METHODS) {
    expect([id, we.length > 20 || id === 'own-work']).toEqual([id, true])
    expect([id, we.split(' ').length <= 42]).toEqual([id, true])
    // Made for no part in particular, it is headed by the part, and must say what is done to it.
    if (sells && serves === null && answers === 'findings' && id !== 'own-work')
      expect([id, brief !== null]).toEqual([id, true])
  }
  for (const { id, plain } of PARTS) expect([id, plain.length > 2]).toEqual([id, true])
})

const NEVER = /\b(remediat|repair as needed|allow for|for ever|maintenance-free|as good as new|caused by)\b/i
test('no sentence promises what nobody can, or hides what is done', () => {
  for (const { id, we } of METHODS) expect([id, NEVER.test(we)]).toEqual([id, false])
})

function wordsOf(block: BidBlock): string[] {
  switch (block.kind) {
    case 'words':
    case 'clause':
      return [block.text]
    case 'work':
      return [block.says, ...block.knows]
    case 'hazard':
      return [block.says]
    case 'finding':
      return [block.says]
    case 'table':
      return block.amounts ? [] : block.rows.flat()
    default:
      return []
  }
}
const sentencesOf = (text: string): string[] =>
  text
    .split(/(?<=[.?!]) (?=[A-Z])/)
    .map((each) => each.trim())
    .filter((each) => each.split(' ').length >= 6)

test.each(Object.keys(DEMO_JOBS))(
  '%s: no sentence about the work stands twice, and no code is left',
  (name) => {
    const { bid } = derive(DEMO_JOBS[name as keyof typeof DEMO_JOBS](), DAY)
    const blocks = sectionsOf(bid, { prices: true }).flatMap((section) => section.blocks)
    const works = blocks.filter((block) => block.kind === 'work')
    // What was seen is told at each place, alike where it is alike: what we do, and what must be known, never twice.
    const said = works
      .flatMap((block) => wordsOf(block).flatMap(sentencesOf))
      .filter((each) => /^We |: /.test(each))
    expect(said.filter((each, index) => said.indexOf(each) !== index)).toEqual([])
    const terms = blocks
      .filter(({ kind }) => kind !== 'work')
      .flatMap((block) => wordsOf(block).flatMap(sentencesOf))
    expect(terms.filter((each, index) => terms.indexOf(each) !== index)).toEqual([])
    const all = blocks.flatMap(wordsOf).join(' ')
    expect(all).not.toMatch(/\bSource [a-z]\b|class [A-G]\b|[a-z]+-[a-z]+-\d|undefined|null|NaN|\{part\}/)
  },
)

test('the total stands before anything else, and the places add up to it', () => {
  const { bid } = derive(DEMO_JOBS['alder-house'](), DAY)
  const sections = sectionsOf(bid, { prices: true })
  expect(sections[0]!.blocks[0]).toMatchObject({
    kind: 'letterhead',
    total: { amount: expect.stringMatching(/^\$/) },
  })
  const cents = (amount: string): number => Math.round(Number(amount.replace(/[$,]/g, '')) * 100)
  const places = sections
    .flatMap(({ blocks }) => blocks)
    .flatMap((block) => (block.kind === 'place' && block.amount !== null ? [cents(block.amount)] : []))
  const sum = places.reduce((total, each) => total + each, 0)
  expect(sum + (bid.adjustment?.cents ?? 0) + bid.tax_cents).toBe(bid.total_cents)
})

test('a piece of work told by another item is no line of its own', () => {
  const nose = sillNose({ stated_grade: 3 })
  const items = ['piece-in', 'replace-member'].map((method) =>
    workItem(method, { method, component: 'sill-nose', finding_ids: [nose.id] }),
  )
  const { bid, price } = derive(smallHouse({ findings: [nose], work_items: items }), DAY)
  expect(price.kind === 'priced' && price.lines).toHaveLength(2)
  expect(bid.items).toHaveLength(1)
  expect(bid.items.reduce((sum, each) => sum + each.price_cents, 0)).toBe(
    price.kind === 'priced' ? price.items_cents : 0,
  )
})

test('a price typed for work that another item does already is charged, and so stands in the bid', () => {
  const nose = sillNose({ stated_grade: 3 })
  const items = ['piece-in', 'replace-member'].map((method) =>
    workItem(method, { method, component: 'sill-nose', finding_ids: [nose.id] }),
  )
  const typed_prices = items.map(({ id }) => ({
    id: `typed-${id}`,
    removed: false,
    on: { kind: 'item' as const, item_id: id },
    cents: 12_300 as never,
    reason: '',
  }))
  const { bid } = derive(smallHouse({ findings: [nose], work_items: items, typed_prices }), DAY)
  expect(bid.items).toHaveLength(2)
  expect(bid.items.reduce((sum, each) => sum + each.price_cents, 0) + bid.tax_cents).toBe(bid.total_cents)
})

test('what was seen can be said in the firm’s own words, and its promises are looked at too', () => {
  const sill = sillNose({})
  const own = 'The sill is soft where the storm frame held water.'
  const of = (owner_sees: string) =>
    derive(
      smallHouse({
        findings: [sill],
        work_items: [
          workItem('r', {
            method: 'replace-member',
            component: 'sill-nose',
            finding_ids: [sill.id],
            owner_sees,
          }),
        ],
      }),
      DAY,
    )
  expect(of(own).bid.items[0]!.seen).toBe(own)
  expect(of('').bid.items[0]!.seen).toContain('soft')
  expect(promisesIn(of('It is safe for ever.').job).length).toBeGreaterThan(0)
  expect(promisesIn(of(own).job)).toEqual([])
})

test('what nobody named or touched is told as noted, never as a part that is damaged', () => {
  const words = seenWords([fascia(1, { component: null as never, grade: null as never })])
  expect(words).toBe('Something was noted there that nobody has looked into yet.')
})

test('what shows signs and was not probed is told so; without a sign only its look is', () => {
  const signs = [{ sign: 'door-drags', how: 'seen-close', present: true }] as never
  const door = (of: object) => fascia(1, { component: 'door', grade: null as never, ...of })
  expect(seenWords([{ ...door({}), signs, extent: null }])).toBe(
    'The door shows signs of damage; it has not been probed yet.',
  )
  expect(seenWords([{ ...door({}), signs: [], extent: null }])).toMatch(/from its look we expect/)
})

test('that nobody said where along a wall something is, is not for its owner', () => {
  expect(whereForOwner("front A, where along not said; back C, 12'")).toBe("front A; back C, 12'")
  const { place, ...rest } = fascia(1)
  if (place.kind !== 'side') throw new Error(place.kind)
  const unsaid = { ...rest, place: { ...place, station_unsaid: true as const } }
  const work_items = [mend('r', [unsaid], 'piece-in')]
  const { bid } = house({ findings: [unsaid], work_items })
  expect(JSON.stringify([bid.items, bid.findings])).not.toContain('where along not said')
})

test('signs without a part are signs; words alone are something noted; neither is called damage', () => {
  const bare = (n: number, signs: string[]) => ({
    ...finding({ n, words: 'a corner is down', component: null, grade: null }),
    signs: signs.map((sign) => ({ sign, how: 'seen-close' as const, present: true })),
  })
  expect(seenWords([bare(1, ['course-line-drops'])])).toBe('Signs of damage were noted there.')
  expect(seenWords([bare(1, [])])).toBe('Something was noted there that nobody has looked into yet.')
  expect(seenWords([bare(1, ['course-line-drops']), bare(2, [])]).split('. ')).toHaveLength(2)
})

test('what is alike at one place is told with its place once', () => {
  const noted = (n: number) =>
    finding({
      n,
      words: 'what is this',
      component: null,
      grade: null,
      at: { side: 'a', ft: 4 * n, up_in: 20 },
    })
  const soft = fascia(3)
  const { bid } = house({
    findings: [soft, noted(1), noted(2)],
    work_items: [mend('r', [soft], 'replace-member')],
  })
  const seen = JSON.stringify(sectionsOf(bid, { prices: true }).find(({ name }) => name === 'Also seen'))
  expect(seen).toContain('"front A"')
  expect(seen).toContain('1, 2')
})
