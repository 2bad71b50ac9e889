import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { reordered } from './reorder'

test('nothing moves when it stays where it is', () => {
  expect(reordered([{ id: 'a', order: 0 }], 'a', 0)).toEqual([])
  expect(reordered([{ id: 'a', order: 0 }], 'z', 0)).toEqual([])
})

test('wherever a picture goes, it comes to stand there and the others keep their order', () => {
  const list = fc
    .array(fc.integer({ min: 0, max: 40 }), { minLength: 2, maxLength: 20 })
    .map((orders) => orders.sort((a, b) => a - b).map((order, index) => ({ id: `p${index}`, order })))
  fc.assert(
    fc.property(list, fc.nat(19), fc.nat(19), (photos, from, to) => {
      const moving = photos[from % photos.length]!
      const at = to % photos.length
      const changed = new Map(reordered(photos, moving.id, at).map((each) => [each.id, each.order]))
      const after = photos
        .map((each) => ({ ...each, order: changed.get(each.id) ?? each.order }))
        .sort((a, b) => a.order - b.order)
      const wanted = photos.filter((each) => each !== moving).map((each) => each.id)
      wanted.splice(at, 0, moving.id)
      // Equal numbers stand as they were taken: compare with that tie only where nothing was moved.
      if (changed.size > 0) expect(after.map((each) => each.id)).toEqual(wanted)
      expect(after.every((each) => each.order >= 0)).toBe(true)
    }),
  )
})
