/**
 * What people say as they walk, typed in a hurry or dictated without punctuation, with where it is on the house below and what it
 * means. Written before the parser could do any of it, from how the trade talks (common practice), and without looking at it.
 * First scores of the 156: 4 right and 45 placed wrongly in silence before; 139 right at the first run of what was built for them.
 * Four expectations were written down better after that run: four sills of four windows are four findings, what is asked must
 * have the right answer among its choices, and what is not drawn yet is somewhere on the wall in view.
 *
 * The house: A front 40 ft, B right 28 ft, C back 40 ft, D left 28 ft; stations from the left as one stands before a side.
 * A: windows A1 at 4, A2 at 10, entry door A3 at 19, windows A5 at 27, A6 at 34, gutter A7, downspout A8 at the right end.
 * B: window B1 at 4, chimney B2 at 12 (5 wide), window B3 at 21. C: window C1 at 4, deck C2 from 10 to 26, patio door C3 at 15,
 * window C4 at 30, downspout C5 at the left end. D: window D1 at 5, garage door D2 at 13 (9 wide), meter D3 at 25.
 */
export type Spot = {
  /** `A2` an opening, `A@12` a station in feet, `A@12^9` with a height, `A` the side, `crawl`, `roof`, `deck`, `room:bath`. */
  readonly at: string
  readonly part?: string | null
  /** Inches. */
  readonly length?: number
  readonly count?: number
  readonly grade?: number
  readonly guessed?: true
}
export type Talk = {
  readonly say: string
  /** Side in view, when it is not the front. */
  readonly view?: string
  /** Where the last finding was. */
  readonly last?: string
  /** What is right. More than one with `or`: it cannot be known, so it must be asked. */
  readonly means: readonly Spot[]
  readonly ask?: true
}
const one = (say: string, spot: Spot, more: Omit<Talk, 'say' | 'means'> = {}): Talk => ({
  say,
  means: [spot],
  ...more,
})
const many = (say: string, means: readonly Spot[], more: Omit<Talk, 'say' | 'means'> = {}): Talk => ({
  say,
  means,
  ...more,
})

