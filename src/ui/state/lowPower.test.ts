import { expect, test } from '@jest/globals'
import { spares } from './lowPower'

const full = { setting: 'by-itself', level: 0.9, charging: false, savesData: false } as const

test.each([
  ['a full battery', {}, false],
  ['a low one', { level: 0.15 }, true],
  ['a low one on its cable', { level: 0.15, charging: true }, false],
  ['a browser that does not say', { level: null }, false],
  ['whoever saves data', { savesData: true }, true],
  ['low, but the person says no', { level: 0.1, setting: 'off' }, false],
  ['full, but the person says yes', { setting: 'on' }, true],
] as const)('%s', (_, of, low) => {
  expect(spares({ ...full, ...of })).toBe(low)
})
