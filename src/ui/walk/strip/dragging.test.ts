import { expect, test } from '@jest/globals'
import { sillNose, smallHouse } from '../../../../tests/support/jobs'
import { feet, inches } from '../../../core/measure'
import { boxAfter, keyDrag, nameOf, stretchBetween } from './dragging'

const plain = { shift: false, alt: false }

test.each([
  ['ArrowRight', plain, { grip: 'whole', along: inches(1), up: 0 }],
  ['ArrowLeft', { ...plain, shift: true }, { grip: 'whole', along: -768, up: 0 }],
  ['ArrowUp', { ...plain, alt: true }, { grip: 'top', along: 0, up: inches(1) }],
  ['ArrowLeft', { shift: true, alt: true }, { grip: 'right', along: -768, up: 0 }],
  ['ArrowDown', plain, { grip: 'whole', along: 0, up: -64 }],
  ['d', plain, null],
])('the key %s', (key, held, drag) => {
  expect(keyDrag(key, held)).toEqual(drag)
})

test('a stretch is drawn either way; a tap and next to nothing are the whole side', () => {
  const side = { length: feet(40), tap: false }
  expect(stretchBetween(feet(30), feet(10), side)).toEqual({ from: feet(10), to: feet(30) })
  expect(stretchBetween(feet(10), feet(10, 2), side)).toEqual({ from: 0, to: feet(40) })
  expect(stretchBetween(feet(10), feet(10, 3), side)).toEqual({ from: feet(10), to: feet(10, 3) })
  expect(stretchBetween(feet(10), feet(30), { ...side, tap: true })).toEqual({ from: 0, to: feet(40) })
})

test('what is held has a name, and a place with some of its fields changed', () => {
  const job = smallHouse({ findings: [sillNose()] })
  const [window] = job.features
  expect(nameOf({ feature: window! }, job.sides[0]!)).toBe('window A1')
  expect(nameOf({ finding: sillNose() }, job.sides[0]!)).toBe('finding 1')
  expect(nameOf({ finding: sillNose({ number: null }) }, job.sides[0]!)).toBe('finding new')
  expect(boxAfter({ feature: window! }, { station: feet(20) }, job)).toMatchObject({
    left: feet(20),
    right: feet(23, 6),
  })
  expect(boxAfter({ finding: sillNose() }, {}, job).left).toBe(feet(10))
})
