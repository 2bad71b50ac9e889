import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { jobOf } from '../../../tests/cases/build'
import { frameSurvey, homeSurvey } from '../../../tests/support/surveys'
import type { SurveyOf } from '../job'
import { frameFindings, homeFindings } from './frameFindings'

type Frame = SurveyOf<'frame'>
const support = (of: Partial<Frame['supports'][number]>, n: number) => ({
  ...{ support: `post ${n}`, along: null, stands: 'plumb' as const, on: 'footing' as const, lift: null },
  ...of,
})
const member = (name: string, state: Frame['members'][number]['state']) => ({
  ...{ member: name, state, bearing: null, bears_on: 'wood' as const },
})
const onBlocks = { on: 'loose-blocks' as const }
const FOUR = [onBlocks, { ...onBlocks, stands: 'loose' as const }, onBlocks, onBlocks].map((of, n) =>
  support(of, n + 1),
)
const job = (...found: string[]) => jobOf({ title: 'frame', found, cause: null })
const read = (survey: Partial<Frame>, ...found: string[]) =>
  frameFindings(frameSurvey(survey), job(...found)).map(({ part, as, count, finding_id }) => [
    part,
    as,
    count,
    finding_id,
  ])

test('supports that are off are one finding of so many, with what each shows', () => {
  const [write] = frameFindings(frameSurvey({ supports: [...FOUR, support({}, 5)] }), job())
  expect(write).toMatchObject({
    ...{ part: 'pier', as: 'finding', count: 4, grade: null, finding_id: null },
    signs: ['post-on-loose-pad', 'daylight-in-bearing'],
  })
  expect(write!.words).toContain('post 2 loose, on loose blocks')
  expect(frameFindings(frameSurvey({ supports: [support({}, 1)] }), job())).toEqual([])
})

test('a line of posts that nobody counted takes the number; what others say is taken off', () => {
  expect(read({ supports: FOUR }, 'pier | words below | post-on-loose-pad')).toEqual([
    ['pier', 'joined', 4, 'finding-1'],
  ])
  const two = ['pier | words below | post-on-loose-pad', 'pier | words below | daylight-in-bearing']
  expect(read({ supports: FOUR }, ...two)).toEqual([['pier', 'joined', 3, 'finding-1']])
})

test('members go by what is wrong with them, and as many as are told are told already', () => {
  const members = [
    ...[4, 5, 6].map((n) => member(`joist ${n}`, 'soft')),
    member('joist 7', 'broken'),
    member('girder', 'cut'),
    member('joist 8', 'damp'),
  ]
  expect(read({ members })).toEqual([
    ['joist', 'finding', 3, null],
    ['joist', 'finding', 1, null],
    ['girder', 'finding', 1, null],
  ])
  // One joist broken right through is told; the soft ones are others.
  expect(read({ members: members.slice(0, 4) }, 'joist | words below | 4')).toEqual([
    ['joist', 'finding', 3, null],
    ['joist', 'noted', 1, 'finding-1'],
  ])
})

test('piers of all rails of a home are one finding, by rail and pier; what is told is taken off', () => {
  const surveys = [
    homeSurvey('front rail', ['plumb', 'sunk', null, 'leaning']),
    homeSurvey('back rail', ['sunk', 'plumb']),
  ]
  const [write, ...more] = homeFindings({ ...job(), surveys })
  expect(more).toEqual([])
  expect(write).toMatchObject({
    part: 'home-pier',
    as: 'finding',
    count: 3,
    signs: ['support-sunk', 'pier-leaning'],
  })
  expect(write!.words).toBe('front rail 2 sunk; front rail 4 leaning; back rail 1 sunk')
  const told = homeFindings({ ...job('pier | words below | support-sunk'), surveys })
  expect(told.map(({ as, count, finding_id }) => [as, count, finding_id])).toEqual([
    ['joined', 3, 'finding-1'],
  ])
  expect(homeFindings({ ...job(), surveys: [homeSurvey('front rail', ['plumb', null])] })).toEqual([])
  // The demo's own home: six of its middle line are told as piers of a home, and stay six.
  const heron = DEMO_JOBS['heron-flats-12']()
  expect(homeFindings(heron).map(({ as, finding_id }) => [as, finding_id])).toEqual([['noted', 'finding-1']])
})
