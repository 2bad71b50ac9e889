import type { Figure } from '../explain/figure'
import { rowsOf } from '../firmValues/rows'
import { FEATURE_WORDS, type JobDocument, type Side } from '../job'
import { formatLength, gableArea, rakeLength, rectangle, toFeet, toSquareFeet, type Length } from '../measure'
import { foundationTop, gableRise, groundAt, wallTop } from './heights'
import { eaveRun } from './roofEdge'
import { casingOf, drawnLength, featureBox, isOpening } from './walls'

/** Lengths and areas of one side, each open to its arithmetic. */
export type SideMeasures = {
  readonly side_id: string
  readonly gross: Figure
  readonly net: Figure
  readonly openings: Figure
  readonly gable: Figure
  readonly eave: Figure
  readonly rakes: Figure
  readonly soffit: Figure
  readonly corners: Figure
  readonly casings: Figure
  readonly base: Figure
}

const ft = (length: number): string => toFeet(length as Length).toFixed(2)
const ft2 = (area: number): string => area.toFixed(1)

/**
 * Foot of the cladding: the top of the foundation, or the ground where it lies higher. A sloping ground cuts a triangle off; its
 * area over the length is exact for a straight ground line.
 */
function buried(side: Side, job: JobDocument, length: Length): number {
  const foot = foundationTop(job.house, side)
  const over = (station: number): number => groundAt(side, station as Length) - foot
  const left = over(0)
  const right = over(length)
  if (left <= 0 && right <= 0) return 0
  if (left >= 0 && right >= 0) return ((left + right) / 2) * length
  const high = Math.max(left, right)
  const share = high / Math.abs(left - right)
  return (high * share * length) / 2
}

/** How the length is known, and between what and what it was guessed. */
function knownWords(side: Side): string {
  const { length_how, length_low, length_high } = side
  return length_how === 'guessed' && length_low !== null && length_high !== null
    ? `length guessed, ${formatLength(length_low)} to ${formatLength(length_high)}`
    : `length ${length_how}`
}

function openingsOf(side: Side, job: JobDocument): Figure[] {
  return job.features
    .filter((feature) => feature.side_id === side.id && isOpening(feature))
    .map((feature) => {
      const box = featureBox(feature, job)
      const [width, height] = [(box.right - box.left) as Length, (box.top - box.bottom) as Length]
      return {
        label: `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}`,
        value: toSquareFeet(rectangle({ width, height })),
        unit: 'ft²',
        how: `${formatLength(width)} × ${formatLength(height)}`,
        source: 'the walk',
      }
    })
}

/**
 * Measures a side: wall above its foundation with its gable, gross and net of the larger openings, its roof edges, soffit,
 * corners, casings and base.
 *
 * Ends: a side without a length is measured as drawn, and says so.
 * Source: plane geometry; the size above which an opening is deducted is a firm setting.
 */
