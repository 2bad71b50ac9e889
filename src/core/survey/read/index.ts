import { placeWords } from '../../geometry/whereOf'
import { byId, type JobDocument, type Survey, type SurveyOf } from '../../job'
import { alongFall, earlierFloor, floorFell, levelsOf, readFloor } from './floors'
import {
  movementVerdict,
  READ_LEVELS,
  READ_PLUMB,
  SECOND_SURVEY,
  type Measured,
  type Verdict,
} from '../verdict'
import { readFrame, readHome, readLayout } from './structure'
import { isBegun } from './standing'
import type { SurveyRead } from './surveyRead'
import { crackOf, dropsOf, readCourses, readCrack, readGround, readPlumb, shapesOf, sideWords } from './walls'
import { readAir, readDeck, readGutter, readVents } from './waterAndDeck'

export type { Measure, Series, Shown, SurveyAt, SurveyRead } from './surveyRead'
export { shownBy } from './surveyRead'
export { known } from './known'
export { isBegun, standing } from './standing'
export { levelsOf, type FloorLevels, type NamedPoint } from './floors'
export { readMoisture, sizesOf } from './waterAndDeck'
export { crackOf, dropsOf, shapesOf } from './walls'

/** One survey worked out. */
export function readSurvey(survey: Survey, job: JobDocument): SurveyRead {
  switch (survey.kind) {
    case 'courses':
      return readCourses(survey, job)
    case 'floor':
      return readFloor(survey, job)
    case 'plumb':
      return readPlumb(survey, job)
    case 'crack': {
      const finding = byId(job.findings, survey.finding_ids[0])
      return readCrack(survey, placeWords(finding ? finding.place : survey.place, job))
    }
    case 'ground':
      return readGround(survey, job)
    case 'gutter':
      return readGutter(survey, job)
    case 'vents':
      return readVents(survey)
    case 'air':
      return readAir(survey)
    case 'deck':
      return readDeck(survey, job)
    case 'frame':
      return readFrame(survey)
    case 'home':
      return readHome(survey)
    case 'layout':
      return readLayout(survey, job)
  }
}

/** What the surveys of one wall or one floor say together of whether it moved. */
export type PlaceVerdict = {
  readonly at:
    { readonly kind: 'side'; readonly side_id: string } | { readonly kind: 'floor'; readonly floor: string }
  readonly where: string
  readonly verdict: Verdict
  readonly survey_ids: readonly string[]
}

export type Surveys = {
  readonly read: readonly SurveyRead[]
  readonly verdicts: readonly PlaceVerdict[]
}

/** The latest of a kind at a place. */
function latest<S extends Survey>(surveys: readonly S[]): S | null {
  return [...surveys].sort((a, b) => (a.day < b.day ? -1 : 1)).at(-1) ?? null
}

function isOf<K extends Survey['kind']>(kind: K): (survey: Survey) => survey is SurveyOf<K> {
  return (survey): survey is SurveyOf<K> => survey.kind === kind
}

/** Signs that were seen beside and that the verdict asks for. */
function besides(
  job: JobDocument,
  isThere: (finding: JobDocument['findings'][number]) => boolean,
): Pick<Measured, 'rustAtSteel' | 'ridgeSagsWithoutTies' | 'trimmedLongAgo'> {
  const seen = new Set(
    job.findings
      .filter(isThere)
      .flatMap((finding) => finding.signs.flatMap((each) => (each.present ? [each.sign] : []))),
  )
  return {
    rustAtSteel: seen.has('lintel-bed-joint-lifted') || seen.has('rust-and-cover-lost'),
    ridgeSagsWithoutTies: seen.has('no-rafter-ties') || seen.has('ridge-sags-wall-out-at-top'),
    trimmedLongAgo: seen.has('trim-scribed-paint-unbroken'),
  }
}

