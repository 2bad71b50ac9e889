import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { isKnownWord } from './learntWord'
import { LearntWord } from './word'
import { PARTS } from '../catalogue'
import { parseLine } from './parseLine'
import { PART_PHRASES } from './vocabulary'

const words: LearntWord[] = [
  { phrase: 'doghouse', means: { kind: 'part', part: 'head-casing' } },
  { phrase: 'cooked', means: { kind: 'grade', grade: 3 } },
  { phrase: 'weepers shut', means: { kind: 'sign', sign: 'weeps-painted-shut' } },
  { phrase: 'blue stuff', means: { kind: 'material', material: 'treated' } },
  { phrase: 'yonder', means: { kind: 'nothing' } },
]

test('a word taught once is understood, and no word is left over', () => {
  const line = "B 12' doghouse 3' cooked blue stuff weepers shut yonder"
  expect(parseLine(line)[0]!.left).toEqual([
    'doghouse',
    'cooked',
    'blue',
    'stuff',
    'weepers',
    'shut',
    'yonder',
  ])
  expect(parseLine(line, words)[0]).toMatchObject({
    part: 'head-casing',
    grade: 3,
    material: 'treated',
    signs: ['weeps-painted-shut'],
    left: [],
  })
})

test('a firm’s meaning goes before the standard one', () => {
  expect(parseLine('skirt board soft')[0]!.part).toBe('water-table')
  const learnt = [{ phrase: 'skirt board', means: { kind: 'part', part: 'base-course' } }] as const
  expect(parseLine('skirt board soft', learnt)[0]!.part).toBe('base-course')
})

test('any word can be taught, with whatever marks it holds, and is then found', () => {
  fc.assert(
    fc.property(
      fc.string({
        unit: fc.constantFrom(...Array.from('abcxyz.+*?()[]{}|^$\\')),
        minLength: 1,
        maxLength: 12,
      }),
      (odd) => {
        const phrase = `q${odd}q`
        const learnt: LearntWord[] = [{ phrase, means: { kind: 'part', part: 'fascia' } }]
        expect(LearntWord.safeParse(learnt[0]).success).toBe(true)
        expect(parseLine(`${phrase} soft`, learnt)[0]).toMatchObject({ part: 'fascia', grade: 2 })
      },
    ),
  )
})

test('a meaning that is none is passed over; what is no word is refused', () => {
  const lost = LearntWord.parse({ phrase: 'glib', means: { kind: 'sign', sign: 'no-such-sign' } })
  expect(isKnownWord(lost)).toBe(false)
  expect(parseLine('glib fascia soft', [lost])[0]).toMatchObject({ part: 'fascia', signs: [] })
  expect(LearntWord.safeParse({ phrase: ' x ', means: { kind: 'nothing' } }).success).toBe(false)
})

test('every part has a word by which it is said, and says it of that part', () => {
  const said = new Set(PART_PHRASES.map(([, part]) => part))
  // Told by their place and form rather than in a line.
  const byForm = [
    'ceiling',
    'crawl-floor',
    'floor',
    'other',
    'soil',
    'wall-brace-old',
    'window-unit',
    'door',
    'chase-face',
  ]
  const missing = PARTS.filter(({ id }) => !said.has(id) && !byForm.includes(id)).map(({ id }) => id)
  expect(missing).toEqual([])
})

test('shingles that are missing are gone, by the sight of it as well as by grade', () => {
  expect(parseLine('six cedar shakes missing above the porch')[0]).toMatchObject({
    ...{ part: 'shingle', count: 6, grade: 4, signs: ['shakes-gone'] },
  })
  expect(parseLine('a shingle is gone')[0]).toMatchObject({ grade: 4, signs: ['shakes-gone'] })
})
