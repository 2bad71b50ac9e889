import { expect, test } from '@jest/globals'
import { smallHouse } from '../../tests/support/jobs'
import { actionsOf } from '../core/firm'
import { allLost, bringingBack } from './setBack'

let n = 0
const fresh = (): { id: string; schema: number; made_at: string; device: string } => {
  n += 1
  return { id: `c${n}`, schema: 4, made_at: '2026-05-04T09:00:00Z', device: 'phone' }
}

test('nobody brings back what he may not write: crew restores the house, not the settings', () => {
  const job = smallHouse()
  const lost = allLost('small', job).lost
  const settings = { op: 'set', kind: 'settings', id: 'settings', fields: { productive_share: 0.5 } } as const
  const kinds = (role: 'crew' | 'office'): string[] =>
    bringingBack([settings, ...lost], { fresh, may: actionsOf(role), stamps: {} }).map((change) =>
      change.op === 'fact' ? 'fact' : change.entity.kind,
    )
  expect(kinds('office')).toContain('settings')
  expect(kinds('crew')).not.toContain('settings')
  expect(kinds('crew')).toContain('side')
})
