/** Contrast of the colours letters are set in, by the formula of WCAG 2.2 (relative luminance, contrast ratio). */
import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { LABEL_INKS } from '../../src/ui/look/inks'

const css = readFileSync('src/app/globals.css', 'utf8')

function colour(name: string): string {
  const found = new RegExp(`--color-${name}:\\s*(#[0-9a-f]{6})`, 'i').exec(css)
  if (!found) throw new Error(`globals.css names no colour ${name}.`)
  return found[1]!
}

function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255
    return share <= 0.040_45 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
}

function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x)
  return (light! + 0.05) / (dark! + 0.05)
}

test('black on white is 21, a colour on itself 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5)
  expect(contrast('#1f5fae', '#1f5fae')).toBe(1)
})

test.each(['ground', 'paper', 'white', 'tape'])(
  'ink on %s is readable in the sun: 7 to 1 or more',
  (ground) => {
    expect(contrast(colour('ink'), colour(ground))).toBeGreaterThanOrEqual(7)
  },
)

test.each(
  ['quiet', 'crayon-text', 'chalk-text', 'pencil-text', 'moss'].flatMap((ink) =>
    ['ground', 'paper', 'white'].map((ground) => [ink, ground] as const),
  ),
)('%s on %s: 4.5 to 1 or more', (ink, ground) => {
  expect(contrast(colour(ink), colour(ground))).toBeGreaterThanOrEqual(4.5)
})

test.each(Object.entries(LABEL_INKS))(
  '%s on the house: 4.5 to 1 or more on its plate, or on the wall',
  (_, ink) => {
    const plate = ink.plate?.startsWith('#') ? ink.plate : ink.plate ? '#fbfaf6' : '#eacfa6'
    expect(contrast(ink.colour, plate)).toBeGreaterThanOrEqual(4.5)
  },
)
