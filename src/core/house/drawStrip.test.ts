import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { alderHouse, emptyJob, sillNose, smallHouse } from '../../../tests/support/jobs'
import { coverJob } from '../coverage'
import { facingsOf, stripOrder } from '../geometry'
import { traceJob } from '../trace'
import { hatch, type Drawing, type Mark, type Point } from './drawing'
import { drawStrip, stripSpans } from './drawStrip'

const view = { px: 100, coverage: null, trace: null, chosen: [], only: null }
const marks = (drawing: Drawing, of: Mark['of']): Mark[] =>
  drawing.items.filter((item): item is Mark => item.kind === 'mark' && item.of === of)

test('front, right, back, left from left to right, whichever way one walks', () => {
  const job = smallHouse()
  expect(stripSpans(job).map((span) => span.facing)).toEqual(['front', 'right', 'back', 'left'])
  // House on the right hand: front, left, back, right in walking order; cut elsewhere, same cycle.
  const other = {
    ...job,
    job: { ...job.job, house_on: 'right' as const },
    sides: job.sides.map((side, order) => ({
      ...side,
      facing: (['front', 'left', 'back', 'right'] as const)[order]!,
    })),
  }
  const order = stripOrder(other).map((side) => side.facing)
  const cycle = ['front', 'right', 'back', 'left', 'front', 'right', 'back']
  expect(cycle.join().includes(order.join())).toBe(true)
})

test('facings follow the turns, either way round', () => {
  expect(facingsOf([90, 90, 90, 90])).toEqual(['front', 'right', 'back', 'left'])
  expect(facingsOf([-90, -90, -90, -90])).toEqual(['front', 'left', 'back', 'right'])
  expect(facingsOf([90, -90, 90, 90, 90, 90])).toEqual(['front', 'right', 'front', 'right', 'back', 'left'])
})

test('sides keep their true lengths and do not overlap', () => {
  const spans = stripSpans(alderHouse())
  spans.forEach((span, index) => {
    const next = spans[index + 1]
    if (next) expect(next.x).toBeGreaterThanOrEqual(span.x + span.length)
  })
  expect(spans.map((span) => span.length / 768)).toEqual([42, 30, 42, 30])
})

test('a side not measured ends open, past its furthest mark', () => {
  const job = smallHouse()
  const sides = job.sides.map((side) => (side.letter === 'A' ? { ...side, length: null } : side))
  const span = stripSpans({ ...job, sides })[0]
  expect(span?.open).toBe(true)
  expect(span!.length).toBeGreaterThan(13.5 * 768)
})

test('every finding with a place is on it once, with its number and grade in words', () => {
  const drawn = marks(drawStrip(alderHouse(), view), 'finding')
  expect(drawn.flatMap((mark) => mark.ids).sort()).toEqual(
    alderHouse()
      .findings.filter(({ place }) => place.kind === 'side' || place.kind === 'deck')
      .map((each) => each.id)
      .sort(),
  )
  expect(drawn.some((mark) => mark.name.includes('Finding 8: window sill, not touched'))).toBe(true)
})

test('findings that would overlap are gathered, and part again when zoomed', () => {
  const far = marks(drawStrip(alderHouse(), { ...view, px: 110 }), 'finding').length
  const near = marks(drawStrip(alderHouse(), { ...view, px: 12 }), 'finding').length
  const placed = alderHouse().findings.filter((each) => each.place.kind === 'side').length
  expect(far).toBeLessThan(near)
  expect(near).toBeGreaterThan(placed - 4)
})

test('sources are drawn with letters where they sit', () => {
  const job = alderHouse()
  const drawn = marks(drawStrip(job, { ...view, trace: traceJob(job) }), 'source')
  const seated = traceJob(job).sources.filter((source) => source.letter !== null && source.seat !== null)
  // A habit is drawn at each of its places, under one letter.
  expect(drawn.map((mark) => mark.ids[0])).toEqual(
    seated.flatMap((source) => source.places.map(() => source.letter)),
  )
  expect(drawn[0]?.ids).toEqual(['a'])
})

test('zones not looked at are hatched', () => {
  const job = alderHouse()
  const hatched = drawStrip(job, { ...view, coverage: coverJob(job) }).items.filter(
    (item) => item.kind === 'strokes' && item.ink === 'not-seen',
  )
  expect(hatched).toHaveLength(1)
})

test('without a house there is nothing to draw, and nothing breaks', () => {
  expect(drawStrip(emptyJob('e', ''), view).items).toEqual([])
  expect(
    drawStrip({ ...emptyJob('e', ''), findings: [sillNose({ place: { kind: 'none' } })] }, view).items,
  ).toEqual([])
})

const corner = fc.tuple(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: -5000, max: 5000 }))
test('hatching stays inside its outline', () => {
  fc.assert(
    fc.property(corner, corner, corner, fc.integer({ min: 40, max: 900 }), (a, b, c, spacing) => {
      const triangle: Point[] = [a, b, c]
      const area = (p: Point, q: Point, r: Point): number =>
        Math.abs((q[0] - p[0]) * (r[1] - p[1]) - (r[0] - p[0]) * (q[1] - p[1]))
      const whole = area(a, b, c)
      for (const [from, to] of hatch(triangle, spacing) as [Point, Point][]) {
        const middle: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
        const parts = area(middle, a, b) + area(middle, b, c) + area(middle, c, a)
        expect(parts).toBeLessThanOrEqual(whole + 1e-3 * (whole + 1))
        // Every stroke is a true 45° one.
        expect(from[0] + from[1]).toBeCloseTo(to[0] + to[1], 5)
      }
    }),
  )
})
