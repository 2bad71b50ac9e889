import { expect, test } from '@jest/globals'
import { ploverQuay } from '../../../demo/ploverQuay'
import { byId } from '../job'
import { feet } from '../measure'
import { featureBox, findingBox } from './walls'

test('a guard that goes round its deck is drawn along it, and not on past the house', () => {
  const job = ploverQuay()
  const deck = byId(job.features, 'deck-c1')!
  const guard = job.findings.find((each) => each.component === 'guard')!
  expect(guard.extent?.value).toBe(feet(44))
  expect(findingBox(guard, job)).toMatchObject({ left: feet(8), right: featureBox(deck, job).right })
  // What begins past the deck, or has none, keeps its length.
  const off = { ...guard, place: { ...guard.place, station: feet(30) } as typeof guard.place }
  expect(findingBox(off, job)!.right).toBe(feet(74))
  const free = { ...guard, place: { ...guard.place, feature_id: null } as typeof guard.place }
  expect(findingBox(free, job)!.right).toBe(feet(52))
})
