import {
  BEARING_SOURCE,
  FLOOR_PSF,
  LEAST_BEARING_IN,
  LIVE_PSF,
  LOADS_SOURCE,
  POINT_LB,
  WALL_FT,
  WALL_PSF,
} from '../catalogue/measures/floorLoads'
import type { FloorUse } from '../catalogue/measures/floorTables'
import { feetAndInches, GOVERNS, type Computed } from './computed'

/** How a support was found to stand, and on what. */
export type RegisteredSupport = {
  readonly support: string
  readonly stands: 'plumb' | 'leaning' | 'loose' | 'sunk' | 'not-touching' | null
  readonly on: 'footing' | 'pad' | 'loose-blocks' | 'soil' | null
}
/** A member of the frame as it was found. */
export type RegisteredMember = {
  readonly member: string
  readonly state: 'sound' | 'damp' | 'soft' | 'broken' | 'cut' | null
  readonly bearing_in: number | null
  readonly bears_on: 'wood' | 'masonry'
}

const GOOD_BASES: ReadonlySet<RegisteredSupport['on']> = new Set(['footing', 'pad', null])
const worded = (id: string): string => id.replaceAll('-', ' ')
const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`

/** What is wrong with a support, as it is told; empty: nothing that was noted. */
export function faultsOf({ stands, on }: RegisteredSupport): string {
  const stood = stands === null || stands === 'plumb' ? '' : worded(stands)
  return [stood, GOOD_BASES.has(on) ? '' : `on ${worded(on!)}`].filter(Boolean).join(', ')
}

/** How they stand together: none known, all as they should, or which are not. */
function standingWords(off: readonly RegisteredSupport[], seen: number): string {
  if (off.length > 0)
    return `, ${off.length} not as ${off.length === 1 ? 'it' : 'they'} should stand: ${off.map((each) => `${each.support} ${faultsOf(each)}`).join('; ')}`
  return seen === 0 ? '' : seen === 1 ? ', as it should stand' : `, ${seen} as they should stand`
}

/** Supports of a floor, one by one: which do not stand as they should, and which nobody has looked at yet. */
export function supportRegister(
  supports: readonly RegisteredSupport[],
): Computed<{ readonly off: readonly string[]; readonly unseen: readonly string[] }> {
  const off = supports.filter((each) => faultsOf(each) !== '')
  const unseen = supports.filter(({ stands }) => stands === null).map(({ support }) => support)
  return {
    inputs: supports.map((each) => ({
      label: each.support,
      value: [
        each.stands === null ? 'not looked at' : worded(each.stands),
        each.on === null ? '' : `on ${worded(each.on)}`,
      ]
        .filter(Boolean)
        .join(', '),
    })),
    formula: 'plumb, tight, on a footing or a pad',
    result: { off: off.map(({ support }) => support), unseen },
    says: [
      `${counted(supports.length, 'support')}${standingWords(off, supports.length - unseen.length)}.`,
      ...(unseen.length > 0 ? [`Not looked at: ${unseen.join(', ')}.`] : []),
    ].join(' '),
    limit: null,
    source: 'common practice',
    notes: ['A support is never taken away before another one holds.', GOVERNS],
  }
}

/** Soft, broken or cut; damp is no damage yet. */
export const isUnsound = ({ state }: Pick<RegisteredMember, 'state'>): boolean =>
  state !== null && state !== 'sound' && state !== 'damp'
/** Its worse end lies on less than the code asks for. */
export const isShort = ({
  bearing_in,
  bears_on,
}: Pick<RegisteredMember, 'bearing_in' | 'bears_on'>): boolean =>
  bearing_in !== null && bearing_in < LEAST_BEARING_IN[bears_on] - 1e-9

/** Members of a frame, one by one, with what each end bears on. Decayed wood has no table: what is soft, broken or cut is for the eye. */
export function memberRegister(
  members: readonly RegisteredMember[],
): Computed<{ readonly unsound: readonly string[]; readonly shortBearing: readonly string[] }> {
  const unsound = members.filter(isUnsound)
  const short = members.filter(isShort)
  const least = (on: RegisteredMember['bears_on']): string => `${LEAST_BEARING_IN[on]} in on ${worded(on)}`
  return {
    inputs: members.map(({ member, state, bearing_in, bears_on }) => ({
      label: member,
      value: [
        state === null ? 'not looked at' : worded(state),
        bearing_in === null ? '' : `bears ${bearing_in} in on ${worded(bears_on)}`,
      ]
        .filter(Boolean)
        .join(', '),
    })),
    formula: 'bearing ≥ what the code asks of its kind',
    result: { unsound: unsound.map(({ member }) => member), shortBearing: short.map(({ member }) => member) },
    says: [
      `${counted(members.length, 'member')}${
        unsound.length > 0
          ? `, ${unsound.length} not sound: ${unsound.map(({ member, state }) => `${member} ${worded(state!)}`).join('; ')}`
          : members.some(({ state }) => state !== null)
            ? ', none found soft, broken or cut'
            : ''
      }.`,
      short.length > 0
        ? ` Bears too little: ${short.map(({ member, bearing_in }) => `${member} ${bearing_in} in`).join('; ')}. An engineer, or a support under it.`
        : '',
    ].join(''),
    limit: `${least('wood')}, ${least('masonry')}`,
    source: BEARING_SOURCE,
    notes: ['For sawn joists. Nothing here says that a member is strong enough.', GOVERNS],
  }
}

/** What stands on a line of supports besides the floor; `roof`: the wall carries a roof, or nobody knows that it does not. */
export type WallAbove = 'none' | 'light' | 'plaster' | 'roof'
/** What hangs on one support, by estimate, pounds. */
export type SupportLoad = {
  readonly support: string
  readonly along_ft: number
  readonly area_ft2: number
  readonly low_lb: number
  readonly high_lb: number
}

const tens = (pounds: number): string => (Math.round(pounds / 10) * 10).toLocaleString('en-US')

/** Feet of the line that hang on each support: half of the way to the next on either side, and all of it beyond the last. */
function shares_ft(places: readonly number[], girder_ft: number): number[] {
  return places.map((at, index) => {
    const before = index === 0 ? 0 : (places[index - 1]! + at) / 2
    const after = index === places.length - 1 ? girder_ft : (at + places[index + 1]!) / 2
    return after - before
  })
}

/**
 * What hangs on each support of a line, by its share of the floor: half of the way to the next support, times half of the joists’ span
 * on either side, times what a floor weighs. All of what reaches beyond the first and the last support is theirs, which is more than
 * their part where a wall takes some of it.
 *
 * @param of.spans_ft joists’ spans on either side of the line; 0: none on that side
 * @param of.girder_ft length of the line, which no support lies beyond
 * @returns `engineer` where it may come to more than `POINT_LB` at one of them, or a roof stands on it
 */
export function supportLoads(of: {
  readonly supports: readonly { readonly support: string; readonly along_ft: number }[]
  readonly girder_ft: number
  readonly spans_ft: readonly [number, number]
  readonly floors: 1 | 2 | 3
  readonly use: FloorUse
  readonly wall: WallAbove
}): Computed<{ readonly loads: readonly SupportLoad[]; readonly engineer: boolean }> {
  const supports = [...of.supports].sort((a, b) => a.along_ft - b.along_ft)
  const deep_ft = (of.spans_ft[0] + of.spans_ft[1]) / 2
  const face = of.wall === 'light' || of.wall === 'plaster' ? WALL_PSF[of.wall] : ([0, 0] as const)
  const shares = shares_ft(
    supports.map(({ along_ft }) => along_ft),
    of.girder_ft,
  )
  const pounds = (share_ft: number, end: 0 | 1): number =>
    of.floors * share_ft * (deep_ft * (LIVE_PSF[of.use] + FLOOR_PSF[end]) + WALL_FT * face[end])
  const loads = supports.map(({ support, along_ft }, index): SupportLoad => {
    const share = shares[index]!
    return {
      support,
      along_ft,
      area_ft2: share * deep_ft,
      low_lb: pounds(share, 0),
      high_lb: pounds(share, 1),
    }
  })
  const over = loads.filter(({ high_lb }) => high_lb > POINT_LB)
  const highest = loads.reduce<SupportLoad | null>(
    (most, each) => (most && most.high_lb >= each.high_lb ? most : each),
    null,
  )
  const engineer = over.length > 0 || of.wall === 'roof'
  return {
    inputs: [
      {
        label: 'Joists, either side',
        value: of.spans_ft.map((span) => feetAndInches(span * 12)).join(' and '),
      },
      { label: 'Line', value: feetAndInches(of.girder_ft * 12) },
      { label: 'Floors on it', value: String(of.floors) },
      { label: 'Floor', value: `${LIVE_PSF[of.use]} and ${FLOOR_PSF.join(' to ')} lb/ft²` },
      ...(face[1] > 0 ? [{ label: `Wall, ${WALL_FT} ft high`, value: `${face.join(' to ')} lb/ft²` }] : []),
      ...loads.map(({ support, area_ft2, low_lb, high_lb }) => ({
        label: support,
        value: `${area_ft2.toFixed(0)} ft² of floor: ${tens(low_lb)} to ${tens(high_lb)} lb`,
      })),
    ],
    formula:
      'half of the way to each neighbour × half of both spans × (live + floor) × floors, and the walls over it',
    result: { loads, engineer },
    says:
      of.wall === 'roof'
        ? 'A roof stands on this line: what hangs on its supports is an engineer’s to say.'
        : highest === null
          ? 'No support has its place on the line yet.'
          : `By estimate ${highest.support} bears most: ${tens(highest.low_lb)} to ${tens(highest.high_lb)} lb.${
              over.length > 0
                ? ` More than ${tens(POINT_LB)} lb at ${over.map(({ support }) => support).join(', ')}: an engineer says how it is held and lifted.`
                : ''
            }`,
    limit: `${tens(POINT_LB)} lb at one point`,
    source: LOADS_SOURCE,
    notes: [
      'An estimate to choose jacks and cribbing by, and to know when to stop: no design. Tubs, stoves, stored goods, snow and roofs are not in it.',
      GOVERNS,
    ],
  }
}
