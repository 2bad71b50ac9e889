import type { DebrisId } from '../tasks/debris'
import type { Row } from '../row'
import type { NeedId } from './needs'

/** Years to the next work of the same kind, low and high. */
export type Life = readonly [low: number, high: number]

/**
 * When a piece of advice holds: every condition that is named must be met. Data, so that the handbook, the reason on the screen
 * and the rule are one thing.
 */
export type When = {
  /** The part, or what it hangs on, is on the keep-off list. */
  readonly keepOff?: boolean
  /** It carries load and is soft. */
  readonly engineer?: boolean
  /** Nobody touched it. */
  readonly untouched?: boolean
  /** Grade at least and at most. */
  readonly grade?: readonly [least: number, most: number]
  readonly courses?: boolean
  readonly whole?: boolean
  /** Two of attachment, supports and framing of its deck have failed. */
  readonly deckFails?: boolean
  /** Somebody paints it. */
  readonly painted?: boolean
  /** It has a rule for new wood at all, and a task by which that is reckoned. */
  readonly pieced?: boolean
  readonly ofOpening?: boolean
  readonly part?: readonly string[]
  readonly notPart?: readonly string[]
  /** One of these signs was seen on it. */
  readonly sign?: readonly string[]
  readonly noSign?: readonly string[]
  /** The method is what fixes the source found here. */
  readonly fixesSource?: boolean
  /** What was found here moved, or was never carried: its source is of structure, not of water. */
  readonly moved?: boolean
  /** The source found here sits apart from the part: mending it does not touch what carries. */
  readonly sourceApart?: boolean
}

/** `{part}`, `{rule}` and `{source}` stand for the part's name, its rule's note and the source's name. */
export type Advice = {
  /** `warned`: it may be chosen, and says what speaks against it. */
  readonly verdict: 'recommended' | 'warned' | 'blocked'
  readonly when: When
  readonly says: string
}

/** What one unit of a recipe is counted by, at one place. */
export type Per =
  /** The place itself. */
  | 'place'
  /** A foot of what was seen or measured. */
  | 'ft'
  /** A hundred of them. */
  | '100 ft'
  /** A foot of head metal: over the casings, past them by the firm's habit, and turned up at both ends. */
  | 'head-metal-ft'
  /** A hundred square feet of painted wall, gross, and a square foot of its true surface, net of large openings. */
  | '100 ft2 gross'
  /** A square foot of the place, where an area was said of it; and a hundred, and 32: a sheet. */
  | 'ft2'
  | '100 ft2'
  | '32 ft2'
  | 'ft2 surface'
  /** A hundred square feet of wall whatever it is clad with, masonry apart; and a course of 6 in over it, openings off. */
  | '100 ft2 wall'
  | 'course'
  /** A hundred feet of trim on a side: roof edge, corners, foot, and round its openings. */
  | 'trim 100 ft'

/** A task of a recipe. */
export type TaskUse = {
  readonly task: string
  readonly per: Per
  readonly times: number
  readonly byCondition?: true
  /** Only where the side has one: a gutter comes down only where there is one. */
  readonly where?: 'gutter'
  /** Another task for what the new one is made of. */
  readonly byMaterial?: Readonly<Record<string, string>>
}

/**
 * Boards of a recipe's own, beside those that the rule of the part gives: a sister beside its joist, the posts of a rebuilt deck. So
 * many for each unit, whole ones at each place.
 */
export type PieceUse = {
  /** Null: as a part is bought, by what was measured or said of it: the part `like`, or the item's. */
  readonly section: string | null
  readonly material: string | null
  readonly like: string | null
  readonly per: Per
  readonly times: number
  /** How long each is: so many times the length, or the height, of the place and so many inches more, never shorter than the least. */
  readonly long: {
    readonly of: 'length' | 'height'
    readonly times: number
    readonly plus_in: number
    readonly least_in: number
  }
  readonly joint: 'scarf' | 'butt' | 'none'
  /** An old one like it is taken out and hauled. */
  readonly replaces: boolean
  readonly why: string
}

