import { describe, expect, test } from '@jest/globals'
import ICAL from 'ical.js'
import { DEMO_JOBS } from '../../../demo'
import { at, DAY, mend, house } from '../../../tests/support/priced'
import { daySheets } from '../lists/daySheets'
import { dayAfter } from '../measure'
import { checksOf } from '../open/coverChecks'
import { derive } from '../pipeline'
import { calendarFile } from '../print/calendarFile'
import {
  crewDays,
  dayNumbers,
  neededBy,
  onTheWalls,
  pieceKey,
  planEntries,
  troubleWords,
  whyWords,
} from './index'

const alder = derive(DEMO_JOBS['alder-house'](), DAY)
const { plan } = alder

describe('day sheets', () => {
  const sheets = daySheets(alder)
  test('every planned piece stands on the sheet of its crew on each of its days, in order', () => {
    const told = sheets.flatMap(({ day, work }) => work.map(({ key }) => `${day} ${key}`))
    const wanted = plan.units.flatMap(({ key, days }) => days.map(({ day }) => `${day} ${key}`))
    expect(told.toSorted()).toEqual(wanted.toSorted())
  })
  test('there is no money in them, in either language', () => {
    for (const locale of ['en', 'es'] as const) {
      const text = JSON.stringify(daySheets(alder, locale))
      expect(text).not.toMatch(/\$|cents|price|precio/i)
    }
  })
  test('in Spanish nothing of the app’s own words stays English', () => {
    const [first] = daySheets(alder, 'es')
    expect(first!.work.map(({ where }) => where)).toContain('toda la obra')
    expect(first!.work[0]!.steps).toEqual(['preparar'])
    const english = new Set(sheets.flatMap(({ work }) => work.flatMap(({ steps }) => steps)))
    const spanish = daySheets(alder, 'es').flatMap(({ work }) => work.flatMap(({ steps }) => steps))
    expect(spanish.filter((each) => english.has(each))).toEqual([])
  })
  test('what is looked at before it is covered stands at the piece that covers it, in its crew’s language', () => {
    const checks = checksOf({ job: alder.job, scope: alder.scope, units: plan.units })
    const told = (of: typeof sheets): string[] =>
      of.flatMap(({ work }) => work.flatMap((each) => each.seenBefore))
    expect(checks.length).toBeGreaterThan(10)
    for (const { unit, point } of checks) {
      const piece = sheets.flatMap(({ work }) => work).find(({ key }) => key === unit)!
      expect(piece.seenBefore.some((says) => says.startsWith(point.name))).toBe(true)
    }
    const english = new Set(told(sheets))
    expect(told(daySheets(alder, 'es')).filter((each) => english.has(each))).toEqual([])
  })
  test('the ledger’s sheet says to keep off, to shore, its pieces and its permit', () => {
    const shoring = sheets.find(({ work }) => work.some(({ steps }) => steps[0] === 'shore'))!
    expect(shoring.cautions.join(' ')).toMatch(/keep off/i)
    const work = sheets.flatMap((sheet) => sheet.work).filter(({ name }) => name.includes('ledger'))
    expect(work.some(({ dryIn }) => dryIn)).toBe(true)
    expect(work.flatMap(({ needs }) => needs).join(' ')).toContain('temporary support')
  })
})

test('what is needed stands on the first day of the item that takes it, all of it and once', () => {
  const lines = neededBy(plan, alder.takeoff)
  const days = lines.map(({ day }) => day)
  expect(days).toEqual(days.toSorted())
  const counted = lines
    .flatMap(({ pieces }) => pieces)
    .reduce((sum, line) => sum + Number(line.slice(0, line.indexOf(' '))), 0)
  const all = alder.takeoff.items.flatMap(({ pieces }) => pieces).reduce((sum, { count }) => sum + count, 0)
  expect(counted).toBe(all)
})

test('the calendar file holds each working day once, and reads as a calendar', () => {
  const file = calendarFile(planEntries(alder), { made: new Date('2026-05-04T06:00:00Z'), what: 'plan' })
  const events = new ICAL.Component(ICAL.parse(file) as unknown[]).getAllSubcomponents('vevent')
  const read = events.map((each) => new ICAL.Event(each))
  expect(new Set(read.map(({ uid }) => uid)).size).toBe(read.length)
  const worked = plan.days.filter(({ units }) => units.length > 0).map(({ day }) => day)
  for (const day of worked) expect(read.some((each) => each.startDate.toString() === day)).toBe(true)
  // Source of the form: RFC 5545: the end of a day is the next.
  expect(read[0]!.endDate.toString()).toBe(dayAfter(read[0]!.startDate.toString(), 1))
  expect(read.some(({ summary }) => summary.includes('permit'))).toBe(true)
  expect(read.some(({ summary }) => summary.includes('finished by'))).toBe(true)
  expect(file).not.toMatch(/\$/)
})

test('on the walls each item stands at its place with the numbers of its days', () => {
  const pieces = onTheWalls(alder, plan.first)
  const numbers = dayNumbers(alder)
  expect(numbers.get(plan.first)).toBe(1)
  expect(Math.max(...numbers.values())).toBe(plan.work_days)
  for (const piece of pieces) {
    const units = plan.units.filter((unit) => pieceKey(unit) === piece.key)
    const mine = units.flatMap(({ days }) => days.map(({ day }) => numbers.get(day)!))
    const [from, to] = [Math.min(...mine), Math.max(...mine)]
    expect(piece.label).toBe(from === to ? `${from}` : `${from}–${to}`)
    expect(piece.state).toBe(mine.includes(1) ? 'shown' : 'later')
    expect(piece.to).toBeGreaterThanOrEqual(piece.from)
  }
})

test('a crew is taken for as many people as its hours fill', () => {
  for (const { day, people } of crewDays(plan)) {
    const hours = plan.days.find((each) => each.day === day)!.planned_h
    expect(people).toBeLessThanOrEqual(2)
    expect(people * plan.day_h).toBeGreaterThanOrEqual(Math.min(hours, 2 * plan.day_h) - 0.01)
  }
})

test('why and what is wrong are said with names, never with keys', () => {
  const fascia = at(1, 'fascia')
  const own = house({ findings: [fascia], work_items: [mend('board', [fascia], 'piece-in')] })
  const words = [
    ...plan.units.map(({ why }) => whyWords(why, alder)),
    ...plan.troubles.map((trouble) => troubleWords(trouble, alder)),
    ...own.plan.units.map(({ why }) => whyWords(why, own)),
  ]
  for (const line of words) {
    expect(line).toMatch(/^[A-Z0-9].*[.]$/s)
    expect(line).not.toMatch(/repair-|side-[a-z]|undefined|\//)
  }
})

test('the bid says the planned days once a first day is set, and not before', () => {
  const clause = (of: typeof alder): string => of.bid.clauses.find(({ number }) => number === 41)?.text ?? ''
  expect(clause(alder)).toContain(`about ${plan.work_days} working days`)
  expect(clause(derive({ ...DEMO_JOBS['alder-house'](), plan: null }, DAY))).toBe('')
})