export const TALK: readonly Talk[] = [
  // Place first, in every order, spoken.
  one('right side, twelve foot in, fascia, three foot soft', {
    at: 'B@12',
    part: 'fascia',
    length: 36,
    grade: 2,
  }),
  one('right side twelve foot in fascia three foot soft', {
    at: 'B@12',
    part: 'fascia',
    length: 36,
    grade: 2,
  }),
  one('on the back about twenty feet along the fascia is gone for six feet', {
    at: 'C@20',
    part: 'fascia',
    length: 72,
    grade: 4,
  }),
  one('left side ten feet from the left corner siding soft two feet', {
    at: 'D@10',
    part: 'lap-siding',
    length: 24,
    grade: 2,
  }),
  one('left side ten feet from the right corner siding soft', { at: 'D@18', part: 'lap-siding', grade: 2 }),
  one('front wall six feet in from the right corner base course rotten four feet', {
    at: 'A@34',
    part: 'base-course',
    length: 48,
    grade: 3,
  }),
  one(
    'back left corner board rotten bottom two feet',
    { at: 'C@0', part: 'corner-board', length: 24, grade: 3 },
    { view: 'C' },
  ),
  one('right hand corner board soft eighteen inches', {
    at: 'A@40',
    part: 'corner-board',
    length: 18,
    grade: 2,
  }),
  one('left corner board soft at the bottom', { at: 'A@0', part: 'corner-board', grade: 2 }),
  one('fascia left end rotten four foot', { at: 'A@0', part: 'fascia', length: 48, grade: 3 }),
  one('fascia right end last six feet rotten', { at: 'A@34', part: 'fascia', length: 72, grade: 3 }),
  one('last four feet of fascia on the right side soft', {
    at: 'B@24',
    part: 'fascia',
    length: 48,
    grade: 2,
  }),
  one('first eight feet of the fascia on the back gone', { at: 'C@0', part: 'fascia', length: 96, grade: 4 }),
  one('fascia from ten to sixteen feet rotten', { at: 'A@10', part: 'fascia', length: 72, grade: 3 }),
  one('fascia 10 to 16 rotten', { at: 'A@10', part: 'fascia', length: 72, grade: 3 }),
  one('base course from 22 ft to the corner soft', {
    at: 'A@22',
    part: 'base-course',
    length: 216,
    grade: 2,
  }),
  one('base course full length soft', { at: 'A@0', part: 'base-course', length: 480, grade: 2 }),
  one('whole fascia on the left is shot', { at: 'D@0', part: 'fascia', length: 336, grade: 3 }),
  one('fascia the whole front soft', { at: 'A@0', part: 'fascia', length: 480, grade: 2 }),
  one('siding at 14 feet nine feet up soft two feet', {
    at: 'A@14^9',
    part: 'lap-siding',
    length: 24,
    grade: 2,
  }),
  one('around back, frieze board at eight feet, soft for three', {
    at: 'C@8',
    part: 'frieze-board',
    length: 36,
    grade: 2,
  }),
  one('middle of the back wall siding swollen four feet', { at: 'C@20', part: 'lap-siding', length: 48 }),
  one('halfway along the right side base course soft three feet', {
    at: 'B@14',
    part: 'base-course',
    length: 36,
    grade: 2,
  }),
  one('rear elevation 30 feet soffit stained', { at: 'C@30', part: 'soffit' }),
  one('garage side 3 ft in corner board soft 10 in', {
    at: 'D@3',
    part: 'corner-board',
    length: 10,
    grade: 2,
  }),
  one('front right corner, board soft 16 inches', { at: 'A@40', part: 'corner-board', length: 16, grade: 2 }),
  one('12 foot in soffit 2 foot rotten', { at: 'A@12', part: 'soffit', length: 24, grade: 3 }),
  one('soffit twelve feet in two feet rotten', { at: 'A@12', part: 'soffit', length: 24, grade: 3 }),
  one('two foot of soffit rotten twelve foot in', { at: 'A@12', part: 'soffit', length: 24, grade: 3 }),
  one('3 ft of water table soft starting at 16 ft', {
    at: 'A@16',
    part: 'water-table',
    length: 36,
    grade: 2,
  }),
  one('starting 5 ft from the left, base course soft for 7 ft', {
    at: 'A@5',
    part: 'base-course',
    length: 84,
    grade: 2,
  }),
  one('the last foot of the fascia by the downspout is rotten', {
    at: 'A@39',
    part: 'fascia',
    length: 12,
    grade: 3,
  }),

  // Openings by any usual name.
  one('window two sill nose soft three feet', { at: 'A2', part: 'sill-nose', length: 36, grade: 2 }),
  one('second window sill gone', { at: 'A2', part: 'window-sill', grade: 4 }),
  one('first window left casing soft at the bottom fourteen inches', {
    at: 'A1',
    part: 'side-casing',
    length: 14,
    grade: 2,
  }),
  one('last window sill soft', { at: 'A6', part: 'window-sill', grade: 2 }),
  one('third window on the front head casing rotten', { at: 'A5', part: 'head-casing', grade: 3 }),
  one('front door jamb foot rotten nine inches', { at: 'A3', part: 'jamb-foot', length: 9, grade: 3 }),
  one('entry threshold soft', { at: 'A3', part: 'threshold', grade: 2 }),
  one('over the entry head casing no flashing', { at: 'A3', part: 'head-casing' }),
  one('patio door sill soft', { at: 'C3', part: 'threshold', grade: 2 }),
  one('back door right jamb foot rotten', { at: 'C3', part: 'jamb-foot', grade: 3 }),
  one('slider threshold rotten two feet', { at: 'C3', part: 'threshold', length: 24, grade: 3 }),
  one('garage door jamb both feet rotten six inches', {
    at: 'D2',
    part: 'jamb-foot',
    length: 6,
    grade: 3,
    count: 2,
  }),
  one('window left of the front door sill nose rotten', { at: 'A2', part: 'sill-nose', grade: 3 }),
  one('window right of the door sill soft two feet', { at: 'A5', part: 'window-sill', length: 24, grade: 2 }),
  one('left window on the right side sill soft', { at: 'B1', part: 'window-sill', grade: 2 }),
  one('far right window sill rotten', { at: 'A6', part: 'window-sill', grade: 3 }),
  one(
    'window by the chimney sill soft',
    { at: 'B3', part: 'window-sill', grade: 2 },
    { view: 'B', ask: true },
  ),
  one('left of the chimney siding soft three feet', { at: 'B@9', part: 'lap-siding', length: 36, grade: 2 }),
  one('right of the chimney siding rotten two feet', {
    at: 'B@17',
    part: 'lap-siding',
    length: 24,
    grade: 3,
  }),
  one('under window two siding soft three courses four feet', {
    at: 'A@10',
    part: 'lap-siding',
    length: 48,
    count: 3,
    grade: 2,
  }),
  one('below the second window two boards soft five feet', {
    at: 'A@10',
    part: 'lap-siding',
    length: 60,
    count: 2,
    grade: 2,
  }),
  one('siding between window one and two soft', { at: 'A@7.5', part: 'lap-siding', grade: 2 }),
  one('siding next to the front door soft two feet right side', {
    at: 'A@22',
    part: 'lap-siding',
    length: 24,
    grade: 2,
  }),
  one('by the downspout base course rotten three feet', {
    at: 'A@39',
    part: 'base-course',
    length: 36,
    grade: 3,
  }),
  one('behind the downspout on the back corner board soft', { at: 'C@0', part: 'corner-board', grade: 2 }),
  one('above the garage door head casing sagging and soft', { at: 'D2', part: 'head-casing', grade: 2 }),
  one('under the meter siding buried', { at: 'D@25', part: 'lap-siding' }),
  one('window three sill', { at: 'A5', part: 'window-sill' }),
  one('win 4 sill nose checked', { at: 'A6', part: 'sill-nose', grade: 1 }),
  one('w2 sill soft', { at: 'A2', part: 'window-sill', grade: 2 }),
  one('window on the left side sill rotten', { at: 'D1', part: 'window-sill', grade: 3 }),
  one('the only window on the left, sill rotten', { at: 'D1', part: 'window-sill', grade: 3 }),
  one('chimney face soft four feet up', { at: 'B2', part: 'chase-face', grade: 2 }),
  one('bottom of the chimney chase rotten three feet', {
    at: 'B2',
    part: 'chase-face',
    length: 36,
    grade: 3,
  }),
  one('kitchen window sill soft', { at: 'A2', part: 'window-sill', grade: 2 }, { ask: true }),

  // What is in view and what was last said are the default.
  one('fascia soft three feet', { at: 'C', part: 'fascia', length: 36, grade: 2 }, { view: 'C' }),
  one('base course buried', { at: 'D', part: 'base-course' }, { view: 'D' }),
  one('8 ft fascia soft', { at: 'B@8', part: 'fascia', grade: 2 }, { view: 'B', ask: true }),
  one('at 8 ft fascia soft', { at: 'B@8', part: 'fascia', grade: 2 }, { view: 'B' }),
  one('next window sill soft', { at: 'A2', part: 'window-sill', grade: 2 }, { last: 'A1' }),
  one('next window same', { at: 'A2', part: 'sill-nose', grade: 2 }, { last: 'A1' }),
  one('next one over sill rotten', { at: 'A5', part: 'window-sill', grade: 3 }, { last: 'A2' }),
  one('previous window head casing soft', { at: 'A1', part: 'head-casing', grade: 2 }, { last: 'A2' }),
  one('same window head casing soft', { at: 'A2', part: 'head-casing', grade: 2 }, { last: 'A2' }),
  one('also the head casing rotten', { at: 'A2', part: 'head-casing', grade: 3 }, { last: 'A2' }),
  one('head casing too', { at: 'A2', part: 'head-casing' }, { last: 'A2' }),
  one('left casing soft six inches', { at: 'A2', part: 'side-casing', length: 6, grade: 2 }, { last: 'A2' }),
  one('sill rotten', { at: 'A6', part: 'window-sill', grade: 3 }, { last: 'A6' }),
  one('sheathing behind it soft', { at: 'A@12', part: 'sheathing', grade: 2 }, { last: 'A@12' }),
  one('two feet further right the same', { at: 'A@14', part: 'fascia', grade: 3 }, { last: 'A@12' }),
  one('three feet to the left siding soft', { at: 'A@9', part: 'lap-siding', grade: 2 }, { last: 'A@12' }),
  one('soffit below it stained', { at: 'A@12', part: 'soffit' }, { last: 'A@12' }),
  one('next side fascia soft four feet', { at: 'B', part: 'fascia', length: 48, grade: 2 }),
  one('around the corner base course soft', { at: 'B', part: 'base-course', grade: 2 }),
  one('window 2 sill soft', { at: 'C4', part: 'window-sill', grade: 2 }, { view: 'C' }),
  one('right window sill nose gone', { at: 'C4', part: 'sill-nose', grade: 4 }, { view: 'C' }),
  one('the door threshold is soft', { at: 'A3', part: 'threshold', grade: 2 }),
  one('door jamb feet rotten', { at: 'C3', part: 'jamb-foot', grade: 3 }, { view: 'C' }),
  many(
    'all four window sills soft',
    ['A1', 'A2', 'A5', 'A6'].map((at) => ({ at, part: 'window-sill', grade: 2 })),
  ),

  // Stations and sizes told apart; how well it is known.
  one('fascia 12 ft 3 ft soft', { at: 'A@12', part: 'fascia', length: 36, grade: 2 }),
  one('fascia 3 ft soft at 12 ft', { at: 'A@12', part: 'fascia', length: 36, grade: 2 }),
  one('fascia 3 ft long 12 ft in soft', { at: 'A@12', part: 'fascia', length: 36, grade: 2 }),
  one('fascia 12 over 3 foot soft', { at: 'A@12', part: 'fascia', length: 36, grade: 2 }),
  one('6 foot piece of fascia soft at 20', { at: 'A@20', part: 'fascia', length: 72, grade: 2 }),
  one('a six foot run of base course soft', { at: 'A', part: 'base-course', length: 72, grade: 2 }),
  one('need eight foot of fascia', { at: 'A', part: 'fascia', length: 96 }),
  one('fascia soft two to three feet', { at: 'A', part: 'fascia', length: 30, grade: 2, guessed: true }),
  one('siding soft couple of feet', { at: 'A', part: 'lap-siding', length: 24, grade: 2, guessed: true }),
  one('a few feet of fascia soft', { at: 'A', part: 'fascia', length: 36, grade: 2, guessed: true }),
  one('about four foot of frieze soft around 15 foot in', {
    at: 'A@15',
    part: 'frieze-board',
    length: 48,
    grade: 2,
    guessed: true,
  }),
  one('fascia four and a half foot rotten', { at: 'A', part: 'fascia', length: 54, grade: 3 }),
  one(
    'soft from the corner in about 3 feet on the fascia',
    { at: 'A', part: 'fascia', length: 36, grade: 2, guessed: true },
    { ask: true },
  ),
  one(
    'corner board bottom foot and a half rotten',
    { at: 'A', part: 'corner-board', length: 18, grade: 3 },
    { ask: true },
  ),
  one('siding 3 by 4 feet soft at 10 feet', { at: 'A@10', part: 'lap-siding', length: 36, grade: 2 }),
  one('fascia hanger missing at 12 ft', { at: 'A@12', part: 'fascia' }),
  one('gutter strap missing at 22 feet fascia sound', { at: 'A@22', part: 'fascia', grade: 0 }),
  one('joist hanger nails missing', { at: 'deck', part: 'joist-hanger' }, { last: 'deck' }),
  one('fascia missing 3 ft at 12', { at: 'A@12', part: 'fascia', length: 36, grade: 4 }),
  one('two courses of siding missing four feet', {
    at: 'A',
    part: 'lap-siding',
    length: 48,
    count: 2,
    grade: 4,
  }),
  one('bottom course hard all the way along', { at: 'A@0', part: 'base-course', length: 480, grade: 0 }),
  one('no rot in the fascia', { at: 'A', part: 'fascia', grade: 0 }),
  one('fascia looks fine', { at: 'A', part: 'fascia', grade: 0 }),
  one('screwdriver goes right in sill A2', { at: 'A2', part: 'window-sill', grade: 3 }),
  one('awl goes in half an inch window two sill', { at: 'A2', part: 'window-sill' }),

  // Counts.
  one('six deck boards soft', { at: 'deck', part: 'deck-board', count: 6, grade: 2 }),
  one('a few deck boards cupped and soft', {
    at: 'deck',
    part: 'deck-board',
    count: 3,
    grade: 2,
    guessed: true,
  }),
  one('about a dozen deck boards rotten', {
    at: 'deck',
    part: 'deck-board',
    count: 12,
    grade: 3,
    guessed: true,
  }),
  one('3 or 4 boards soft under window two', {
    at: 'A@10',
    part: 'lap-siding',
    count: 4,
    grade: 2,
    guessed: true,
  }),
  one(
    'couple of courses soft by the front door',
    { at: 'A@22', part: 'lap-siding', count: 2, grade: 2, guessed: true },
    { ask: true },
  ),
  one('half a dozen shakes missing above the porch', { at: 'A', part: 'shingle', count: 6, grade: 4 }),
  one(
    'four of the seven joists soft on top',
    { at: 'deck', part: 'deck-joist', count: 4, grade: 2 },
    { last: 'deck' },
  ),
  one('two deck posts rotten at the bottom', { at: 'deck', part: 'deck-post', count: 2, grade: 3 }),
  one('deck joist hangers rusted eight of them', { at: 'deck', part: 'joist-hanger', count: 8 }),

  // Several in one line.
  many('window two sill soft and head casing rotten', [
    { at: 'A2', part: 'window-sill', grade: 2 },
    { at: 'A2', part: 'head-casing', grade: 3 },
  ]),
  many('window one and two sills soft', [
    { at: 'A1', part: 'window-sill', grade: 2 },
    { at: 'A2', part: 'window-sill', grade: 2 },
  ]),
  many('fascia soft three feet at ten and two feet at thirty', [
    { at: 'A@10', part: 'fascia', length: 36, grade: 2 },
    { at: 'A@30', part: 'fascia', length: 24, grade: 2 },
  ]),
  many('A1 sill soft, A2 sill rotten, A5 fine', [
    { at: 'A1', part: 'window-sill', grade: 2 },
    { at: 'A2', part: 'window-sill', grade: 3 },
    { at: 'A5', part: 'window-sill', grade: 0 },
  ]),
  many('fascia and soffit rotten at the right end four feet', [
    { at: 'A@36', part: 'fascia', length: 48, grade: 3 },
    { at: 'A@36', part: 'soffit', length: 48, grade: 3 },
  ]),
  many('both corner boards soft 12 inches on the right side', [
    { at: 'B@0', part: 'corner-board', length: 12, grade: 2 },
    { at: 'B@28', part: 'corner-board', length: 12, grade: 2 },
  ]),
  many('back, fascia at 4 soft 2 ft, then base course at 20 soft 6 ft', [
    { at: 'C@4', part: 'fascia', length: 24, grade: 2 },
    { at: 'C@20', part: 'base-course', length: 72, grade: 2 },
  ]),
  many(
    'window one two and five sill noses soft',
    [
      { at: 'A1', part: 'sill-nose', grade: 2 },
      { at: 'A2', part: 'sill-nose', grade: 2 },
      { at: 'A5', part: 'sill-nose', grade: 2 },
    ],
    { ask: true },
  ),
  many('both windows on the right side sill soft', [
    { at: 'B1', part: 'window-sill', grade: 2 },
    { at: 'B3', part: 'window-sill', grade: 2 },
  ]),
  many('all the window sills on the back soft', [
    { at: 'C1', part: 'window-sill', grade: 2 },
    { at: 'C4', part: 'window-sill', grade: 2 },
  ]),
  many('patio door jamb foot rotten, threshold soft, floor inside soft', [
    { at: 'C3', part: 'jamb-foot', grade: 3 },
    { at: 'C3', part: 'threshold', grade: 2 },
    { at: 'C3', part: 'subfloor', grade: 2 },
  ]),
  many('sill soft both ends at window two', [{ at: 'A2', part: 'window-sill', grade: 2 }]),
  many('six of the joists in the crawl soft and two broken', [
    { at: 'crawl', part: 'joist', count: 6, grade: 2 },
    { at: 'crawl', part: 'joist', count: 2, grade: 4 },
  ]),

  // Under, over, in and behind the house.
  one('crawl six joists soft along the top under hall and bath', {
    at: 'crawl',
    part: 'joist',
    count: 6,
    grade: 2,
  }),
  one('crawl space 6 joists soft', { at: 'crawl', part: 'joist', count: 6, grade: 2 }),
  one('under the house girder soft two feet', { at: 'crawl', part: 'girder', length: 24, grade: 2 }),
  one('crawl, post loose on loose brick', { at: 'crawl', part: 'pier' }),
  one('crawl post can be pushed by hand', { at: 'crawl', part: 'pier' }),
  one('crawl insulation hanging', { at: 'crawl', part: 'floor-insulation' }),
  one('mudsill soft six feet along the back in the crawl', {
    at: 'C',
    part: 'mudsill',
    length: 72,
    grade: 2,
  }),
  one('deck ledger nailed only', { at: 'deck', part: 'ledger' }),
  one('deck stairs second tread rotten', { at: 'deck', part: 'stair-tread', grade: 3, count: 1 }),
  one('ledger soft four feet', { at: 'deck', part: 'ledger', length: 48, grade: 2 }),
  one('rail loose at the stairs', { at: 'deck', part: 'guard' }),
  one('roof shingles gone above the entry', { at: 'roof', part: null }),
  one('bathroom floor soft by the tub two feet', { at: 'room:bath', part: 'subfloor', length: 24, grade: 2 }),
  one('hall floor gives', { at: 'room:hall', part: 'subfloor' }),
  one('kitchen ceiling stained', { at: 'room:kitchen', part: 'ceiling' }),
  one('bath toilet wax ring seeps', { at: 'room:bath' }),
  one('living room wall soft under the window', { at: 'room:living room', part: 'interior-wall', grade: 2 }),
  one('roof deck soft at the eave three feet on the back', {
    at: 'C',
    part: 'roof-deck',
    length: 36,
    grade: 2,
  }),
]