/** How a method is reckoned at one place. */
export type Recipe = {
  /** New wood by the rule of the part: let in, the whole member, or the head casing of the opening whatever the part. */
  readonly wood: 'cut-out' | 'member' | 'head-casing' | null
  /** The part's own task and goods. */
  readonly byPart: boolean
  readonly tasks: readonly TaskUse[]
  readonly pieces: readonly PieceUse[]
  readonly goods: readonly {
    readonly good: string
    readonly per: Per
    readonly times: number
    readonly why: string
  }[]
  /** Old paint broken, square feet for each unit; null: by the part. */
  readonly paint_ft2: { readonly per: Per; readonly times: number } | null
  /** Loose debris that is no board counted above, cubic yards for each unit; of mixed kinds unless it says. */
  readonly debris_yd3: { readonly per: Per; readonly times: number; readonly of?: DebrisId } | null
}

/** What a method answers: findings, the whole of a side, or a source at its place. */
export type Answers = 'findings' | 'side' | 'source'

/**
 * How far the fix of a source goes: once at each of its places; along its run; along the whole roof edge of its side; over the wall its
 * place covers; over the plan of the house.
 */
export type Along = 'each' | 'run' | 'roof-edge' | 'wall' | 'plan'

/** What a survey sets out along a wall. */
export type SetOut = 'anchors' | 'straps' | 'braces' | 'piers'

export type MethodRow = Row & {
  /** What it does, as the trade says it. */
  readonly cures: string
  /** The owner's sentence: what we do, in plain words; `{part}` stands for the part's plain name. Empty: the item's own note says it. */
  readonly we: string
  /** What is done to the part, behind its plain name in a heading; null: the method's own name is heading enough. */
  readonly brief: string | null
  readonly answers: Answers
  /** Parts it is made for; null: any. */
  readonly serves: readonly string[] | null
  /**
   * It shores first, then renews what carries load, like for like: the member it is chosen for, or all that stands there. What hangs
   * on a member so renewed is worked on again.
   */
  readonly rebuilds: 'member' | 'assembly' | null
  /** Parts of a whole side that come new with it: what was found of them there is done with it, and charged once. */
  readonly takesIn: readonly string[]
  /** Set out along a wall for a price, so many over a stretch: one place of a wall says nothing of how many. Null: counted by its places. */
  readonly setOut: { readonly what: SetOut; readonly along: readonly string[] } | null
  /** Mends what was found, holds it for a while, only goes beside a repair, or leaves it to somebody else or another word. */
  readonly does: 'mends' | 'holds' | 'helps' | 'leaves'
  /** It closes a place until it is mended: the finding is still to be answered. */
  readonly forNow: boolean
  /** Causes it ends besides those whose fix it is. */
  readonly alsoFixes: readonly string[]
  /** What must be there before it is begun. */
  readonly needs: readonly NeedId[]
  /** Times that somebody comes at least, because something has to cure or dry between. */
  readonly visits: number
  /** Of a method that answers a source. */
  readonly along: Along
  /** We do work and are paid for it; else it is listed, never charged. */
  readonly sells: boolean
  /** What it is listed as when it sells nothing. */
  readonly standsAs: 'watched' | 'referred' | null
  /** Exposed on a wet coast, source cured. */
  readonly life: Life
  readonly lifeByMaterial: Readonly<Record<string, Life>>
  /** If the source stays. */
  readonly lifeUncured: Life
  /** Class of workmanship warranty; a declined source makes it G whatever the method. */
  readonly warranty: keyof typeof WARRANTIES
  /** Paint wants a visit of its own, after the wood is primed or washed and dry. */
  readonly paints: boolean
  /** Over soft wood it only hides it. */
  readonly hidesDecay: boolean
  readonly advice: readonly Advice[]
  /** Null: no recipe; it is priced only when a price is typed. */
  readonly recipe: Recipe | null
}

