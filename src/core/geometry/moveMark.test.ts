import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { finding, sillNose, smallHouse } from '../../../tests/support/jobs'
import { feet, inches } from '../measure'
import { gripsOf, movedFeature, movedFinding, placeForAnother, type Grip } from './moveMark'
import { findingsOnPart, openingParts, placeOnPart } from './openingParts'
import { snapHeight, snapStation } from './snap'
import { featureBox } from './walls'

const job = smallHouse()
const side = job.sides[0]!
const window1 = job.features[0]!
const context = { job, side, within: inches(3) }
const free = { within: inches(3), except: null }

test.each([
  ['a corner before a stud', inches(2), 0, 'corner'],
  ['the edge of a window', feet(10) + inches(1), feet(10), 'opening'],
  ['the edge of its casing', feet(10) - inches(5), feet(10) - inches(5.5), 'opening'],
  ['a stud', inches(65), inches(64), 'stud'],
  ['a whole inch where nothing is near', inches(56.3), inches(56), 'inch'],
  ['the far corner', feet(40) - inches(1), feet(40), 'corner'],
])('a station catches %s', (_, from, to, caught) => {
  expect(snapStation(from, side, job, free)).toMatchObject({ value: to, caught })
})

test('a height catches the foundation, an opening, a course', () => {
  expect(snapHeight(inches(19), side, job, free)).toMatchObject({ value: inches(18), caught: 'line' })
  expect(snapHeight(inches(59), side, job, free)).toMatchObject({ value: inches(60), caught: 'opening' })
  expect(snapHeight(inches(33), side, job, free)).toMatchObject({ value: inches(34), caught: 'course' })
})

test('a window dragged near the corner stands at it, its width unchanged', () => {
  const { fields, caught } = movedFeature(
    window1,
    { grip: 'whole', along: inches(2) - feet(10), up: 0 },
    context,
  )
  expect(fields).toEqual({ station: 0 })
  expect(caught.map((each) => each.name)).toEqual(['left corner'])
})

test('an edge dragged changes the width, a top the height', () => {
  expect(
    movedFeature(window1, { grip: 'right', along: inches(6.4), up: 0 }, { ...context, within: 0 }).fields,
  ).toEqual({
    width: inches(48),
    size_how: 'scaled',
  })
  expect(
    movedFeature(window1, { grip: 'top', along: 0, up: inches(5.2) }, { ...context, within: 0 }).fields,
  ).toEqual({
    height: inches(65),
    size_how: 'scaled',
  })
})

test('a length that was drawn is scaled, never taped', () => {
  const nose = sillNose()
  const moved = movedFinding(nose, { grip: 'right', along: inches(7), up: 0 }, { ...context, within: 0 })
  expect(moved.fields.extent).toMatchObject({ value: inches(31), how: 'scaled' })
  expect(gripsOf({ finding: nose })).toEqual(['left', 'right'])
})

test('an upright part grows up the wall', () => {
  const leg = finding({
    n: 2,
    words: '',
    component: 'side-casing',
    at: { side: 'a', ft: 10, up_in: 60 },
    length_in: 20,
    grade: 2,
  })
  expect(gripsOf({ finding: leg })).toEqual(['bottom', 'top'])
  const moved = movedFinding(leg, { grip: 'top', along: 0, up: inches(10) }, { ...context, within: 0 })
  expect(moved.fields).toEqual({ extent: { value: inches(30), how: 'scaled', low: null, high: null } })
})

test('a finding without a place on a wall does not move', () => {
  const none = finding({ n: 1, words: 'soft', component: null })
  expect(movedFinding(none, { grip: 'whole', along: 600, up: 0 }, context).fields).toEqual({})
})

test('wherever a window is dragged it stays on its side, in whole 64ths, at least an inch wide', () => {
  const far = fc.integer({ min: -1 * feet(90), max: feet(90) })
  const grip = fc.constantFrom<Grip>('whole', 'left', 'right', 'top', 'bottom')
  fc.assert(
    fc.property(far, far, grip, (along, up, by) => {
      const { fields } = movedFeature(window1, { grip: by, along, up }, context)
      const moved = { ...window1, ...fields } as typeof window1
      const box = featureBox(moved, job)
      expect(box.left).toBeGreaterThanOrEqual(0)
      expect(box.right).toBeLessThanOrEqual(side.length!)
      expect(box.right - box.left).toBeGreaterThanOrEqual(inches(1))
      expect(box.top - box.bottom).toBeGreaterThanOrEqual(inches(1))
      expect([box.left, box.right, box.bottom, box.top].every(Number.isInteger)).toBe(true)
    }),
  )
})

test('another like it stands two feet off, on the side', () => {
  expect(placeForAnother(window1, job)).toBe(feet(10) + inches(42) + inches(24))
  const last = { ...window1, station: feet(36) }
  expect(placeForAnother(last, job)).toBe(feet(36) - inches(42) - inches(24))
})

test('the parts of a window lie round it, each with the length of its board', () => {
  const parts = openingParts(window1, job)
  expect(parts.map((part) => part.name)).toEqual([
    'head casing',
    'left leg',
    'right leg',
    'sill',
    'sill nose',
  ])
  // 42 in between casings of 5-1/2: the head is 53 in long, the legs 60.
  expect(parts[0]?.length).toBe(inches(53))
  expect(parts[1]?.length).toBe(inches(60))
  expect(placeOnPart(window1, parts[2]!, job)).toMatchObject({
    station: feet(10) + inches(42),
    feature_id: 'window-a1',
  })
})

test('legs are told apart by their half of the opening', () => {
  const [, left, right] = openingParts(window1, job)
  const leg = { ...sillNose(), component: 'side-casing' as const, place: placeOnPart(window1, right!, job) }
  const with_leg = { ...job, findings: [leg] }
  expect(findingsOnPart(window1, left!, with_leg)).toEqual([])
  expect(findingsOnPart(window1, right!, with_leg)).toEqual([leg])
})
