import { expect, test } from '@jest/globals'
import type { PictureCanvas } from '../../../core/job'
import { feet } from '../../../core/measure'
import {
  beginWith,
  keyShift,
  markOf,
  moved,
  outlineFrom,
  pressed,
  released,
  shifted,
  type Tool,
} from './drawing'

const p = (x: number, y: number): { x: number; y: number } => ({ x, y })

test('a stroke and two taps make the same arrow', () => {
  const stroke = released(moved(pressed(beginWith('arrow'), p(0.2, 0.2)), p(0.3, 0.3)), p(0.4, 0.5))
  const tap = released(pressed(beginWith('arrow'), p(0.2, 0.2)), p(0.2, 0.205))
  expect(tap.made).toBeNull()
  const taps = released(pressed(tap.drawing, p(0.4, 0.5)), p(0.4, 0.5))
  expect(stroke.made).toEqual({ kind: 'pair', tool: 'arrow', from: p(0.2, 0.2), to: p(0.4, 0.5) })
  expect(taps.made).toEqual(stroke.made)
  expect(taps.drawing).toEqual(beginWith('arrow'))
})

test.each<[Tool, object | null]>([
  ['arrow', { kind: 'arrow', from: p(0, 0), to: p(0.3, 0.4) }],
  ['length', { kind: 'length', from: p(0, 0), to: p(0.3, 0.4), length: null }],
  ['ring', { kind: 'ring', at: p(0, 0), radius: 0.5 }],
  ['scale', null],
])('two points with the tool %s', (tool, mark) => {
  const { made } = released(pressed(beginWith(tool), p(0, 0)), p(0.3, 0.4))
  expect(made?.kind === 'pair' && markOf(made)).toEqual(mark)
})

test('a tap with words, a finding or an outline is one point; an outline gathers its corners', () => {
  for (const tool of ['text', 'finding'] as const) {
    const { drawing, made } = released(pressed(beginWith(tool), p(0.1, 0.1)), p(0.1, 0.1))
    expect(made).toEqual({ kind: 'tap', tool, at: p(0.1, 0.1) })
    expect([drawing.from, drawing.corners]).toEqual([null, []])
  }
  const once = released(pressed(beginWith('outline'), p(0.1, 0.1)), p(0.1, 0.1)).drawing
  const twice = released(pressed(once, p(0.2, 0.2)), p(0.2, 0.2)).drawing
  expect(twice.corners).toEqual([p(0.1, 0.1), p(0.2, 0.2)])
})

test('the pointer moving without a first point draws nothing', () => {
  expect(moved(beginWith('arrow'), p(0.5, 0.5))).toEqual(beginWith('arrow'))
})

test('arrow keys move a mark by a hundredth, with shift by five, and never off the picture', () => {
  expect([keyShift('ArrowLeft', false), keyShift('ArrowDown', true), keyShift('a', false)]).toEqual([
    [-0.01, 0],
    [0, 0.05],
    null,
  ])
  expect(shifted({ kind: 'ring', at: p(0.99, 0.5), radius: 0.1 }, 0.05, 0)).toMatchObject({ at: p(1, 0.5) })
  expect(shifted({ kind: 'arrow', from: p(0, 0), to: p(0.5, 0.5) }, -0.1, 0.1)).toEqual({
    kind: 'arrow',
    from: p(0, 0.1),
    to: p(0.4, 0.6),
  })
})

test('three corners make an outline at their stations; two make none', () => {
  const canvas: PictureCanvas = {
    side_id: 'side-a',
    from: p(0, 1),
    to: p(1, 1),
    length: feet(10),
    anchor: { at: p(0, 1), station: feet(5), height: feet(0) },
  }
  const of = { canvas, size: { width_px: 1000, height_px: 1000 }, id: 'o', number: 4, what: ' vent ' }
  expect(outlineFrom([p(0, 1), p(1, 1)], of)).toBeNull()
  const made = outlineFrom([p(0.1, 0.9), p(0.3, 0.9), p(0.3, 0.7)], of)
  // A foot to a tenth of the picture: from 6 ft to 8 ft, 1 to 3 ft up.
  expect(made).toMatchObject({
    kind: 'outline',
    side_id: 'side-a',
    number: 4,
    what: 'vent',
    station: feet(6),
    width: feet(2),
  })
  expect(made?.points[2]).toEqual({ station: feet(8), height: feet(3) })
})
