import { DECK_POINTS, deckPoint } from '../../catalogue/measures/deckPoints'
import { DECK_SIZES, MEASURED_SAYS } from '../../catalogue/sentences/measured'
import { byId, factsOf, type JobDocument, type SurveyOf } from '../../job'
import { toFeet, toInches } from '../../measure'
import { airOf, MILDEW_FROM_PERCENT, moistureOf } from '../air'
import type { Computed } from '../computed'
import { deckSizes, type DeckSizes } from '../deck'
import { downspoutByTrade, gutterByCode } from '../runOff'
import { atticVents, crawlVents } from '../vents'
import { known } from './known'
import { read, type Measure, type SurveyAt, type SurveyRead } from './surveyRead'
import { facingOf, sideWords } from './walls'

export function readGutter(survey: SurveyOf<'gutter'>, job: JobDocument): SurveyRead {
  const where = sideWords(survey.side_id, job)
  const side = byId(job.sides, survey.side_id)
  const at: SurveyAt = {
    kind: 'side',
    side_id: survey.side_id,
    from_ft: 0,
    to_ft: side?.length ? toFeet(side.length) : 0,
  }
  const { roofs, rain_hour_in, rain_five_minutes_in, fall } = survey
  const plan = roofs.reduce((sum, each) => sum + each.plan_ft2, 0)
  if (roofs.length === 0 || plan === 0)
    return read(survey, { where, at, says: 'Say which roof slopes drain to it, and how much of each.' })
  const width = survey.width === null ? null : Math.round(toInches(survey.width))
  // A square-backed gutter is taken as a half-round of its width: its own figures are optimistic. Our judgement.
  const hung = survey.shape === 'half-round' || survey.shape === 'square-backed' ? width : null
  const code =
    rain_hour_in === null || fall === null
      ? null
      : gutterByCode({ roofs, rain_in_h: rain_hour_in, slope: fall, hung_in: hung })
  const trade =
    rain_five_minutes_in === null ? null : downspoutByTrade({ roofs, rain_in_h: rain_five_minutes_in })
  const there =
    survey.downspouts === null || survey.downspout_in2 === null
      ? null
      : survey.downspouts * survey.downspout_in2
  const short = trade?.result && there !== null ? Math.max(0, trade.result.least_in2 - there) : null
  const computed: Computed<unknown>[] = [...(code ? [code] : []), ...(trade ? [trade] : [])]
  const missing = [
    ...(rain_hour_in === null ? ['the rain of an hour'] : []),
    ...(fall === null ? ['the fall of the gutter'] : []),
    ...(rain_five_minutes_in === null ? ['the rain of five minutes'] : []),
  ]
  return read(survey, {
    where,
    at,
    says: [
      code ? code.says : '',
      short === null
        ? (trade?.says ?? '')
        : short > 0
          ? `Downspouts ${there!.toFixed(1)} in²: ${short.toFixed(1)} in² short.`
          : `Downspouts ${there!.toFixed(1)} in²: no less than is asked.`,
      survey.goes_to
        ? `The water goes to ${survey.goes_to}.`
        : 'Where its water goes is not said: name the outlet.',
      missing.length > 0 ? `Not said yet: ${missing.join(', ')}.` : '',
    ]
      .filter(Boolean)
      .join(' '),
    plain: [
      ...(code?.result.hungCarries === false
        ? [MEASURED_SAYS.gutterSmall(facingOf(survey.side_id, job))]
        : []),
      ...(short !== null && short > 0 ? [MEASURED_SAYS.downspoutShort(facingOf(survey.side_id, job))] : []),
    ],
    computed,
    measures: [
      { id: 'gutters-roofs', value: roofs.length },
      ...(short === null ? [] : [{ id: 'downspout-short' as const, value: short }]),
    ],
  })
}

/** Free area of openings, square inches. */
export function free_in2(survey: SurveyOf<'vents'>): number {
  return survey.openings.reduce(
    (sum, each) =>
      sum + (each.count * toInches(each.width) * toInches(each.height) * each.free_percent) / 100,
    0,
  )
}

export function readVents(survey: SurveyOf<'vents'>): SurveyRead {
  const where = survey.space === 'crawl' ? 'crawl space' : 'attic'
  const at: SurveyAt = { kind: 'space', space: survey.space }
  if (survey.floor_ft2 === null || survey.floor_ft2 === 0)
    return read(survey, { where, at, says: 'Say how large its floor is.' })
  const there_in2 = survey.openings.length === 0 ? null : free_in2(survey)
  const computed =
    survey.space === 'crawl'
      ? crawlVents({
          floor_ft2: survey.floor_ft2,
          covered: survey.covered,
          across: survey.balanced,
          there_in2,
        })
      : atticVents({ attic_ft2: survey.floor_ft2, balanced: survey.balanced, there_in2 })
  const { least_in2, short_in2 } = computed.result
  return read(survey, {
    where,
    at,
    says: computed.says,
    plain:
      short_in2 !== null && short_in2 > 0
        ? [MEASURED_SAYS.ventsShort(where, Math.round(there_in2 ?? 0), Math.round(least_in2))]
        : [],
    computed: [computed],
  })
}

