/** The shorthand parser against lines written before it (see `lines.ts`). */
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { toInches } from '../../../src/core/measure'
import { parseLine, type Shorthand } from '../../../src/core/shorthand'
import { LINES, SEVERAL, type Means } from './lines'

const NOTHING = {
  side: null,
  feature: null,
  station: null,
  up: null,
  part: null,
  material: null,
  length: null,
  how: null,
  count: null,
  signs: [],
  grade: null,
  probe: null,
  reading: null,
  suspected: false,
  known: null,
  hold: null,
  note: null,
  left: [],
}

/** What `talk.test.ts` tries, and what is told in another way. */
const ELSEWHERE = new Set(['words', 'height', 'where', 'range', 'roughCount', 'lengthFirst'])

function told(of: Shorthand): Record<string, unknown> {
  const inch = (length: Shorthand['length']): number | null => (length === null ? null : toInches(length))
  const { height, station, length, probe, reading } = of
  return {
    ...Object.fromEntries(Object.entries(of).filter(([name]) => !ELSEWHERE.has(name))),
    up: inch(height),
    station: inch(station),
    length: inch(length),
    probe: probe && [toInches(probe.depth), inch(probe.thickness)],
    reading: reading && [reading.percent, reading.reference],
  }
}
const meant = (means: Means): Record<string, unknown> => ({ ...NOTHING, ...means })

test('there are more than 250 lines, none twice', () => {
  const lines = [...LINES, ...SEVERAL].map(([line]) => line)
  expect(lines.length).toBeGreaterThanOrEqual(250)
  expect(new Set(lines).size).toBe(lines.length)
})

test.each(LINES)('%s', (line, means) => {
  expect(parseLine(line).map(told)).toEqual([meant(means)])
})

test.each(SEVERAL)('%s', (line, all) => {
  expect(parseLine(line).map(told)).toEqual(all.map(meant))
})

test('whatever is typed, it does not break, and keeps the words', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 80 }), (line) => {
      const found = parseLine(line)
      for (const each of found) expect(line).toContain(each.words)
    }),
  )
})

const known = fc.constantFrom(...LINES.map(([line]) => line))
const strange = fc.stringMatching(/^[qzxj]{4,9}$/)

test('an unknown word is never swallowed, wherever it stands', () => {
  fc.assert(
    fc.property(known, strange, fc.boolean(), (line, word, first) => {
      // After a hold everything belongs to it; a quoted note ends with its quote.
      fc.pre(!/\bhold\b/.test(line) || first)
      const left = parseLine(first ? `${word} ${line}` : `${line} ${word}`).flatMap((each) => each.left)
      expect(left).toContain(word)
    }),
  )
})

test('capitals and small letters mean the same', () => {
  fc.assert(
    fc.property(known, (line) => {
      const plain = parseLine(line.toLowerCase()).map((each) => ({ ...told(each), note: null, hold: null }))
      const loud = parseLine(line.toUpperCase()).map((each) => ({
        ...told(each),
        note: null,
        hold: null,
        left: each.left.map((word) => word.toLowerCase()),
      }))
      expect(loud).toEqual(plain)
    }),
  )
})