export function sideMeasures(side: Side, job: JobDocument): SideMeasures {
  const length = drawnLength(side, job)
  const top = wallTop(side, job.house)
  const foot = foundationTop(job.house, side)
  const height = Math.max(0, top - foot) as Length
  const known = side.length === null ? 'as drawn, not measured yet' : knownWords(side)
  const gabled = side.roof_edge === 'gable'
  const gable_ft2 = gabled ? toSquareFeet(gableArea(length, side.pitch_in_12)) : 0
  const buried_ft2 = toSquareFeet(buried(side, job, length) as never)
  const wall_ft2 = toSquareFeet(rectangle({ width: length, height })) - buried_ft2
  const each = openingsOf(side, job)
  const above_ft2 = rowsOf(job.settings).deduct_above_ft2
  const deducted = each.filter((opening) => opening.value > above_ft2)
  const deducted_ft2 = deducted.reduce((sum, opening) => sum + opening.value, 0)
  const gable: Figure = {
    label: 'Gable',
    value: gable_ft2,
    unit: 'ft²',
    how: gabled
      ? `${ft(length)} ft × rise ${ft(gableRise(length, side.pitch_in_12))} ft ÷ 2`
      : 'no gable on this side',
    source: known,
  }
  const gross: Figure = {
    label: 'Wall, gross',
    value: wall_ft2 + gable_ft2,
    unit: 'ft²',
    how: `${ft(length)} ft × ${ft(height)} ft${buried_ft2 > 0 ? ` − ${ft2(buried_ft2)} ft² below the ground line` : ''}${gabled ? ` + gable ${ft2(gable_ft2)} ft²` : ''}`,
    source: known,
    parts: gabled ? [gable] : [],
  }
  const openings: Figure = {
    label: 'Openings',
    value: each.reduce((sum, opening) => sum + opening.value, 0),
    unit: 'ft²',
    how: `${each.length} on this side`,
    parts: each,
  }
  const over = side.overhang
  const rake = rakeLength({ run: (length / 2) as Length, pitch_in_12: side.pitch_in_12, overhang: over })
  const eaved = side.roof_edge === 'eave' || side.roof_edge === 'hip'
  const run = eaveRun(side, job)
  const eave_length = eaved ? run.length : 0
  const cornerBoards = side.cladding === 'brick' || side.cladding === 'stucco' ? 0 : 2
  const casings = job.features
    .filter((feature) => feature.side_id === side.id && casingOf(feature) > 0)
    .map((feature): Figure => {
      const box = featureBox(feature, job)
      const [width, high] = [box.right - box.left, box.top - box.bottom]
      const casing = casingOf(feature)
      return {
        label: `${FEATURE_WORDS[feature.kind]} ${side.letter}${feature.number}`,
        value: toFeet((2 * (high + casing) + width + 2 * casing) as Length),
        unit: 'ft',
        how: `2 legs × ${ft(high + casing)} ft + head ${ft(width + 2 * casing)} ft`,
        source: 'the walk',
      }
    })
  return {
    side_id: side.id,
    gross,
    net: {
      label: 'Wall, net for material',
      value: wall_ft2 + gable_ft2 - deducted_ft2,
      unit: 'ft²',
      how: `${ft2(gross.value)} ft² − openings over ${above_ft2} ft²: ${ft2(deducted_ft2)} ft²`,
      source: 'firm setting',
      parts: [gross, ...deducted],
    },
    openings,
    gable,
    eave: {
      label: 'Fascia at the eave',
      value: toFeet(eave_length as Length),
      unit: 'ft',
      how: eaved
        ? `${ft(length)} ft + ${ft(0 - run.from)} ft past the left corner + ${ft(run.to - length)} ft past the right one`
        : 'no eave on this side',
      source: known,
    },
    rakes: {
      label: 'Rake boards',
      value: gabled ? toFeet((2 * rake) as Length) : 0,
      unit: 'ft',
      how: gabled
        ? `2 × √(run² + rise²), run ${ft(length / 2 + over)} ft at ${side.pitch_in_12} in 12`
        : 'no gable on this side',
      source: known,
    },
    soffit: {
      label: 'Soffit',
      value: eaved
        ? toSquareFeet((eave_length * over) as never)
        : gabled
          ? toSquareFeet((2 * rake * over) as never)
          : 0,
      unit: 'ft²',
      how: eaved
        ? `${ft(eave_length)} ft × ${ft(over)} ft`
        : gabled
          ? `2 rakes × ${ft(rake)} ft × ${ft(over)} ft`
          : 'no roof edge here',
      source: known,
    },
    corners: {
      label: 'Corner boards',
      value: toFeet((cornerBoards * height) as Length),
      unit: 'ft',
      how: cornerBoards === 0 ? 'masonry has none' : `2 × ${ft(height)} ft`,
      source: 'the walk',
    },
    casings: {
      label: 'Casings',
      value: casings.reduce((sum, casing) => sum + casing.value, 0),
      unit: 'ft',
      how: `${casings.length} openings with casings`,
      parts: casings,
    },
    base: { label: 'Base', value: toFeet(length), unit: 'ft', how: formatLength(length), source: known },
  }
}
