import { toFeet, toInches, type Length } from '../../measure'
import { JOIST_DEPTH_IN } from '../../catalogue/measures/floorTables'
import { MEASURED_SAYS } from '../../catalogue/sentences/measured'
import type { JobDocument, SurveyOf } from '../../job'
import { memberRegister, supportLoads, supportRegister } from '../register'
import { joistCuts, joistSpan, liftPlan, timberPath } from '../frame'
import { homePiers } from '../home'
import { layOut } from '../layout'
import { known } from './known'
import { read, said, type Measure, type SurveyRead } from './surveyRead'
import { sideWords } from './walls'

const inches = (length: Length | null): number | null => (length === null ? null : toInches(length))

type FrameSurvey = SurveyOf<'frame'>

/** What hangs on the supports, where each has its place on the line and the joists were measured. */
function loadsOf(survey: FrameSurvey): ReturnType<typeof supportLoads> | null {
  const placed = known(survey.supports, 'along')
  if (placed.length === 0 || placed.length < survey.supports.length || survey.joist_span === null) return null
  const along = placed.map(({ support, along }) => ({ support, along_ft: toFeet(along) }))
  return supportLoads({
    supports: along,
    girder_ft: Math.max(
      survey.girder === null ? 0 : toFeet(survey.girder),
      ...along.map(({ along_ft }) => along_ft),
    ),
    spans_ft: [toFeet(survey.joist_span), survey.other_span === null ? 0 : toFeet(survey.other_span)],
    floors: survey.floors,
    use: survey.use,
    wall: survey.wall_above,
  })
}

/** Counts of the register that show a sign. None at all only where every support was looked at. */
function supportMeasures({ supports, members }: FrameSurvey): Measure[] {
  const stand = (...how: readonly (typeof supports)[number]['stands'][]): number =>
    supports.filter(({ stands }) => how.includes(stands)).length
  const on = (base: (typeof supports)[number]['on']): number =>
    supports.filter((each) => each.on === base).length
  const { off, unseen } = supportRegister(supports).result
  return [
    { id: 'supports-leaning', value: stand('leaning') },
    { id: 'supports-not-touching', value: stand('loose', 'not-touching') },
    { id: 'supports-sunk', value: stand('sunk') },
    { id: 'supports-on-soil', value: on('soil') },
    { id: 'supports-on-blocks', value: on('loose-blocks') },
    ...(supports.length > 0 && unseen.length === 0
      ? [{ id: 'supports-off' as const, value: off.length }]
      : []),
    { id: 'ends-not-bearing', value: members.filter(({ bearing }) => bearing === 0).length },
  ]
}

export function readFrame(survey: SurveyOf<'frame'>): SurveyRead {
  const where = survey.floor.trim() || 'a floor'
  const at = { kind: 'floor' as const, floor: survey.floor.trim() }
  const { joist, joist_spacing_in, joist_span, hatch, clearance } = survey
  const span =
    joist === null || joist_spacing_in === null || joist_span === null
      ? null
      : joistSpan({
          wood: survey.wood,
          use: survey.use,
          size: joist,
          spacing_in: joist_spacing_in,
          span_in: toInches(joist_span),
        })
  const cuts =
    joist === null || (survey.notch === null && survey.hole === null)
      ? null
      : joistCuts({
          size: joist,
          notch_in: inches(survey.notch),
          notch_at_end: survey.notch_at_end,
          hole_in: inches(survey.hole),
        })
  const path =
    hatch === null || clearance === null || joist === null
      ? null
      : timberPath({
          hatch_in: toInches(hatch),
          clearance_in: toInches(clearance),
          depth_in: JOIST_DEPTH_IN[joist],
        })
  const lifts = known(survey.supports, 'lift')
  const lift =
    lifts.length === 0
      ? null
      : liftPlan(lifts.map((each) => ({ support: each.support, lift_in: toInches(each.lift) })))
  const { supports } = survey
  const stood = supports.length === 0 ? null : supportRegister(supports)
  const members =
    survey.members.length === 0
      ? null
      : memberRegister(survey.members.map((each) => ({ ...each, bearing_in: inches(each.bearing) })))
  const computed = [span, cuts, stood, members, loadsOf(survey), path, lift].filter(
    (each): each is NonNullable<typeof each> => each !== null,
  )
  const tooCut = cuts?.result.notchTooDeep === true || cuts?.result.holeTooLarge === true
  const measures: Measure[] = [
    ...(span === null ? [] : [{ id: 'joist-over-table' as const, value: span.result === 'inside' ? 0 : 1 }]),
    ...(cuts === null ? [] : [{ id: 'joist-over-cut' as const, value: tooCut ? 1 : 0 }]),
    ...supportMeasures(survey),
  ]
  return read(survey, {
    where,
    at,
    says:
      computed.length === 0
        ? 'Say the joists, their spacing and span.'
        : computed.map((each) => each.says).join(' '),
    plain: [
      ...(span !== null && span.result !== 'inside' ? [MEASURED_SAYS.joistsOver(where.toLowerCase())] : []),
      ...(tooCut ? [MEASURED_SAYS.joistsCut(where.toLowerCase())] : []),
      ...(stood && stood.result.off.length > 0
        ? [MEASURED_SAYS.supportsOff(stood.result.off.length, supports.length)]
        : []),
      ...(members && members.result.unsound.length > 0
        ? [MEASURED_SAYS.membersOff(members.result.unsound.length, known(survey.members, 'state').length)]
        : []),
    ],
    computed: computed,
    measures,
  })
}

