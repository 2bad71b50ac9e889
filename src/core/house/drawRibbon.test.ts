import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import { drawRibbon } from './drawRibbon'
import { drawStrip } from './drawStrip'
import type { Point } from './drawing'

const job = alderHouse()
const px = 90
const ribbon = drawRibbon(job, { px, height_px: 64, only: null })
const strip = drawStrip({ ...job, findings: [] }, { px, coverage: null, trace: null, chosen: [], only: null })

const points = (drawing: typeof ribbon): Point[] =>
  drawing.items
    .flatMap((item) => (item.kind === 'mark' ? item.shapes : [item]))
    .flatMap((shape) =>
      shape.kind === 'polygon' ? [...shape.points] : shape.kind === 'strokes' ? shape.lines.flat() : [],
    )

test('stations are exact, heights pressed into the band', () => {
  expect(ribbon.sides).toEqual(strip.sides)
  expect([ribbon.left, ribbon.right]).toEqual([strip.left, strip.right])
  expect((ribbon.top - ribbon.bottom) / px).toBe(64)
  // The air below the ground is pressed too: the ground itself stands above the foot of the band.
  expect(Math.min(...points(ribbon).map(([, y]) => y))).toBeGreaterThan(0)
  for (const [, y] of points(ribbon)) {
    expect(y).toBeGreaterThanOrEqual(ribbon.bottom - 1)
    expect(y).toBeLessThanOrEqual(ribbon.top + 1)
  }
})

test('only sides can be pointed at, and each finding on a wall leaves its extent', () => {
  const marks = ribbon.items.flatMap((item) => (item.kind === 'mark' ? [item.of] : []))
  expect(new Set(marks)).toEqual(new Set(['side']))
  const damage = ribbon.items.filter((item) => item.kind === 'polygon' && item.ink === 'damage-solid')
  expect(damage).toHaveLength(
    job.findings.filter(({ place }) => place.kind === 'side' || place.kind === 'deck').length,
  )
})
