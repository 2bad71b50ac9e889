import { expect, test } from '@jest/globals'
import type { Change } from '../core/job'
import { UndoHistory } from './undoHistory'

const edit = (id: string, more: object = {}) => ({
  change: { id, op: 'set', ...more } as unknown as Change,
  before: {},
})

test('edits are taken back and made again in order; a new one forgets what was taken back', () => {
  const history = new UndoHistory()
  history.tookBack()
  for (const id of ['a', 'b']) history.add(edit(id))
  history.tookBack()
  expect([history.last?.change.id, history.lastUndone?.change.id]).toEqual(['a', 'b'])
  history.madeAgain()
  history.add(edit('b2'))
  expect([history.last?.change.id, history.lastUndone]).toEqual(['b2', undefined])
  history.tookBack()
  history.forgetUndone()
  expect([history.last?.change.id, history.lastUndone]).toEqual(['a', undefined])
})

test('what the server did not take cannot be taken back; a hazard wants a reason', () => {
  const history = new UndoHistory()
  history.add(edit('a'))
  history.add(edit('h', { op: 'fact', fact: { kind: 'hazard' } }))
  expect(history.wantsReason).toBe(true)
  history.drop('h')
  expect([history.last?.change.id, history.wantsReason]).toEqual(['a', false])
  history.clear()
  expect([history.last, history.wantsReason]).toEqual([undefined, false])
})
