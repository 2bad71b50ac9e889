import { describe, expect, test } from '@jest/globals'
import { frameSurvey } from '../../../tests/support/surveys'
import { sillNose, smallHouse } from '../../../tests/support/jobs'
import type { Finding, JobDocument, Survey, SurveyOf } from '../job'
import { feet, inches } from '../measure'
import { evidenceFor } from './evidence'
import { surveyEvidenceOf } from './surveyEvidence'
import { traceJob } from './traceJob'

const base = { removed: false, day: '2026-03-04', by: 'Dov', instrument: '', note: '', finding_ids: [] }
const plumb = (middle_in: number, of: Partial<Survey> = {}): Survey =>
  ({
    ...base,
    id: 'p',
    kind: 'plumb',
    side_id: 'side-a',
    height: feet(7),
    foot_as_built: null,
    stations: [10, 16].map((station) => ({
      station: feet(station),
      foot: inches(0),
      middle: inches(middle_in),
      top: inches(0),
    })),
    ...of,
  }) as Survey
const at = (side_id: string, ft: number): Finding['place'] => ({
  kind: 'side',
  side_id,
  station: feet(ft),
  height: { value: feet(1), from: 'grade' },
  feature_id: null,
})
const wall = (of: Partial<Finding> = {}): Finding =>
  sillNose({
    component: 'foundation-wall',
    stated_grade: null,
    how_known: 'seen-close',
    signs: [],
    place: at('side-a', 12),
    ...of,
  })
const job = (finding: Finding, ...surveys: Survey[]): JobDocument => ({
  ...smallHouse({ findings: [finding] }),
  surveys,
})
const signsAt = (finding: Finding, ...surveys: Survey[]): string[] =>
  surveyEvidenceOf(job(finding, ...surveys))(finding).map(
    (each) => `${each.present ? '' : 'no '}${each.sign}`,
  )

describe('where a survey speaks', () => {
  test('at what lies along it, and a little beside', () => {
    expect(signsAt(wall(), plumb(1))).toContain('wall-bowed')
    expect(signsAt(wall({ place: at('side-a', 21) }), plumb(1))).toContain('wall-bowed')
    expect(signsAt(wall({ place: at('side-a', 30) }), plumb(1))).toEqual([])
    expect(signsAt(wall({ place: at('side-b', 12) }), plumb(1))).toEqual([])
  })
  test('inside by the wall it is nearest to, or where it was made for it', () => {
    const room: Finding['place'] = { kind: 'room', room: 'basement' }
    const spot = { side_id: 'side-a', station: feet(12), in_from_wall: feet(0) }
    expect(signsAt(wall({ place: room }), plumb(1))).toEqual([])
    expect(signsAt(wall({ place: room, spot }), plumb(1))).toContain('wall-bowed')
    expect(signsAt(wall({ place: room }), plumb(1, { finding_ids: [wall().id] }))).toContain('wall-bowed')
  })
  test('only at parts that its causes damage', () => {
    expect(signsAt(wall({ component: 'sill-nose' }), plumb(1))).toEqual([])
  })
  test('the later of two dates', () => {
    const both = [plumb(0, { id: 'p2', day: '2026-09-01' }), plumb(1)]
    expect(signsAt(wall(), ...both)).toContain('no wall-bowed')
    expect(signsAt(wall(), ...both)).not.toContain('wall-bowed')
  })
  test('a later look at another stretch takes nothing from this one', () => {
    const other = plumb(0, {
      id: 'p2',
      day: '2026-09-01',
      stations: [30, 36].map((station) => ({
        station: feet(station),
        foot: inches(0),
        middle: inches(0),
        top: inches(0),
      })),
    })
    expect(signsAt(wall(), plumb(1), other)).toContain('wall-bowed')
  })
})

describe('supports of a floor', () => {
  const loose = { support: 'post 1', along: null, stands: 'loose', on: 'loose-blocks', lift: null } as const
  const frame = (of: Partial<SurveyOf<'frame'>> = {}): Survey => frameSurvey({ supports: [loose], ...of })
  const below = (of: Partial<Finding>): Finding =>
    sillNose({ component: 'girder', stated_grade: null, signs: [], place: { kind: 'none' }, ...of })

  test('speak of a girder whose place nobody noted, and of a joist that is not soft', () => {
    expect(signsAt(below({}), frame())).toContain('daylight-in-bearing')
    expect(signsAt(below({ component: 'joist', stated_grade: 1 }), frame())).toContain('daylight-in-bearing')
  })
  test('a girder that shows nothing of water is not laid to the damp below the floor where they stand loose', () => {
    const damp = {
      id: 'finding-2',
      number: 2,
      component: 'crawl-floor',
      place: { kind: 'crawl', words: '' },
    } as const
    const ground: Finding = sillNose({
      ...damp,
      stated_grade: null,
      signs: [{ sign: 'ground-bare', how: 'touched', present: true }],
    })
    const cause = (grade: 0 | 1 | 2 | null, ...surveys: Survey[]): string | null => {
      const house = smallHouse({ findings: [below({ stated_grade: grade }), ground] })
      return traceJob({ ...house, surveys }).findings.find(({ finding_id }) => finding_id === sillNose().id)!
        .cause
    }
    expect(cause(null)).toBe('crawl-vapour')
    expect(['home-made-support', 'pier-displaced']).toContain(cause(null, frame()))
    // Soft wood has been wet, however its supports stand.
    expect(cause(2, frame())).toBe('crawl-vapour')
  })
  test('say nothing of why a joist is soft, unless the survey was made for it', () => {
    const soft = below({ component: 'joist', stated_grade: 2 })
    expect(signsAt(soft, frame())).toEqual([])
    expect(signsAt(soft, frame({ finding_ids: [soft.id] }))).toContain('daylight-in-bearing')
  })
})

