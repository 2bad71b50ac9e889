import type { Finding, JobDocument } from '../../src/core/job'
import { feet, inches } from '../../src/core/measure'
import { isNull, type CauseId } from '../../src/core/trace'
import { chanceFrom } from './chance'
import type { Said, Tracer } from './score'
import type { Truth } from './simulate'

type House = { readonly job: JobDocument; readonly truth: Truth }

/** Findings so far apart along a wall bear on each other; openings and fixtures reach a little further. */
const BESIDE = feet(2)
const ROUND = inches(30)
const STOREY = inches(12)
/** How often the houses are gone through, how fast a weight moves, and how strongly it is drawn back to nothing. */
const TIMES = 4
const STEP = 0.12
const DRAWN_BACK = 1e-6
/** A cause less likely than this at a finding adds nothing to a source. */
const LEAST = 0.05
/** Where a source is drawn: at the findings that have it as likely as this, or at all that have it. */
const PLACED_FROM = 0.3

type Run = {
  readonly side_id: string | null
  readonly left: number
  readonly right: number
  readonly height: number | null
}

function runOf({ place, spot, extent }: Finding): Run {
  const at = place.kind === 'side' ? place : spot
  const left = at ? at.station : 0
  return {
    side_id: at?.side_id ?? null,
    left,
    right: left + (extent ? extent.value : 0),
    height: place.kind === 'side' ? place.height.value : null,
  }
}

const featureOf = ({ place }: Finding): string | null => (place.kind === 'side' ? place.feature_id : null)
const near = (a: Run, b: { left: number; right: number }, within: number): boolean =>
  a.left - within <= b.right && b.left - within <= a.right

/** How one finding stands to another; null: not in each other’s way. */
function towards(one: Finding, other: Finding): string | null {
  if (featureOf(one) !== null && featureOf(one) === featureOf(other)) return 'at its opening'
  const [a, b] = [runOf(one), runOf(other)]
  if (a.side_id === null || a.side_id !== b.side_id || !near(a, b, BESIDE)) return null
  if (a.height === null || b.height === null) return a.height === b.height ? 'below too' : 'through the wall'
  if (b.height > a.height + STOREY) return 'above'
  return b.height < a.height - STOREY ? 'below' : 'level'
}

const isBad = (finding: Finding): boolean => finding.stated_grade !== 0
const signsOf = (finding: Finding): string[] =>
  finding.signs.flatMap(({ sign, present }) => (present ? [sign] : []))

/** All that is seen of one finding and of the house round it, each thing as a word. */
function wordsOf(job: JobDocument, findings: readonly Finding[]): ReadonlyMap<string, readonly string[]> {
  const often = new Map<string, number>()
  for (const sign of findings.flatMap(signsOf)) often.set(sign, (often.get(sign) ?? 0) + 1)
  // How common a sign is in this house, in fifths: a habit of the builder, or a slip of the walker.
  const common = [...often].map(
    ([sign, many]) => `${sign} ${Math.min(3, Math.floor((10 * many) / findings.length))}`,
  )
  const { house } = job
  const built = house?.year_built.kind === 'known' ? Math.floor(house.year_built.year / 15) : 'unknown'
  return new Map(
    findings.map((finding) => {
      const part = finding.component ?? 'none'
      const run = runOf(finding)
      const side = job.sides.find((each) => each.id === run.side_id)
      const stands = job.features.filter(
        (each) =>
          each.side_id === run.side_id &&
          near(run, { left: each.station, right: each.station + each.width }, ROUND),
      )
      const own = [
        `grade ${finding.stated_grade}`,
        ...signsOf(finding),
        `long ${Math.min(8, Math.floor((run.right - run.left) / feet(2)))}`,
        `high ${run.height === null ? 'inside' : Math.min(9, Math.floor(run.height / feet(2)))}`,
        `in ${finding.spot ? Math.min(5, Math.floor(finding.spot.in_from_wall / feet(2))) : 'no'}`,
        `opening ${job.features.find((each) => each.id === featureOf(finding))?.kind ?? 'no'}`,
        ...stands.map(({ kind }) => `by ${kind}`),
        `side ${side?.facing === house?.surroundings?.storm_side ? 'storm' : 'other'} ${side?.roof_edge ?? ''}`,
        `overhang ${Math.floor((side?.overhang ?? 0) / inches(6))}`,
        `built ${built} ${house?.surroundings?.irrigation ?? ''}`,
      ]
      const round = findings.flatMap((other) => {
        const how = other === finding ? null : towards(finding, other)
        if (how === null) return []
        const shown = signsOf(other).map((sign) => `${how === 'at its opening' ? how : 'near'}: ${sign}`)
        return [`${how} ${other.component ?? ''} ${isBad(other) ? 'bad' : 'sound'}`, ...shown]
      })
      const told = [...own, ...round, ...common.map((each) => `house: ${each}`)]
      return [finding.id, [...new Set(told.flatMap((each) => [each, `${part}: ${each}`])), part]]
    }),
  )
}

