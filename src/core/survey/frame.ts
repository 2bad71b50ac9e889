import {
  FLOOR_JOISTS_IN,
  FLOOR_TABLES_SOURCE,
  JOIST_CUTS,
  JOIST_DEPTH_IN,
  LIFT_STEP_IN,
  type FloorUse,
  type JoistSize,
  type JoistWood,
} from '../catalogue/measures/floorTables'
import { feetAndInches as words, GOVERNS, type Computed } from './computed'
import type { Standing } from './deck'

const SOUND_ONLY =
  'For sound, uncut wood of No. 2 grade: decayed wood has no table. Nothing here says that it is strong enough.'

/**
 * A joist's clear span against the published table; the lowest of all woods where nobody knows which it is.
 *
 * @returns `outside` beyond the table: an engineer
 */
export function joistSpan(of: {
  readonly wood: JoistWood | 'unknown'
  readonly use: FloorUse
  readonly size: JoistSize
  readonly spacing_in: 12 | 16 | 24
  readonly span_in: number
}): Computed<Standing> {
  const table = FLOOR_JOISTS_IN[of.use]
  const woods = of.wood === 'unknown' ? (Object.keys(table) as JoistWood[]) : [of.wood]
  const most = Math.min(...woods.map((wood) => table[wood][of.spacing_in][of.size]))
  const result: Standing = of.span_in <= most + 1e-9 ? 'inside' : 'outside'
  return {
    inputs: [
      {
        label: 'Wood',
        value: of.wood === 'unknown' ? 'not known: the lowest row' : of.wood.replaceAll('-', ' '),
      },
      { label: 'Joists', value: `${of.size} every ${of.spacing_in} in` },
      { label: 'Clear span', value: words(of.span_in) },
      { label: 'Use', value: of.use === 'living' ? 'living rooms, 40 lb/ft²' : 'sleeping rooms, 30 lb/ft²' },
    ],
    formula: 'clear span ≤ the span of the table',
    result,
    says: `Joists ${of.size} every ${of.spacing_in} in span ${words(of.span_in)}; the table ends at ${words(most)}. ${
      result === 'inside' ? 'Inside the table.' : 'Outside the table: an engineer.'
    }`,
    limit: words(most),
    source: FLOOR_TABLES_SOURCE,
    notes: [SOUND_ONLY, GOVERNS],
  }
}

/** Cuts in a sawn joist against the shares of its depth. Engineered joists and beams have their maker’s own rule. */
export function joistCuts(of: {
  readonly size: JoistSize
  readonly notch_in: number | null
  readonly notch_at_end: boolean
  readonly hole_in: number | null
}): Computed<{ readonly notchTooDeep: boolean | null; readonly holeTooLarge: boolean | null }> {
  const depth = JOIST_DEPTH_IN[of.size]
  const notch = depth * (of.notch_at_end ? JOIST_CUTS.endNotch : JOIST_CUTS.notch)
  const hole = depth * JOIST_CUTS.hole
  const notchTooDeep = of.notch_in === null ? null : of.notch_in > notch + 1e-9
  const holeTooLarge = of.hole_in === null ? null : of.hole_in > hole + 1e-9
  const beyond = notchTooDeep === true || holeTooLarge === true
  return {
    inputs: [
      { label: 'Depth', value: `${depth} in` },
      ...(of.notch_in === null
        ? []
        : [{ label: of.notch_at_end ? 'Notch at the end' : 'Notch', value: `${of.notch_in} in` }]),
      ...(of.hole_in === null ? [] : [{ label: 'Hole', value: `${of.hole_in} in` }]),
    ],
    formula: 'notch ≤ depth ÷ 6 (÷ 4 at the end), hole ≤ depth ÷ 3',
    result: { notchTooDeep, holeTooLarge },
    says: [
      notchTooDeep === null ? '' : `Notch ${of.notch_in} in of ${notch.toFixed(2)} in.`,
      holeTooLarge === null ? '' : `Hole ${of.hole_in} in of ${hole.toFixed(2)} in.`,
      beyond ? 'Cut deeper than the rule: an engineer.' : 'Inside the rule.',
    ]
      .filter(Boolean)
      .join(' '),
    limit: `notch ${notch.toFixed(2)} in, hole ${hole.toFixed(2)} in`,
    source: 'International Residential Code R502.8.1, from memory',
    notes: [
      'No notch in the middle third of the span; a hole stays 2 in off the edges and off other cuts. Sawn members only.',
      GOVERNS,
    ],
  }
}

/**
 * The longest straight piece that goes down through an opening in a floor and along under it: (a⅔ + h⅔)^1½, its own depth taken off both.
 *
 * Source: the ladder carried round a corner, by calculus.
 */
export function timberPath(of: {
  readonly hatch_in: number
  readonly clearance_in: number
  readonly depth_in: number
}): Computed<number> {
  const [a, h] = [of.hatch_in - of.depth_in, of.clearance_in - of.depth_in]
  const longest = a <= 0 || h <= 0 ? 0 : (a ** (2 / 3) + h ** (2 / 3)) ** 1.5
  return {
    inputs: [
      { label: 'Hatch, the long way', value: words(of.hatch_in) },
      { label: 'Room under the joists', value: words(of.clearance_in) },
      { label: 'Depth of the piece', value: `${of.depth_in} in` },
    ],
    formula: '((hatch − depth)^⅔ + (room − depth)^⅔)^1½',
    result: longest,
    says:
      longest === 0
        ? 'Nothing of that depth goes in by this hatch: open the floor or the wall.'
        : `The longest straight piece that goes in is ${words(Math.floor(longest))}: longer ones come in parts, or by another way.`,
    limit: null,
    source: 'the ladder round a corner, by calculus; a bit less in practice',
    notes: ['A piece that bends, or an opening in the outside wall, lets longer ones in.'],
  }
}

export type Lift = { readonly support: string; readonly lift_in: number }
export type LiftRound = { readonly round: number; readonly lifts: readonly Lift[] }

/**
 * A lift in rounds: in each round no support rises more than a step, those that have furthest to go keep pace with the rest, and all
 * arrive together.
 *
 * @returns no round where nothing is to be raised
 */
export function liftPlan(lifts: readonly Lift[]): Computed<readonly LiftRound[]> {
  const up = lifts.filter((each) => each.lift_in > 1e-9)
  const most = Math.max(0, ...up.map((each) => each.lift_in))
  const rounds = Math.ceil(most / LIFT_STEP_IN - 1e-9)
  const plan = Array.from({ length: rounds }, (_, index): LiftRound => ({
    round: index + 1,
    lifts: up.map(({ support, lift_in }) => ({ support, lift_in: lift_in / rounds })),
  }))
  return {
    inputs: up.map((each) => ({ label: each.support, value: `${+each.lift_in.toFixed(3)} in` })),
    formula: 'rounds = highest lift ÷ 1/8 in; in each round every support its own part',
    result: plan,
    says:
      rounds === 0
        ? 'Nothing is to be raised.'
        : `${rounds} round${rounds === 1 ? '' : 's'} of 1/8 in at the most, with a rest and a look round after each: doors, cracks, pipes.`,
    limit: '1/8 in in a round',
    source: 'common practice',
    notes: [
      'Nobody under it while it is raised; cribbing follows each round. Loads, jacks and how far it may go are an engineer’s.',
      GOVERNS,
    ],
  }
}
