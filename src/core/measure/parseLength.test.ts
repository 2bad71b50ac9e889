import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { formatLength } from './formatLength'
import { inches, type Length } from './length'
import { parseLength } from './parseLength'

test.each([
  [`18' 6-1/2"`, 222.5],
  [`18'6 1/2`, 222.5],
  [`18 ft 6.5 in`, 222.5],
  [`5 7/16`, 5.4375],
  [`5-7/16"`, 5.4375],
  [`14-0`, 168],
  [`14-6 1/2`, 174.5],
  [`5.5 ft`, 66],
  [`15/32`, 15 / 32],
  [`23/32"`, 23 / 32],
  [`.5'`, 6],
  [`42'`, 504],
  [`3''`, 3],
  [`7’ 3½`.replace('½', ' 1/2'), 87.5],
  [`12 inches`, 12],
  [`1 foot`, 12],
  [`25.4 mm`, 1],
  [`1000'`, 12_000],
  [`2.54cm`, 1],
])('reads %s', (text, inch) => {
  expect(parseLength(text)).toEqual({ ok: true, value: inches(inch) })
})

test('a bare number is inches, or feet where the field says so', () => {
  expect(parseLength('42')).toEqual({ ok: true, value: inches(42) })
  expect(parseLength('42', { bare: 'feet' })).toEqual({ ok: true, value: inches(504) })
  expect(parseLength('5 1/2', { bare: 'feet' })).toEqual({ ok: true, value: inches(5.5) })
})

test.each([
  ['', 'empty'],
  ['   ', 'empty'],
  ['a bit', 'not-a-length'],
  ['-5', 'not-a-length'],
  ["6' x", 'not-a-length'],
  ['1/0', 'zero-denominator'],
  ["3' 1/0", 'zero-denominator'],
  ["1001'", 'too-long'],
])('refuses %j as %s', (text, kind) => {
  const read = parseLength(text)
  expect(read.ok ? null : read.error.kind).toBe(kind)
})

const anyLength = fc.integer({ min: 0, max: 768 * 999 })

test('what is written exactly is read back exactly', () => {
  fc.assert(
    fc.property(anyLength, (size) => {
      expect(parseLength(formatLength(size as Length, 'exact'))).toEqual({ ok: true, value: size })
    }),
  )
})

test('what is written for a tape is within a thirty-second of the truth', () => {
  fc.assert(
    fc.property(anyLength, (size) => {
      const read = parseLength(formatLength(size as Length))
      expect(read.ok && Math.abs(read.value - size)).toBeLessThanOrEqual(2)
    }),
  )
})

test('no text makes it throw', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(typeof parseLength(text).ok).toBe('boolean')
    }),
  )
})

test('a bare number is no length', () => {
  // @ts-expect-error the type check fails here if the brand is ever lost
  const wrong = (): string => formatLength(5)
  expect(wrong).toBeDefined()
})