/**
 * What a reader could do who had seen thousands of such houses opened: causes by all that is noted of a finding and of the house round
 * it, as a logistic regression over words, learned on houses of the simulator itself. It says how much of the truth these houses show
 * at all; it is no tracer to be had, since nobody has thousands of real houses with the truth beside them.
 *
 * @param least from how likely a source is named
 */
export function learnedOn(houses: readonly House[]): (least: number) => Tracer {
  const causes = [...new Set(houses.flatMap(({ truth }) => [...truth.causes.values()].flat()))]
  const columns = new Map<string, number>()
  const columnsOf = (words: readonly string[], grows: boolean): number[] =>
    words.flatMap((word) => {
      const held = columns.get(word)
      if (held !== undefined) return [held]
      if (!grows) return []
      columns.set(word, columns.size)
      return [columns.size - 1]
    })
  const lessons = houses.flatMap(({ job, truth }) =>
    [...wordsOf(job, job.findings)].flatMap(([id, words]) => {
      const right = truth.causes.get(id)
      return right ? [{ at: columnsOf(words, true), right: right.map((cause) => causes.indexOf(cause)) }] : []
    }),
  )
  const many = causes.length
  const weights = new Float64Array(columns.size * many)
  const moved = new Float64Array(columns.size * many).fill(1e-8)
  const chances = (at: readonly number[]): number[] => {
    const scores = causes.map((_, cause) =>
      at.reduce((sum, column) => sum + weights[column * many + cause]!, 0),
    )
    const most = Math.max(...scores)
    const raised = scores.map((score) => Math.exp(score - most))
    const whole = raised.reduce((sum, each) => sum + each, 0)
    return raised.map((each) => each / whole)
  }
  const chance = chanceFrom(1)
  for (let time = 0; time < TIMES; time += 1) {
    for (let count = 0; count < lessons.length; count += 1) {
      const { at, right } = chance.one(lessons)
      const off = chances(at).map((each, cause) => each - (right.includes(cause) ? 1 / right.length : 0))
      for (const column of at) {
        for (let cause = 0; cause < many; cause += 1) {
          const index = column * many + cause
          const slope = off[cause]! + DRAWN_BACK * weights[index]!
          moved[index]! += slope * slope
          weights[index]! -= (STEP * slope) / Math.sqrt(moved[index]!)
        }
      }
    }
  }
  return (least) => ({
    name: `learned on the simulator, named from ${least}`,
    trace: (job) => said(job, least, (words) => chances(columnsOf(words, false)), causes),
  })
}

/** Sources as they are named: a cause at the same opening or on the same side, as likely as its findings together make it. */
function said(
  job: JobDocument,
  least: number,
  chancesOf: (words: readonly string[]) => readonly number[],
  causes: readonly CauseId[],
): Said {
  const top = new Map<string, { cause: CauseId; probability: number }>()
  const groups = new Map<string, { cause: CauseId; not: number; at: { finding: Finding; p: number }[] }>()
  const words = wordsOf(job, job.findings)
  for (const finding of job.findings.filter(isBad)) {
    const chances = chancesOf(words.get(finding.id)!)
    const best = chances.indexOf(Math.max(...chances))
    top.set(finding.id, { cause: causes[best]!, probability: chances[best]! })
    chances.forEach((p, index) => {
      const cause = causes[index]!
      if (p < LEAST || isNull(cause)) return
      const key = `${cause} ${featureOf(finding) ?? runOf(finding).side_id}`
      const group = groups.get(key) ?? { cause, not: 1, at: [] }
      group.at.push({ finding, p })
      groups.set(key, { ...group, not: group.not * (1 - p) })
    })
  }
  const sources = [...groups.values()].flatMap(({ cause, not, at }): Said['sources'][number][] => {
    if (1 - not < least) return []
    const sure = at.filter(({ p }) => p >= PLACED_FROM)
    const placed = sure.length > 0 ? sure : at
    return [
      {
        cause,
        probability: 1 - not,
        finding_ids: placed.map(({ finding }) => finding.id),
        places: placed.map(({ finding }) => {
          const run = runOf(finding)
          return {
            side_id: run.side_id ?? '',
            left_in: run.left / 64,
            right_in: run.right / 64,
            feature: featureOf(finding),
          }
        }),
      },
    ]
  })
  return { causes: top, sources }
}
