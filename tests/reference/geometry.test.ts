/**
 * House geometry against a general-purpose plane geometry library (@flatten-js/core): areas of walls with gables and sloping
 * ground, the plan's area, distances. The library knows nothing of houses: it is given the corners, worked out here by hand.
 */
import Flatten from '@flatten-js/core'
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Side } from '../../src/core/job'
import { feet, inches, walkOfShape, parseWalk, type Length } from '../../src/core/measure'
import {
  gableRise,
  groundAt,
  planArea_ft2,
  planAt,
  planWalls,
  sideMeasures,
  sightLine,
  wallTop,
  foundationTop,
} from '../../src/core/geometry'
import { side, smallHouse } from '../support/jobs'

const areaOf = (corners: readonly (readonly [number, number])[]): number =>
  new Flatten.Polygon(corners.map(([x, y]): [number, number] => [x, y])).area()

const FT = 768

test.each([
  ['a plain wall', {}],
  ['a gable at 9 in 12', { roof_edge: 'gable', pitch_in_12: 9 }],
  ['ground above the foundation at one end', { ground_left: feet(0), ground_right: feet(4) }],
  ['ground above the foundation at both ends', { ground_left: feet(2), ground_right: feet(3) }],
  ['a split level', { floor_shift: feet(4), wall_height: feet(16) }],
] as [string, Partial<Side>][])('gross area of %s', (_, more) => {
  const job = smallHouse({ sides: [side('A', 0, 'front', 40, more)], features: [] })
  const wall = job.sides[0]!
  const length = wall.length!
  const top = wallTop(wall, job.house)
  const foot = foundationTop(job.house, wall)
  const lowest = -100 * FT
  // The cladding is what lies above both the foundation's top and the ground.
  const outline: [number, number][] = [
    [0, foot],
    [length, foot],
    [length, top],
    ...(wall.roof_edge === 'gable'
      ? [[length / 2, top + gableRise(length, wall.pitch_in_12)] as [number, number]]
      : []),
    [0, top],
  ]
  const ground: [number, number][] = [
    [0, lowest],
    [length, lowest],
    [length, groundAt(wall, length)],
    [0, groundAt(wall, 0 as Length)],
  ]
  const left = Flatten.BooleanOperations.subtract(new Flatten.Polygon(outline), new Flatten.Polygon(ground))
  expect(sideMeasures(wall, job).gross.value).toBeCloseTo(left.area() / FT ** 2, 6)
})

test.each(['rectangle', 'L', 'T', 'U'] as const)(
  'the plan of a common shape %s has the area of its corners',
  (shape) => {
    const walk = walkOfShape(shape, {
      width: feet(40),
      depth: feet(28),
      wing_width: feet(16),
      wing_depth: feet(12),
    })
    const legs = parseWalk(walk!)
    if (!legs.ok) throw new Error(legs.error.kind)
    const sides = legs.value.map((leg, index) =>
      side(String.fromCharCode(65 + index), index, 'front', 1, {
        length: leg.length,
        turn_deg: leg.turn_deg,
      }),
    )
    const job = smallHouse({ sides, features: [] })
    const corners = planWalls(job).map((wall): [number, number] => [wall.left.x, wall.left.y])
    expect(planArea_ft2(job)).toBeCloseTo(areaOf(corners) / FT ** 2, 6)
  },
)

test('walked the other way round, the plan is its mirror: same area, same walls, outside still outside', () => {
  const job = smallHouse()
  const other = {
    ...job,
    job: { ...job.job, house_on: 'right' as const },
    sides: job.sides.map((each) => ({ ...each, turn_deg: -90 })),
  }
  expect(planArea_ft2(other)).toBeCloseTo(planArea_ft2(job)!, 9)
  for (const drawn of [job, other]) {
    const walls = planWalls(drawn)
    const house = new Flatten.Polygon(walls.map((wall): [number, number] => [wall.left.x, wall.left.y]))
    for (const wall of walls) {
      const out = planAt(wall, 5, 10, feet(2))
      const inside = planAt(wall, 5, 10, feet(2) * -1)
      expect(house.contains(new Flatten.Point(out.x, out.y))).toBe(false)
      expect(house.contains(new Flatten.Point(inside.x, inside.y))).toBe(true)
    }
  }
})

test('sight over a roof in front: what is hidden is what the segment from the eye crosses', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 6, max: 40 }),
      fc.integer({ min: 2, max: 5 }),
      fc.integer({ min: 8, max: 12 }),
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      (from_ft, depth_ft, edge_ft, at) => {
        const eye = inches(66)
        const roof = {
          id: 'roof',
          size_how: 'taped' as const,
          removed: false,
          kind: 'small-roof' as const,
          side_id: 'side-a',
          number: 2,
          station: feet(0),
          width: feet(40),
          depth: feet(depth_ft),
          // Flat, so that its edge stands at its top.
          top: { value: feet(edge_ft), from: 'grade' as const },
          pitch_in_12: 0,
        }
        const job = smallHouse({ sides: [side('A', 0, 'front', 40)], features: [roof] })
        const band = { bottom: feet(edge_ft), top: feet(30) }
        const seen = sightLine(job.sides[0]!, band, { from_wall: feet(from_ft), eye }, job)
        const screen = new Flatten.Segment(
          new Flatten.Point(0, feet(edge_ft)),
          new Flatten.Point(feet(depth_ft), feet(edge_ft)),
        )
        const height = band.bottom + (band.top - band.bottom) * at
        const look = new Flatten.Segment(new Flatten.Point(feet(from_ft), eye), new Flatten.Point(0, height))
        const hidden = look.intersect(screen).length > 0
        // The roof runs the whole width: the lower share of the band is hidden, the rest is seen.
        if (Math.abs(at - (1 - seen.visible)) > 1e-6) expect(hidden).toBe(at < 1 - seen.visible)
      },
    ),
    { numRuns: 300 },
  )
})