function sideVerdict(side_id: string, job: JobDocument, reads: readonly SurveyRead[]): PlaceVerdict | null {
  const begun = new Set(reads.filter(isBegun).map((each) => each.survey_id))
  const here = job.surveys.filter(
    (each) => 'side_id' in each && each.side_id === side_id && begun.has(each.id),
  )
  const courses = latest(here.filter(isOf('courses')))
  const plumb = latest(here.filter(isOf('plumb')))
  if (!courses && !plumb) return null
  const cracks = job.surveys.filter(isOf('crack')).filter((each) => {
    const place = byId(job.findings, each.finding_ids[0])?.place ?? each.place
    return place.kind === 'side' && place.side_id === side_id
  })
  const read = courses && reads.find((each) => each.survey_id === courses.id)
  const fell = read?.measures.find((each) => each.id === 'fell-since')?.value ?? 0
  return {
    at: { kind: 'side', side_id },
    where: sideWords(side_id, job),
    verdict: movementVerdict({
      plane: null,
      across_ft: null,
      courses: courses ? dropsOf(courses) : [],
      walls: plumb ? shapesOf(plumb) : [],
      cracks: cracks.map(crackOf),
      ...besides(job, ({ place }) => place.kind === 'side' && place.side_id === side_id),
      middleHighest: false,
      fellSince: fell >= 0.125,
    }),
    survey_ids: [courses, plumb, ...cracks].flatMap((each) => (each ? [each.id] : [])),
  }
}

/** A floor hangs out of no plumb line: what would tell more of it is the same floor at a second date. */
function ofFloor(measured: Measured): Verdict {
  const verdict = movementVerdict(measured)
  return verdict.nextReading === READ_PLUMB ? { ...verdict, nextReading: SECOND_SURVEY } : verdict
}

function floorVerdict(floor: string, job: JobDocument, reads: readonly SurveyRead[]): PlaceVerdict | null {
  const begun = new Set(reads.filter(isBegun).map((each) => each.survey_id))
  const survey = latest(
    job.surveys
      .filter(isOf('floor'))
      .filter((each) => each.floor.trim().toLowerCase() === floor && begun.has(each.id)),
  )
  if (!survey) return null
  const levels = levelsOf(survey)
  if (levels.plane === null || levels.problem !== null) return null
  const earlier = earlierFloor(survey, job)
  const fell = earlier ? (floorFell(levelsOf(earlier), levels) ?? 0) : 0
  const cracks = job.surveys.filter(isOf('crack')).filter((each) => {
    const place = byId(job.findings, each.finding_ids[0])?.place ?? each.place
    return place.kind === 'room' || place.kind === 'crawl' || place.kind === 'words'
  })
  const read = reads.find((each) => each.survey_id === survey.id)
  return {
    at: { kind: 'floor', floor },
    where: survey.floor.trim() || 'a floor',
    verdict: ofFloor({
      plane: levels.plane,
      across_ft: alongFall(levels.points, levels.plane),
      courses: [],
      walls: [],
      cracks: cracks.map(crackOf),
      ...besides(job, ({ place }) => place.kind === 'room' || place.kind === 'crawl'),
      middleHighest: read?.shows.some((each) => each.sign === 'middle-or-porch-highest') ?? false,
      fellSince: fell >= 0.125,
    }),
    survey_ids: [survey, earlier, ...cracks].flatMap((each) => (each ? [each.id] : [])),
  }
}

const NONE: Surveys = { read: [], verdicts: [] }
const KEPT = new WeakMap<JobDocument, Surveys>()

/** Every survey of a job worked out, and what those of one wall or floor say together. Reckoned once for each job as it is. */
export function surveysOf(job: JobDocument): Surveys {
  if (job.surveys.length === 0) return NONE
  const known = KEPT.get(job)
  if (known) return known
  const made = workedOut(job)
  KEPT.set(job, made)
  return made
}

/** A reading that was taken elsewhere in the house already is not asked for again. */
function nextOnly(job: JobDocument, verdicts: readonly PlaceVerdict[]): PlaceVerdict[] {
  const has = (...kinds: Survey['kind'][]): boolean => job.surveys.some((each) => kinds.includes(each.kind))
  const taken = new Set<string>([
    ...(has('plumb') ? [READ_PLUMB] : []),
    ...(has('courses', 'floor') ? [READ_LEVELS] : []),
  ])
  return verdicts.map((each) =>
    each.verdict.nextReading !== null && taken.has(each.verdict.nextReading)
      ? { ...each, verdict: { ...each.verdict, nextReading: null } }
      : each,
  )
}

function workedOut(job: JobDocument): Surveys {
  const read = job.surveys.map((survey) => readSurvey(survey, job))
  const floors = [
    ...new Set(job.surveys.filter(isOf('floor')).map((each) => each.floor.trim().toLowerCase())),
  ]
  return {
    read,
    verdicts: nextOnly(job, [
      ...job.sides.flatMap((side) => sideVerdict(side.id, job, read) ?? []),
      ...floors.flatMap((floor) => floorVerdict(floor, job, read) ?? []),
    ]),
  }
}
