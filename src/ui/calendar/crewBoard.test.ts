import { expect, test } from '@jest/globals'
import type { CalendarAnswer, PlannedJob } from '../../core/contract/plan'
import { crewBoard } from './crewBoard'

const job = (title: string, days: PlannedJob['days']): PlannedJob => ({
  id: title.toLowerCase(),
  title,
  address: '',
  first: days[0]!.day,
  last: days.at(-1)!.day,
  finish_by: null,
  spare_days: null,
  pushed_days: 0,
  pushed_by: [],
  days,
})

test('weeks from Monday, each crew where it is; a crew only a job knows stands there too', () => {
  const answer: CalendarAnswer = {
    calendar: { crews: [{ id: 'dov', name: 'Dov', people: 2 }], off: [{ day: '2026-05-07', why: 'fair' }] },
    jobs: [
      job('Kelp', [{ day: '2026-05-06', crew_id: 'dov', people: 1 }]),
      job('Alder', [
        { day: '2026-05-06', crew_id: 'dov', people: 1 },
        { day: '2026-05-12', crew_id: 'crew-1', people: 2 },
      ]),
    ],
  }
  const { crews, weeks } = crewBoard(answer)
  expect(crews.map(({ name }) => name)).toEqual(['Dov', 'A crew'])
  expect(weeks.map(({ from }) => from)).toEqual(['2026-05-04', '2026-05-11'])
  const wednesday = weeks[0]!.days[2]!
  expect(wednesday.at.get('dov')!.map(({ title }) => title)).toEqual(['Kelp', 'Alder'])
  expect(weeks[0]!.days[3]).toMatchObject({ day: '2026-05-07', off: 'fair' })
  expect(weeks[1]!.days[1]!.at.get('crew-1')).toHaveLength(1)
  expect(crewBoard({ ...answer, jobs: [] }).weeks).toEqual([])
})
