/** What somebody typed, offered back as the signs it may mean: found in other words, never taken for granted. */
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { SIGN_IDS, SIGNS } from '../catalogue/signs'
import { AS_SAID } from '../catalogue/signs/asSaid'
import { DEPTH_SIGNS, signFits } from '../catalogue/signs/fits'
import { sightsMeant } from './sightsMeant'

const anywhere = { component: null, noted: [] }
const meant = (words: string, of: Partial<Parameters<typeof sightsMeant>[1]> = {}): string[] =>
  sightsMeant(words, { ...anywhere, ...of }).map(({ sign }) => sign)

test('every sign is found by its own sentence, and by every way of saying it', () => {
  const lost = SIGN_IDS.filter((sign) => !DEPTH_SIGNS.has(sign)).flatMap((sign) =>
    [SIGNS[sign].says, ...(AS_SAID[sign] ?? '').split(';')].flatMap((words) =>
      words.trim() === '' || meant(words, { most: 40 }).includes(sign) ? [] : [`${sign}: ${words.trim()}`],
    ),
  )
  expect(lost).toEqual([])
})

test.each([
  ['toilet rocks, floor spongy around it', 'wet-below-fixture'],
  ['rubber boot is cracked', 'cracked-collar'],
  ['the rail is wobbly', 'guard-no-end-posts'],
  ['ivy on the wall, damp behind', 'damp-behind-plants'],
  ['gutters clogged with leaves', 'debris-at-gutter-lip'],
  ['post stands on loose bricks', 'jack-without-pad'],
  ['deck boards worn and grey, splinters', 'age-past-usual-life'],
])('“%s” may mean %s', (words, sign) => {
  expect(meant(words)).toContain(sign)
})

test('what is missing is not what is there', () => {
  const [best] = meant('no hangers on the joists')
  expect(best).toBe('connector-absent')
  const fits = new Map(sightsMeant('metal drip edge there', anywhere).map(({ sign, fit }) => [sign, fit]))
  expect(fits.get('drip-edge-present') ?? 0).toBeGreaterThan(fits.get('no-metal-under-first-shingle') ?? 0)
})

test('words that say a thing is there do not mean that it is missing', () => {
  expect(meant('joist hangers on all joists')).not.toContain('connector-absent')
  expect(meant('joist hangers missing')).toContain('connector-absent')
})

test('the name of the part and how bad it is mean no sight', () => {
  expect(meant('fascia rotten 6 feet', { component: 'fascia' })).toEqual([])
  expect(meant('deck ledger soft', { component: 'ledger' })).toEqual([])
  expect(meant('fascia rotten, hangers pulled', { component: 'fascia' })).toContain('hangers-pulled')
  // No sight is put in the name of a thing alone: whoever says *board* has not said that one is gone.
  for (const thing of ['board', 'corner board bottom', 'post', 'wall', 'joist', 'beam', 'siding', 'trim'])
    expect(meant(`front ${thing} rotten`).filter((sign) => sign === 'board-missing')).toEqual([])
})

test('nothing is offered that is noted, that cannot be at the part, or of words that say nothing', () => {
  expect(meant('head flashing stops short', { noted: ['metal-stops-short'] })).not.toContain(
    'metal-stops-short',
  )
  expect(meant('head flashing stops short', { component: 'head-casing' })).toContain('metal-stops-short')
  expect(meant('head flashing stops short', { component: 'deck-post' })).not.toContain('metal-stops-short')
  for (const words of ['', '  ', 'the front left one', 'B 12 ft', '???']) expect(meant(words)).toEqual([])
})

test('whatever is typed: few, fitting, each once, best first, the same every time', () => {
  const word = fc.constantFrom(
    ...SIGN_IDS.flatMap((sign) => SIGNS[sign].says.split(' ')),
    ',',
    'xyzzy',
    'not',
  )
  fc.assert(
    fc.property(
      fc.array(word, { maxLength: 14 }),
      fc.constantFrom(null, 'deck-post' as const),
      (words, component) => {
        const found = sightsMeant(words.join(' '), { component, noted: [] })
        expect(found.length).toBeLessThanOrEqual(6)
        expect(new Set(found.map(({ sign }) => sign)).size).toBe(found.length)
        for (const { sign, fit } of found) {
          expect(fit).toBeGreaterThan(0)
          expect(fit).toBeLessThanOrEqual(1)
          expect(signFits(sign, component)).toBe(true)
        }
        const fits = found.map(({ fit }) => fit)
        expect(fits).toEqual([...fits].sort((a, b) => b - a))
        expect(sightsMeant(words.join(' '), { component, noted: [] })).toEqual(found)
      },
    ),
    { numRuns: 300 },
  )
})

test('a size tells of no sight, and a block is nothing that is blocked', () => {
  expect(meant('front left corner down 1/8 in')).not.toContain('pin-holes-with-powder')
  expect(meant('blocks set on bare fill', { component: 'home-pier' })).not.toContain('blister-wet-to-wood')
  expect(meant('gutter blocked')).toContain('debris-at-gutter-lip')
})
