import type { Survey, SurveyKind } from '../../../core/job'
import { feet, inches } from '../../../core/measure'
import type { Row } from './fieldSpecs'
import { SURVEY_FORMS } from './forms'

type Begun = {
  readonly id: string
  readonly day: string
  readonly by: string
  readonly side_id: string | null
}

/** A survey as it begins; null for one of a wall where no wall is drawn yet. */
export function freshSurvey(kind: SurveyKind, of: Begun): Survey | null {
  const { id, day, by, side_id } = of
  const base = { id, removed: false, day, by, instrument: '', note: '', finding_ids: [] }
  const wall = (make: (side_id: string) => Survey): Survey | null => (side_id === null ? null : make(side_id))
  switch (kind) {
    case 'courses':
      return wall((side_id) => ({
        ...base,
        kind,
        side_id,
        course: inches(8),
        joint: inches(0.375),
        readings: [],
      }))
    case 'plumb':
      return wall((side_id) => ({
        ...base,
        kind,
        side_id,
        height: feet(7),
        foot_as_built: null,
        stations: [],
      }))
    case 'ground':
      return wall((side_id) => ({ ...base, kind, side_id, stations: [] }))
    case 'gutter':
      return wall((side_id) => ({
        ...base,
        kind,
        side_id,
        shape: 'unknown',
        width: null,
        fall: null,
        roofs: [],
        rain_hour_in: null,
        rain_five_minutes_in: null,
        downspouts: null,
        downspout_in2: null,
        goes_to: '',
      }))
    case 'floor':
      return { ...base, kind, floor: 'Ground floor', readings: [] }
    case 'crack':
      return {
        ...base,
        kind,
        place: { kind: 'none' },
        run: 'vertical',
        masonry: true,
        filled_before: false,
        readings: [],
      }
    case 'vents':
      return { ...base, kind, space: 'crawl', floor_ft2: null, covered: false, balanced: false, openings: [] }
    case 'air':
      return { ...base, kind, space: '', readings: [] }
    case 'frame':
      return {
        ...base,
        kind,
        floor: 'Ground floor',
        wood: 'unknown',
        use: 'living',
        joist: null,
        joist_spacing_in: null,
        joist_span: null,
        notch: null,
        notch_at_end: false,
        hole: null,
        hatch: null,
        clearance: null,
        other_span: null,
        girder: null,
        line_side_id: null,
        line_from: null,
        line_in: null,
        floors: 1,
        wall_above: 'none',
        supports: [],
        members: [],
      }
    case 'home':
      return {
        ...base,
        kind,
        rail: 'Middle line',
        spacing: null,
        roof_psf: null,
        soil: 'untested',
        pad: null,
        pad_thick: null,
        piers: [],
      }
    case 'layout':
      return wall((side_id) => ({
        ...base,
        kind,
        side_id,
        what: 'anchors',
        from: feet(0),
        to: feet(0),
        spacing: null,
        paving: null,
        to_line: null,
      }))
    case 'deck':
      return {
        ...base,
        kind,
        feature_id: null,
        answers: [],
        wood: 'unknown',
        joist: null,
        joist_spacing_in: null,
        joist_span: null,
        beam: null,
        beam_plies: null,
        beam_span: null,
        post: null,
        post_height: null,
        ledger_by: 'unknown',
        ledger_spacing: null,
        guard_height: null,
        guard_opening: null,
      }
  }
}

/** The same survey at a later date: its points and stations as they were, what was read there to be read again. */
export function againSurvey(survey: Survey, of: Omit<Begun, 'side_id'>): Survey {
  const { tables } = SURVEY_FORMS[survey.kind]
  const later = { ...survey, ...of }
  if (later.kind === 'deck') return { ...later, answers: [] }
  const held = survey as unknown as Record<string, readonly Row[]>
  const kept = tables.map(({ key, next }) => {
    const rows = held[key] ?? []
    const unread = Object.fromEntries(Object.entries(next(rows)).filter(([, value]) => value === null))
    return [key, rows.map((row) => ({ ...row, ...unread }))] as const
  })
  return { ...later, ...Object.fromEntries(kept) }
}
