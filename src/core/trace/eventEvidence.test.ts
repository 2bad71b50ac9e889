import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { CAUSE_IDS, causeOf } from '../catalogue/causes'
import { EVENTS } from '../catalogue/events/events'
import { isSign } from '../catalogue/signs'
import type { JobDocument, MonthOrYear } from '../job'
import { eventEvidenceOf } from './eventEvidence'
import { traceJob } from './traceJob'

const at = (year: number, month: number | null = null): MonthOrYear => ({ year, month })
const happened = (what: string, when: MonthOrYear): JobDocument['house_events'][number] => ({
  id: `event-${what}-${when.year}-${when.month ?? 0}`,
  removed: false,
  what,
  when,
  words: '',
  told_by: '',
})
function house(
  found: string,
  first_seen: MonthOrYear | null,
  house_events: JobDocument['house_events'],
): JobDocument {
  const job = jobOf({ title: 'test', found: [found], cause: null })
  return { ...job, house_events, findings: job.findings.map((each) => ({ ...each, first_seen })) }
}
const SIDING = 'lap-siding | A 10 40 | '
const said = (job: JobDocument) =>
  eventEvidenceOf(job)(job.findings[0]!).map(({ sign, present, how }) => [sign, present, how])

test('every row that speaks names a sign that some cause is known by; a row that speaks has its months', () => {
  for (const { sign, within_months } of EVENTS) {
    if (sign === null) continue
    expect(isSign(sign)).toBe(true)
    expect(within_months).toBeGreaterThan(0)
    expect(CAUSE_IDS.some((id) => causeOf(id).supports.some((each) => each.sign === sign))).toBe(true)
  }
})

test('damage that began within the year after a washing speaks for it, as hearsay', () => {
  expect(said(house(SIDING, at(2025, 3), [happened('washed', at(2024, 8))]))).toEqual([
    ['began-within-year-of-washing', true, 'told'],
  ])
})

test('damage that was there before it speaks against it; long after it, nothing is said', () => {
  expect(said(house(SIDING, at(2024, 7), [happened('washed', at(2024, 8))]))).toEqual([
    ['began-within-year-of-washing', false, 'told'],
  ])
  expect(said(house(SIDING, at(2026, 1), [happened('washed', at(2024, 8))]))).toEqual([])
})

test('a year without its month may be before or after: it says nothing, and one that is surely before or after does', () => {
  expect(said(house(SIDING, at(2024), [happened('washed', at(2024, 8))]))).toEqual([])
  expect(said(house(SIDING, at(2023), [happened('washed', at(2024, 8))]))).toEqual([
    ['began-within-year-of-washing', false, 'told'],
  ])
})

test('of two washings one that fits is enough, and only what was there before both came of neither', () => {
  const both = [happened('washed', at(2019, 5)), happened('washed', at(2024, 8))]
  expect(said(house(SIDING, at(2025, 1), both))).toEqual([['began-within-year-of-washing', true, 'told']])
  expect(said(house(SIDING, at(2022, 1), both))).toEqual([])
  expect(said(house(SIDING, at(2018, 1), both))).toEqual([['began-within-year-of-washing', false, 'told']])
})

test('an event says nothing of a part that its causes do not damage, nor without a date, nor when its row has no sign', () => {
  expect(said(house('subfloor | in A 10 10 | ', at(2025, 1), [happened('washed', at(2024, 8))]))).toEqual([])
  expect(said(house(SIDING, null, [happened('washed', at(2024, 8))]))).toEqual([])
  expect(
    said(house(SIDING, at(2025, 1), [happened('painted', at(2024, 8)), happened('of tomorrow', at(2024))])),
  ).toEqual([])
})

test('the date makes washing likelier where it fits, and less likely where the damage is older', () => {
  const chance = (first_seen: MonthOrYear | null): number => {
    const job = house('lap-siding | A 10 40 | blistered-round-laps', first_seen, [
      happened('washed', at(2024, 8)),
    ])
    const found = traceJob(job).findings[0]!
    return found.ranked.find(({ cause }) => cause === 'washing-injection')?.probability ?? 0
  }
  const [unsaid, after, before] = [chance(null), chance(at(2025, 3)), chance(at(2020, 3))]
  expect(after).toBeGreaterThan(unsaid)
  expect(before).toBeLessThanOrEqual(unsaid)
})
