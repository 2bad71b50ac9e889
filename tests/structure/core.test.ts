/** The core is pure: no interface, no clock, no chance, no environment; and its stages point one way. */
import { expect, test } from '@jest/globals'
import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'

const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
  .map((name) => ({ name, text: readFileSync(path.join('src/core', name), 'utf8') }))

test('the walk found the core', () => {
  expect(files.length).toBeGreaterThan(50)
})

const FORBIDDEN = [
  /\bDate\.now\b/,
  /\bnew Date\(\)/,
  /\bMath\.random\b/,
  /\bprocess\./,
  /from 'node:/,
  /from '(react|next|pg)/,
]

test.each(files.map((file) => [file.name, file.text]))('%s is pure', (_, text) => {
  for (const pattern of FORBIDDEN) expect(text).not.toMatch(pattern)
})

test('imports from outside are zod, the triangulation of contours, calendar files, and the search of words', () => {
  const outside = files.flatMap(({ text }) =>
    // The package, whichever of its entrances: zod/mini is zod.
    [...text.matchAll(/from '([^.'][^'/]*)/g)].map((match) => match[1]),
  )
  expect([...new Set(outside)].sort()).toEqual(['delaunator', 'ical.js', 'minisearch', 'stemmer', 'zod'])
})
