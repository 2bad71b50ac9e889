import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feet, inches } from '../measure'
import { openingsWords, parseOpenings, tellOpenings } from './openingsLine'

const ANY = { length: null }

test('kinds, stations, widths and floors as they are said along a wall', () => {
  const read = parseOpenings(`w 3 10x30 29' 6", d 19x72; upper windows at 3, 10 and 19; deck 24`, ANY)
  expect(read).toEqual({
    ok: true,
    value: [
      { kind: 'window', station: feet(3), width: null, floor: 1 },
      { kind: 'window', station: feet(10), width: inches(30), floor: 1 },
      { kind: 'window', station: inches(354), width: null, floor: 1 },
      { kind: 'door', station: feet(19), width: inches(72), floor: 1 },
      { kind: 'window', station: feet(3), width: null, floor: 2 },
      { kind: 'window', station: feet(10), width: null, floor: 2 },
      { kind: 'window', station: feet(19), width: null, floor: 2 },
      { kind: 'deck', station: feet(24), width: null, floor: 1 },
    ],
  })
})

test.each([
  ['', 'nothing', 'from left to right'],
  ['3 10', 'station-without-kind', '“3” says where'],
  ['w', 'kind-without-station', '“w” wants'],
  ['w d 3', 'kind-without-station', '“w” wants'],
  ['w 3, d', 'kind-without-station', '“d” wants'],
  ['w 3 banana', 'unknown-word', '“banana”'],
  ['w 3xwide', 'unknown-word', '“3xwide”'],
  ['w 39x36', 'past-the-end', `40' long`],
])('%p is %s, and says what to do', (text, kind, words) => {
  const read = parseOpenings(text, { length: feet(40) })
  expect(read).toMatchObject({ ok: false, error: { kind } })
  if (!read.ok) expect(openingsWords(read.error)).toContain(words)
})

test('from where to where is a station and a width', () => {
  const read = parseOpenings(`porch 14 to 25, deck 2' 6" to 10, w 3x30`, ANY)
  expect(read.ok && read.value.map(({ station, width }) => [station, width])).toEqual([
    [feet(14), feet(11)],
    [inches(30), inches(90)],
    [feet(3), inches(30)],
  ])
  expect(parseOpenings('porch 25 to 14', ANY)).toMatchObject({ ok: false, error: { kind: 'unknown-word' } })
  expect(parseOpenings('porch 30 to 41', { length: feet(40) })).toMatchObject({
    ok: false,
    error: { kind: 'past-the-end' },
  })
})

test('told back in a few words', () => {
  const read = parseOpenings('w 3 10, d 19, ds 0 39, chimney 20', ANY)
  expect(read.ok && tellOpenings(read.value)).toBe('2 windows, 1 door, 2 downspouts, 1 chase')
})

test('whatever is read lies on the wall, and no text makes it throw', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 40 }), (text) => {
      const read = parseOpenings(text, { length: feet(40) })
      if (read.ok) for (const each of read.value) expect(each.station).toBeLessThan(feet(40))
    }),
  )
})
