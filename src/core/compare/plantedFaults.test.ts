/** What planted faults showed nobody had looked at: each of these failed on one of them. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { at, mend, plain } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import type { JobDocument } from '../job'
import { derive } from '../pipeline'
import { hiddenChance, quantityOfItem } from '../price'
import { withLeaves } from './withLeaves'

const DAY = '2026-05-04'

test('an allowance of new wood is for what is fitted, cut-backs with it, not for what was seen soft', () => {
  const job = DEMO_JOBS['lantern-court-22']()
  const derived = derive(job, DAY)
  const fascia = derived.scope.items.find(({ name }) => name === 'Fascia: piece in')!
  const { pieces } = derived.takeoff.items.find(({ item_id }) => item_id === fascia.id)!
  expect(quantityOfItem(fascia, pieces)).toEqual({ quantity: 12, unit: 'ft' })
  expect(quantityOfItem(fascia)!.quantity).toBeLessThan(12)
})

test('what an option stands in for saves what all of them save together', () => {
  const findings = [at(1, 'window-sill'), at(2, 'fascia'), at(3, 'corner-board')]
  const [a, b, c] = findings.map((each, index) => mend(`i${index}`, [each], 'replace-member'))
  const whole: JobDocument = plain(
    smallHouse({
      findings,
      work_items: [
        a!,
        b!,
        c!,
        mend('side', [findings[0]!], 'piece-in', { state: 'alternate', instead_of: ['i0', 'i1'] }),
      ],
    }),
  )
  const total = (of: JobDocument): number => {
    const { price } = derive(of, DAY)
    return price.kind === 'priced' ? price.items_cents : 0
  }
  const without = { ...whole, work_items: whole.work_items.filter(({ id }) => id !== 'i0' && id !== 'i1') }
  const option = withLeaves(whole, DAY, derive(whole, DAY)).beside.find(({ id }) => id === 'side')!
  expect(option.instead_of).toEqual(['i0', 'i1'])
  expect(option.saves_cents).toBe(total(whole) - total(without))
})

test('what was opened at a source moves the odds of its other places', () => {
  const closed = at(1, 'fascia', { grade: 2 })
  const opened = (grade: 0 | 4) => ({ ...at(2, 'window-sill', { grade }), how_known: 'opened' as const })
  const framing = (grade: 0 | 4): number => {
    const other = opened(grade)
    const job = smallHouse({ findings: [closed, other] })
    return hiddenChance(closed, job, null, [closed.id, other.id])!.framing
  }
  const alone = hiddenChance(closed, smallHouse({ findings: [closed] }), null, [closed.id])!.framing
  // 0.18: odds × 3 and × 0.5.
  expect(alone).toBeCloseTo(0.18, 6)
  expect(framing(4)).toBeCloseTo(((0.18 / 0.82) * 3) / (1 + (0.18 / 0.82) * 3), 6)
  expect(framing(0)).toBeCloseTo(((0.18 / 0.82) * 0.5) / (1 + (0.18 / 0.82) * 0.5), 6)
})

test('a fix stands under the cause it cures, though its item names no finding of it', () => {
  const kelp = DEMO_JOBS['kelp-row-7']()
  const { bid, scope } = derive(
    { ...kelp, settings: { ...kelp.settings, bid: { ...kelp.settings.bid, heads: 'cause' } } },
    DAY,
  )
  const fixes = scope.items.filter(
    (item) => item.fixes.length > 0 && bid.items.some(({ id }) => id === item.id),
  )
  expect(fixes.length).toBeGreaterThan(2)
  for (const { id, fixes: letters } of fixes)
    expect(letters.map((letter) => `cause-${letter}`)).toContain(
      bid.items.find((item) => item.id === id)!.group,
    )
})
