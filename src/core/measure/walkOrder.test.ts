import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { closing } from './closing'
import { feet } from './length'
import { parseWalk } from './walkOrder'

test('a rectangle closes, its last corner implied', () => {
  const walk = parseWalk('42 L 30 L 42 L 30')
  expect(walk.ok && walk.value).toEqual([
    { length: feet(42), turn_deg: 90 },
    { length: feet(30), turn_deg: 90 },
    { length: feet(42), turn_deg: 90 },
    { length: feet(30), turn_deg: 90 },
  ])
  expect(walk.ok && closing(walk.value).gap).toBe(0)
})

test('an L-shaped house turns once the other way', () => {
  const walk = parseWalk("20 L 10 R 10 L 10 L 30 L 20' 0")
  if (!walk.ok) throw new Error(walk.error.kind)
  expect(walk.value.map((leg) => leg.turn_deg)).toEqual([90, -90, 90, 90, 90, 90])
  expect(closing(walk.value)).toMatchObject({ gap: 0, turn_error_deg: 0 })
})

test('the house on the right hand turns right all the way', () => {
  const walk = parseWalk('42 R 30 R 42 R 30')
  expect(walk.ok && walk.value.at(-1)?.turn_deg).toBe(-90)
})

test('a side a foot short leaves a foot open', () => {
  const walk = parseWalk('42 L 30 L 41 L 30')
  expect(walk.ok && closing(walk.value).gap).toBe(feet(1))
})

test.each([
  ['', 'no-sides'],
  ['L 30', 'turn-without-side'],
  ['42 L L', 'turn-without-side'],
  ['42 30', 'side-without-turn'],
  ['42 L wide', 'bad-length'],
])('refuses %j as %s', (text, kind) => {
  const walk = parseWalk(text)
  expect(walk.ok ? null : walk.error.kind).toBe(kind)
})

test('any rectangle closes, walked either way round', () => {
  const size = fc.integer({ min: 1, max: 200 })
  fc.assert(
    fc.property(size, size, fc.constantFrom('L', 'R'), (a, b, turn) => {
      const walk = parseWalk([a, turn, b, turn, a, turn, b].join(' '))
      expect(walk.ok && closing(walk.value).gap).toBe(0)
    }),
  )
})

test('the corners of a walked rectangle, the start at nothing; the turn that nobody said is what is left', () => {
  const walk = parseWalk('42 L 30 L 42 L 30')
  if (!walk.ok) throw new Error('not read')
  const corners = closing(walk.value).corners_ft.map(([x, y]) => [Math.round(x) + 0, Math.round(y) + 0])
  expect(corners).toEqual([
    [0, 0],
    [42, 0],
    [42, 30],
    [0, 30],
    [0, 0],
  ])
  // Three corners of 60° to the left leave 180° for the last; to the right, −180°.
  const last = (text: string) => {
    const read = parseWalk(text)
    return read.ok && read.value.at(-1)?.turn_deg
  }
  expect([last('10 L60 10 L60 10 L60 10'), last('10 R60 10 R60 10 R60 10')]).toEqual([180, -180])
})