/** Workmanship warranty by class. Common practice, a firm setting; statute prevails. */
export const WARRANTIES = {
  A: '2 to 5 years on workmanship, source fixed, upkeep record kept',
  B: '2 to 3 years on workmanship, source fixed',
  C: '1 year on workmanship, dry reading recorded',
  D: 'none to 90 days, as stated',
  E: '2 to 5 years against peeling on walls, 1 year on flat faces',
  F: '1 to 2 years, movement excluded',
  G: 'workmanship only; recurrence excluded, since the source is not fixed',
  H: '1 to 5 years against further sinking where it was lifted, drainage kept; not that it is straight, and no finishes or doors',
  I: 'by the maker, 10 to 25 years once it is registered, with the engineer’s letter; it often goes with the house',
  J: '1 to 3 years on the labour; liner and pump by their makers, drain and dryer kept running',
  K: '1 to 2 years on workmanship, no loads added, kept clean',
  none: 'none',
} as const

/**
 * Months each class stands for, at least and at most, as its words say; where they say no time, our judgement. Counted from the day the
 * work is handed over.
 */
export const WARRANTY_MONTHS: Readonly<Record<keyof typeof WARRANTIES, readonly [number, number]>> = {
  A: [24, 60],
  B: [24, 36],
  C: [12, 12],
  D: [0, 3],
  E: [12, 60],
  F: [12, 24],
  G: [12, 12],
  H: [12, 60],
  I: [120, 300],
  J: [12, 36],
  K: [12, 24],
  none: [0, 0],
}

/** Rust goes on, and what moves opens again, under whatever is put over it. */
export const RUST_OR_MOVING = [
  'rust-or-holes-on-cover',
  'connector-rusted',
  'rust-and-cover-lost',
  'crack-along-bar',
  'fresh-crack-faces',
  'cracks-seasonal',
  'opens-in-winter',
  'survey-falls',
  'cracks-around-patch',
] as const
/** What stands on the ground: a coat or a bead over a movement of it hides what goes on. */
export const ON_THE_GROUND = ['foundation-wall', 'slab', 'slab-edge', 'brick-veneer', 'pier'] as const
/** Boards that swelled drink on through any coat. */
export const SWOLLEN = [
  'swollen-bottom-edge',
  'siding-swollen-at-gutter-end',
  'thickness-peaks-at-nails',
] as const

type Written = Pick<
  MethodRow,
  'id' | 'name' | 'cures' | 'we' | 'life' | 'lifeUncured' | 'warranty' | 'recipe'
> &
  Partial<MethodRow>

export function method(of: Written): MethodRow {
  return {
    source: 'our judgement',
    answers: 'findings',
    serves: null,
    brief: null,
    does: 'mends',
    forNow: false,
    alsoFixes: [],
    rebuilds: null,
    takesIn: [],
    setOut: null,
    needs: [],
    visits: 1,
    along: 'each',
    sells: true,
    standsAs: null,
    lifeByMaterial: {},
    paints: false,
    hidesDecay: false,
    advice: [],
    ...of,
    ...(of.sells === false ? {} : { advice: [...(of.rebuilds ? FIXES : SOLD), ...(of.advice ?? [])] }),
  }
}

const CARRIES = 'It carries load and is soft: an engineer goes first.'

/** Rules that hold for whatever is sold. Common practice; none is a structural rule. */
const SOLD: readonly Advice[] = [
  {
    verdict: 'blocked',
    when: { keepOff: true },
    says: 'On the keep-off list: no patch is sold here. Shore, then rebuild by the trade.',
  },
  {
    verdict: 'blocked',
    when: { engineer: true, fixesSource: false },
    says: CARRIES,
  },
  {
    verdict: 'blocked',
    when: { engineer: true, fixesSource: true, sourceApart: false },
    says: CARRIES,
  },
  {
    verdict: 'recommended',
    when: { fixesSource: true, keepOff: false, engineer: false },
    says: 'Fixes the source: {source}.',
  },
  {
    verdict: 'recommended',
    when: { fixesSource: true, keepOff: false, engineer: true, sourceApart: true },
    says: 'Fixes the source: {source}.',
  },
]
/** What shores first is not held up by what it mends. */
const FIXES: readonly Advice[] = [
  { verdict: 'recommended', when: { fixesSource: true }, says: 'Fixes the source: {source}.' },
]

export const NO_RECIPE = {
  wood: null,
  byPart: false,
  tasks: [],
  pieces: [],
  goods: [],
  paint_ft2: null,
  debris_yd3: null,
} as const