export function readAir(survey: SurveyOf<'air'>): SurveyRead {
  const where = survey.space.trim() || 'air'
  const indoors = !/crawl|attic|outside|outdoor/i.test(where)
  const at: SurveyAt = /crawl/i.test(where)
    ? { kind: 'space', space: 'crawl' }
    : /attic/i.test(where)
      ? { kind: 'space', space: 'attic' }
      : indoors
        ? { kind: 'space', space: 'rooms' }
        : { kind: 'nowhere' }
  const ordered = known(survey.readings, 'air_c', 'humidity_percent').sort((a, b) => (a.day < b.day ? -1 : 1))
  const last = ordered.at(-1)
  if (!last) return read(survey, { where, at, says: 'No reading yet.' })
  const computed = ordered.map((each) => airOf(each))
  return read(survey, {
    where,
    at,
    says: computed.at(-1)!.says,
    plain: [
      ...(computed.at(-1)!.result.equilibrium_percent >= MILDEW_FROM_PERCENT
        ? [MEASURED_SAYS.damp(where, Math.round(computed.at(-1)!.result.equilibrium_percent))]
        : []),
      ...(computed.at(-1)!.result.sweats === true ? [MEASURED_SAYS.sweats(where)] : []),
    ],
    computed,
    measures: indoors ? [{ id: 'indoor-humidity', value: last.humidity_percent }] : [],
    series:
      ordered.length < 2
        ? []
        : [
            {
              name: 'wood comes to, %',
              points: ordered.map((each, index) => ({
                at: Date.parse(each.day),
                value: computed[index]!.result.equilibrium_percent,
              })),
            },
          ],
  })
}

/** Sizes of a deck survey in inches, with the height of the deck it is of. */
export function sizesOf(survey: SurveyOf<'deck'>, job: JobDocument): DeckSizes {
  const feature = byId(job.features, survey.feature_id)
  const inches = (length: Parameters<typeof toInches>[0] | null): number | null =>
    length === null ? null : toInches(length)
  return {
    wood: survey.wood,
    joist: survey.joist,
    joist_spacing_in: survey.joist_spacing_in,
    joist_span_in: inches(survey.joist_span),
    beam: survey.beam,
    beam_plies: survey.beam_plies,
    beam_span_in: inches(survey.beam_span),
    post: survey.post,
    post_height_in: inches(survey.post_height),
    ledger_by: survey.ledger_by,
    ledger_spacing_in: inches(survey.ledger_spacing),
    guard_height_in: inches(survey.guard_height),
    guard_opening_in: inches(survey.guard_opening),
    height_in: feature?.kind === 'deck' || feature?.kind === 'porch' ? toInches(feature.deck_height) : null,
  }
}

export function readDeck(survey: SurveyOf<'deck'>, job: JobDocument): SurveyRead {
  const feature = byId(job.features, survey.feature_id)
  const letter = byId(job.sides, feature?.side_id)?.letter ?? ''
  const where = feature ? `deck ${letter}${feature.number}` : 'deck'
  const computed = deckSizes(sizesOf(survey, job))
  const wrong = survey.answers.filter((each) => each.answer === 'wrong').map((each) => deckPoint(each.point))
  const off = wrong.filter((each) => each?.keepsOff)
  const unseen = survey.answers.filter((each) => each.answer === 'not-seen').length
  const outside = computed.filter((each) => each.result !== 'inside')
  return read(survey, {
    where,
    at: { kind: 'deck', feature_id: survey.feature_id },
    says: [
      off.length > 0 ? `Keep off: ${off.map((each) => each!.wrong.toLowerCase()).join('; ')}.` : '',
      `${survey.answers.length} of ${DECK_POINTS.length} points looked at, ${wrong.length} wrong${unseen > 0 ? `, ${unseen} not seen` : ''}.`,
      computed.length > 0 ? `${outside.length} of ${computed.length} sizes outside their table.` : '',
    ]
      .filter(Boolean)
      .join(' '),
    plain:
      outside.length > 0
        ? [MEASURED_SAYS.deckSizes(outside.map(({ size }) => DECK_SIZES[size]).join(', '))]
        : [],
    computed,
  })
}

/** Every moisture reading of a job set right, with the finding it was taken at. */
export function readMoisture(job: JobDocument): {
  readonly fact_id: string
  readonly finding_id: string | null
  readonly day: string
  readonly computed: ReturnType<typeof moistureOf>
  readonly measures: readonly Measure[]
}[] {
  return factsOf(job, 'reading').map((fact) => {
    const computed = moistureOf({
      percent: fact.moisture_percent,
      reference_percent: fact.reference_percent,
      wood_c: fact.wood_temperature_c,
      species: fact.species,
      species_points: fact.species_points,
    })
    const finding_id = fact.about.kind === 'finding' ? fact.about.finding_id : null
    const place = byId(job.findings, finding_id)?.place
    const { percent } = computed.result
    return {
      fact_id: fact.id,
      finding_id,
      day: fact.at.slice(0, 10),
      computed,
      measures: [
        { id: 'moisture-percent', value: percent },
        ...(place?.kind === 'crawl' ? [{ id: 'crawl-moisture-percent' as const, value: percent }] : []),
      ],
    }
  })
}