export function readHome(survey: SurveyOf<'home'>): SurveyRead {
  const where = survey.rail.trim() || 'a rail'
  const computed = homePiers({
    spacing_ft: survey.spacing === null ? null : toFeet(survey.spacing),
    roof_psf: survey.roof_psf,
    soil: survey.soil,
    pad_in: inches(survey.pad),
    pad_thick_in: inches(survey.pad_thick),
    piers: survey.piers.map((each) => ({
      pier: each.pier,
      height_in: toInches(each.height),
      level_in: inches(each.level),
      double: each.double,
    })),
  })
  const off = known(survey.piers, 'stands').filter((each) => each.stands !== 'plumb')
  const stand = (how: 'leaning' | 'sunk' | 'loose'): number =>
    survey.piers.filter(({ stands }) => stands === how).length
  const levels = survey.piers.flatMap((each) => inches(each.level) ?? [])
  const range = levels.length < 2 ? 0 : Math.max(...levels) - Math.min(...levels)
  return read(survey, {
    where,
    // The whole floor of a home stands on its rails. Piers differ one by one, though: where the survey names findings it speaks for those.
    at: survey.finding_ids.length > 0 ? { kind: 'nowhere' } : { kind: 'floor', floor: survey.rail.trim() },
    says: [
      survey.piers.length === 0
        ? 'No pier yet.'
        : `${survey.piers.length} piers, ${off.length} not as they should stand.`,
      computed.says,
    ]
      .filter(Boolean)
      .join(' '),
    plain: [
      ...(range > 0.25 ? [MEASURED_SAYS.railLow(where.toLowerCase(), said(range))] : []),
      ...(off.length > 0 ? [MEASURED_SAYS.piersOff(off.length, survey.piers.length)] : []),
    ],
    computed: [computed],
    measures:
      survey.piers.length === 0
        ? []
        : [
            { id: 'piers-leaning', value: stand('leaning') },
            { id: 'piers-sunk', value: stand('sunk') },
            { id: 'piers-loose', value: stand('loose') },
            // Only where each was looked at do all stand as they should.
            ...(off.length > 0 || survey.piers.every((each) => each.stands !== null)
              ? [{ id: 'piers-off' as const, value: off.length }]
              : []),
          ],
    series:
      levels.length < 2
        ? []
        : [
            {
              name: 'rail',
              points: survey.piers.flatMap((each, index) =>
                each.level === null
                  ? []
                  : [
                      {
                        at: index * (survey.spacing === null ? 1 : toFeet(survey.spacing)),
                        value: toInches(each.level),
                      },
                    ],
              ),
            },
          ],
  })
}

export function readLayout(survey: SurveyOf<'layout'>, job: JobDocument): SurveyRead {
  const feet = (length: Length | null): number | null => (length === null ? null : toFeet(length))
  const computed = layOut({
    what: survey.what,
    from_ft: toFeet(survey.from),
    to_ft: toFeet(survey.to),
    spacing_ft: feet(survey.spacing),
    paving_ft: feet(survey.paving),
    to_line_ft: feet(survey.to_line),
  })
  return read(survey, {
    where: sideWords(survey.side_id, job),
    at: { kind: 'nowhere' },
    says: computed.says,
    computed: [computed],
  })
}