describe('piers of a home', () => {
  const rail = (of: Partial<Extract<Survey, { kind: 'home' }>> = {}): Survey => ({
    id: 'rail',
    removed: false,
    day: '2026-05-04',
    by: '',
    instrument: '',
    note: '',
    finding_ids: [],
    kind: 'home',
    rail: 'front rail',
    spacing: feet(8),
    roof_psf: 20,
    soil: 'untested',
    pad: null,
    pad_thick: null,
    piers: (['plumb', 'sunk'] as const).map((stands, index) => ({
      pier: String(index + 1),
      height: inches(28),
      level: inches(-index),
      double: false,
      stands,
    })),
    ...of,
  })
  const low = sillNose({
    component: 'floor',
    stated_grade: null,
    place: { kind: 'room', room: 'kitchen' },
    signs: [{ sign: 'falls-to-one-side', how: 'touched', present: true }],
  })
  const shown = (survey: Survey): readonly string[] =>
    surveyEvidenceOf({ ...smallHouse({ findings: [low] }), surveys: [survey] })(low).map(({ sign }) => sign)
  test('speak for a floor that is low in a room, unless they were read for something else', () => {
    expect(shown(rail())).not.toEqual([])
    expect(shown(rail({ finding_ids: ['another'] }))).toEqual([])
  })
})

test('a measurement stands for a glance, never for what was touched', () => {
  const glanced = (how: Finding['how_known']): Finding =>
    wall({ signs: [{ sign: 'wall-bowed', how, present: true }] })
  const known = (how: Finding['how_known']): { how: string; present: boolean }[] => {
    const finding = glanced(how)
    const of = job(finding, plumb(0))
    return evidenceFor(finding, of, surveyEvidenceOf(of)).filter((each) => each.sign === 'wall-bowed')
  }
  expect(known('from-ground')).toEqual([expect.objectContaining({ how: 'instrument', present: false })])
  expect(known('touched')).toEqual([expect.objectContaining({ how: 'touched', present: true })])
})

test('a wall measured to belly in is pushed, and one measured to be plumb is not', () => {
  const cause = (...surveys: Survey[]): string | null => traceJob(job(wall(), ...surveys)).findings[0]!.cause
  expect(cause()).toBeNull()
  expect(cause(plumb(0.75))).toBe('lateral-pressure')
  expect(cause(plumb(0))).toBeNull()
})

test('the last moisture reading of a finding is read, set right for the cold', () => {
  const finding = sillNose()
  const reading = (id: string, moisture_percent: number, wood_temperature_c: number | null) => ({
    kind: 'reading' as const,
    id,
    by: 'Dov',
    at: '2026-03-04T10:00:00Z',
    about: { kind: 'finding' as const, finding_id: finding.id },
    moisture_percent,
    reference_percent: null,
    at_height: null,
    species: '',
    species_points: null,
    wood_temperature_c,
    instrument: '',
  })
  const of = (...facts: ReturnType<typeof reading>[]): string[] =>
    surveyEvidenceOf({ ...smallHouse({ findings: [finding] }), facts })(finding).map(
      (each) => `${each.present ? '' : 'no '}${each.sign}`,
    )
  expect(of(reading('r1', 21, null))).not.toContain('wet-over-22')
  expect(of(reading('r1', 21, -1.11))).toContain('wet-over-22')
  expect(of(reading('r1', 30, null), reading('r2', 12, null))).toContain('no wet-over-22')
})

test('how supports stand is no word about what is noted under the floor without its part', () => {
  const blocks = {
    support: 'post 1',
    along: null,
    stands: 'plumb' as const,
    on: 'loose-blocks' as const,
    lift: null,
  }
  const frame = frameSurvey({ supports: [blocks] })
  const below = (of: Partial<Finding>): Finding =>
    wall({ component: null, place: { kind: 'crawl', words: '' }, ...of })
  expect(signsAt(below({ words: 'hatch in a closet' }), frame)).toEqual([])
  expect(signsAt(below({ component: 'pier' }), frame)).toContain('jack-without-pad')
  const leaning = { sign: 'pier-leaning', how: 'seen-close' as const, present: true }
  expect(signsAt(below({ signs: [leaning] }), frame)).toContain('jack-without-pad')
})
