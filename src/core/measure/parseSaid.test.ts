import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  parseDay,
  parseHours,
  parseNumber,
  parsePercent,
  parsePitch,
  parseTemperature_c,
  toFahrenheit,
} from '.'

const ANY = { least: -1e6, most: 1e6 }
const read = <T>(result: { ok: true; value: T } | { ok: false; error: { kind: string } }): T | string =>
  result.ok ? result.value : result.error.kind

test.each([
  ['12', 12],
  ['1,200', 1200],
  ['2.5', 2.5],
  ['2,5', 2.5],
  ['−4', -4],
  ['three', 3],
  ['Twenty five', 25],
  ['forty-two', 42],
  ['a dozen', 12],
  ['a couple', 2],
  ['two and a half', 2.5],
  ['3½', 3.5],
  ['about 6', 6],
  ['', 'unreadable'],
  ['a few', 'unreadable'],
  ['twelve five', 'unreadable'],
  ['3 boards', 'unreadable'],
])('the number %p', (text, value) => {
  expect(read(parseNumber(text, ANY))).toBe(value)
})

test.each([
  ['30', 30],
  ['two days', 48],
  ['2 d', 48],
  ['2 days ago', 48],
  ['a day', 24],
  ['a day and a half', 36],
  ['half an hour', 0.5],
  ['a week', 168],
  ['yesterday', 24],
  ['since yesterday', 24],
  ['last night', 12],
  ['36 hours', 36],
  ['36h', 36],
  ['raining', 0],
  ['some time', 'unreadable'],
  ['days', 'unreadable'],
  ['two moons', 'unreadable'],
  ['2000 weeks', 'out-of-range'],
])('hours: %p', (text, value) => {
  expect(read(parseHours(text, { least: 0, most: 10_000 }))).toBe(value)
})

test.each([
  ['30', 30],
  ['30 %', 30],
  ['thirty percent', 30],
  ['a third', 33],
  ['half of it', 50],
  ['about two thirds', 67],
  ['three-quarters', 75],
  ['all', 100],
  ['120', 'out-of-range'],
  ['lots', 'unreadable'],
])('a share: %p', (text, value) => {
  expect(read(parsePercent(text))).toBe(value)
})

// Fixed points of the two scales: water freezes at 32 °F = 0 °C and boils at 212 °F = 100 °C; −40 is the same in both.
test.each([
  ['32', 0],
  ['212 F', 100],
  ['-40', -40],
  ['-40 C', -40],
  ['10 °C', 10],
  ['52 degrees', 11.1],
  ['50 deg F', 10],
  ['warm', 'unreadable'],
  ['400 F', 'out-of-range'],
])('a temperature: %p', (text, value) => {
  expect(read(parseTemperature_c(text, { least: -40, most: 100 }))).toBe(value)
})

test('a temperature goes out as it came in', () => {
  fc.assert(
    fc.property(fc.integer({ min: -40, max: 170 }), (fahrenheit) => {
      const celsius = parseTemperature_c(`${fahrenheit} F`, { least: -40, most: 100 })
      expect(celsius.ok && Math.round(toFahrenheit(celsius.value))).toBe(fahrenheit)
    }),
  )
})

test.each([
  ['6', 6],
  ['6 in 12', 6],
  ['6/12', 6],
  ['6:12', 6],
  ['six in twelve', 6],
  ['45°', 12],
  ['flat', 0],
  ['4.5', 4.5],
  ['90°', 'unreadable'],
  ['steep', 'unreadable'],
  ['50', 'out-of-range'],
])('a pitch: %p', (text, value) => {
  expect(read(parsePitch(text, { least: 0, most: 36 }))).toBe(value)
})

// May 4, 2026 is a Monday (Zeller's congruence, worked by hand).
test.each([
  ['2026-05-04', '2026-05-04'],
  ['5/4/26', '2026-05-04'],
  ['5/4', '2026-05-04'],
  ['May 9', '2026-05-09'],
  ['May 9th, 2027', '2027-05-09'],
  ['9 may', '2026-05-09'],
  ['Dec 27', '2025-12-27'],
  ['Sept 3', '2026-09-03'],
  ['today', '2026-05-04'],
  ['yesterday', '2026-05-03'],
  ['tomorrow', '2026-05-05'],
  ['Monday', '2026-05-04'],
  ['last Monday', '2026-04-27'],
  ['tue', '2026-04-28'],
  ['last Tuesday', '2026-04-28'],
  ['next Tuesday', '2026-05-05'],
  ['next Monday', '2026-05-11'],
  ['this Friday', '2026-05-08'],
  ['two weeks ago', '2026-04-20'],
  ['in 3 days', '2026-05-07'],
  ['a week ago', '2026-04-27'],
  ['Feb 30', 'unreadable'],
  ['13/1/2026', 'unreadable'],
  ['soon', 'unreadable'],
  ['3 days', 'unreadable'],
  ['', 'unreadable'],
])('a day: %p', (text, value) => {
  expect(read(parseDay(text, '2026-05-04'))).toBe(value)
})

test('a day read is a day of the calendar, and reads as itself', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 40_000 }), (days) => {
      const day = new Date(days * 86_400_000).toISOString().slice(0, 10)
      expect(read(parseDay(day, '2026-05-04'))).toBe(day)
    }),
  )
})

test('nothing that is typed makes a reader throw', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 30 }), (text) => {
      for (const reader of [parseNumber, parseHours, parsePitch, parseTemperature_c]) reader(text, ANY)
      parsePercent(text)
      parseDay(text, '2026-05-04')
    }),
  )
})
