import { one, type Talk } from './talkKinds'
import { MORE } from './talkMore'

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
/** Places in every order, and openings by their names. */
const WHERE: readonly Talk[] = [
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
]

export const TALK: readonly Talk[] = [...WHERE, ...MORE]
