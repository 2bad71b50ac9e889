/** What is kept of an opened place: what had been said of its cause, by which signs, and what it was. */
import { describe, expect, test } from '@jest/globals'
import { at } from '../../../tests/support/priced'
import { smallHouse } from '../../../tests/support/jobs'
import { openedAt, type JobDocument, type OpenedPlace } from '../job'
import { derive } from '../pipeline'
import { findsBehind, toldOf } from './foundWork'

const seen = (sign: string, present: boolean) => ({ sign, how: 'seen-close' as const, present })
const lap = {
  ...at(1, 'lap-siding'),
  signs: [seen('reservoir-cladding', true), seen('barrier-seen-faulty', false)],
}
function derived(behind: JobDocument['sides'][number]['behind']) {
  const job = smallHouse({ findings: [lap] })
  return derive({ ...job, sides: job.sides.map((side) => ({ ...side, behind })) }, '2026-05-04')
}

describe('what had been said', () => {
  test('by signs that were there: noted, worked out from the grade, or known of the wall; not by those looked for in vain', () => {
    expect(toldOf(lap, derived('unknown'))?.signs).toEqual(['reservoir-cladding', 'deep-or-gone'])
    expect(toldOf(lap, derived('sheathing'))?.signs).toEqual(['reservoir-cladding', 'deep-or-gone'])
    expect(toldOf(lap, derived('drained-gap'))?.signs).toContain('drained-gap-behind')
  })
  test('with the foremost causes by name and share, and nothing for a finding that is not there', () => {
    const told = toldOf(lap, derived('unknown'))!
    expect(told.shares.length).toBeGreaterThan(0)
    expect(told.shares.map(({ cause }) => cause)).not.toContain('other')
    expect(told.stated).toBe(false)
    expect(toldOf({ ...lap, id: 'gone' }, derived('unknown'))).toBeNull()
  })
})

test('behind a cladding on the studs the count begins with studs, not with sheathing', () => {
  const first = (behind: JobDocument['sides'][number]['behind']): string | undefined =>
    findsBehind(lap, derived(behind))[0]?.id
  expect([first('unknown'), first('studs')]).toEqual(['sheathing', 'stud'])
})

test('opened twice it is what was seen last, beside what had been said before the first', () => {
  const told = (cause: string): OpenedPlace['told'] => ({ cause, stated: false, shares: [], signs: [] })
  const place = (id: string, of: Pick<OpenedPlace, 'told' | 'caused_by'>): OpenedPlace => ({
    ...{
      id,
      removed: false,
      finding_id: 'f',
      opened_on: '2026-05-04',
      opened_by: 'D',
      guess: null,
      found: [],
    },
    ...{ taped: null, said: null, words: '', tonight: '', photo_ids: [] },
    ...of,
  })
  const both = (first: string | null, second: string | null): OpenedPlace | null =>
    openedAt(
      {
        opened_places: [
          place('a', { told: told('gutter-none'), caused_by: first }),
          place('b', { told: told('joint-open'), caused_by: second }),
        ],
      },
      'f',
    )
  expect(both('gutter-none', 'ice-or-blown-rain')).toMatchObject({
    caused_by: 'ice-or-blown-rain',
    told: { cause: 'gutter-none' },
  })
  expect(both('gutter-none', null)?.caused_by).toBe('gutter-none')
  expect(both(null, null)?.caused_by).toBeNull()
})
