import type { Row } from '../row'

/** What a part belongs to: work on it, and danger from it, hold for the whole. */
export type AssemblyId =
  | 'roof-edge'
  | 'roof'
  | 'cladding'
  | 'opening'
  | 'wall-frame'
  | 'deck'
  | 'floor-frame'
  | 'foundation'
  | 'inside'
  | 'none'

/** How the whole length of a member follows from the house. Null: only a tape knows. */
export type MemberSpan =
  /** Along a roof edge, past outside corners by the neighbour's overhang. */
  | 'eave-run'
  /** One slope of a gable, from the eave to the ridge. */
  | 'rake'
  /** Along the wall. */
  | 'wall-run'
  /** From the foot of the cladding to the eave. */
  | 'corner'
  /** Between the outer edges of the two casings of its opening. */
  | 'over-casings'
  /** A leg beside its opening, with the width of the head. */
  | 'leg'
  /** The clear width of its opening. */
  | 'clear-width'

/** How a damaged member is mended with new wood. */
export type PieceRule = {
  /** Past the last soft probe, at each end that is cut. */
  readonly cut_back_in: number
  /** No new piece is shorter, and no remnant is left shorter. */
  readonly least_in: number
  /** Only the whole member is renewed. */
  readonly whole: boolean
  /** How two lengths of it meet; `none`: one length, or it cannot be bought. */
  readonly joint: 'scarf' | 'butt' | 'none'
  /** Counted in courses at one place, each a board. */
  readonly courses: boolean
  /** Boards side by side at each place: the two legs of an outside corner. */
  readonly legs: 1 | 2
  /** How much longer the second leg is cut, so that the joints stagger. */
  readonly stagger_in: number
  readonly note: string
}

/** How a piece may lie on its sheet: with its height along the grain, its length, or either. */
export type Grain = 'up' | 'along' | 'either'

/** A patch of sheets or lining: cut so far past the soft, along to the next bearing, so high or deep at least. */
export type PatchRule = {
  readonly cut_back_in: number
  readonly bearing_in: number
  readonly least_in: readonly [along: number, up: number]
  readonly grain: Grain
}

/** The section a new piece is cut from. */
export type SectionRule = {
  readonly usual: string
  /** Wider and narrower ones, from which a measured face width chooses. Empty: always the usual one. */
  readonly choices: readonly string[]
  /** Where the width comes from when nobody measured the face. */
  readonly widthFrom: 'casing' | null
}

/** What a member takes in goods, for each foot of new wood. */
export type GoodUse = { readonly good: string; readonly per_ft: number; readonly why: string }

/** The task that renews a member, and what it is counted by. Null: no recipe, so no price unless one is typed. */
export type PartTask = {
  readonly task: string
  /** `pair-10ft`: one for each 10 ft begun of the corner, both legs. */
  readonly per: 'ft' | 'ft2' | 'piece' | 'pair-10ft'
  /** Where the task depends on what the member is made of. */
  readonly byMaterial?: Readonly<Record<string, string>>
}

/** All about one part of a house. */
export type PartRow = Row & {
  /** What its owner calls it, the trade's word in brackets where that helps. */
  readonly plain: string
  /** Wood or a board of it: its damage is said as soft. What does not rot is said as damaged. */
  readonly rots: boolean
  readonly assembly: AssemblyId
  /** Carries load: grade 2 at a bearing counts one higher, and nothing here is a structural number. */
  readonly bears: boolean
  /** Parts that hold it up: what hangs on an unsafe part is unsafe. */
  readonly heldBy: readonly string[]
  /** That it has stood for decades proves nothing of it. */
  readonly ageProvesNothing: boolean
  /** Grade from which people are kept off, and what is then said; null: never by its grade alone. */
  readonly keepOff: { readonly fromGrade: number; readonly says: string } | null
  /** Its length runs up the wall. */
  readonly upright: boolean
  /** How thick its mark is drawn, and how far up it counts. */
  readonly face_in: number
  /** Where it usually is, for a finding that names no height. */
  readonly usualHeight: 'roof-edge' | 'foot' | 'breast'
  /** A board of a window or door. */
  readonly ofOpening: boolean
  /** It lies inside the house or below its floor: the wall one stands before says nothing of where. */
  readonly withinWalls: boolean
  /** Nothing opens beside, above or below it. */
  readonly awayFromOpenings: boolean
  /** Runs past openings and holes, and so has priors for each such place. */
  readonly besideThings: boolean
  /** What harms it is what harms this part; null: it has causes of its own. */
  readonly damagedAs: string | null
  /** Working on it breaks a painted surface. */
  readonly disturbsPaint: boolean
  /** Painted or bare wood face, square feet for each foot, that work on it breaks: counts against the lead rule. */
  readonly painted_ft2_per_ft: number
  /** Noted piece by piece in a framing survey. */
  readonly inSurvey: boolean
  /** What of a deck it is: two of the three failing, the deck is rebuilt; null: neither. */
  readonly deckRole: 'attachment' | 'supports' | 'framing' | null
  /** It lies under the whole house. */
  readonly underAll: boolean
  /** How a patch of it is cut where only a length was seen: past the soft, to its bearings, never smaller; null: not by area. */
  readonly patch: PatchRule | null
  /** Pieces that are counted together lie together: one set-up for all of a place. */
  readonly together: boolean
  /** What it is counted in beside its length; null: the length alone is the measure. */
  readonly countedIn: 'courses' | 'sheets' | 'pieces' | null
  readonly span: MemberSpan | null
  /** Boards lie side by side over this depth; null: one board. */
  readonly across: 'overhang' | null
  readonly piece: PieceRule | null
  readonly section: SectionRule | null
  readonly task: PartTask | null
  readonly goods: readonly GoodUse[]
  /** What is bought where the old one's material is not known, by what the wall is clad with; else the first. */
  readonly boughtAs: { readonly usual: string; readonly byCladding: Readonly<Record<string, string>> } | null
}

type Written = Pick<PartRow, 'id' | 'name' | 'assembly'> & Partial<Omit<PartRow, 'id' | 'name' | 'assembly'>>

/** A part of which only what differs from the usual is written. */
export function part(of: Written): PartRow {
  return {
    source: 'common practice',
    plain: of.name,
    rots: true,
    bears: false,
    heldBy: [],
    ageProvesNothing: false,
    keepOff: null,
    upright: false,
    face_in: 6,
    usualHeight: 'breast',
    ofOpening: false,
    withinWalls: false,
    awayFromOpenings: false,
    besideThings: false,
    damagedAs: null,
    disturbsPaint: true,
    painted_ft2_per_ft: 0.6,
    inSurvey: false,
    deckRole: null,
    underAll: false,
    patch: null,
    together: false,
    countedIn: null,
    span: null,
    across: null,
    piece: null,
    section: null,
    task: null,
    goods: [],
    boughtAs: null,
    ...of,
  }
}

const rule = (of: Partial<PieceRule>): PieceRule => ({
  cut_back_in: 0,
  least_in: 0,
  whole: false,
  joint: 'scarf',
  courses: false,
  legs: 1,
  stagger_in: 0,
  note: '',
  ...of,
})

/** Let in: cut back so far past the soft, never shorter than so much. */
export function pieced(cut_back_in: number, least_in: number, of: Partial<PieceRule> = {}): PieceRule {
  return rule({ cut_back_in, least_in, ...of })
}

/** Renewed whole, with the reason. */
export function whole(note: string, of: Partial<PieceRule> = {}): PieceRule {
  return rule({ whole: true, joint: 'none', note, ...of })
}

export function section(usual: string, of: Partial<SectionRule> = {}): SectionRule {
  return { usual, choices: [], widthFrom: null, ...of }
}

/** Boards of one thickness, narrow to wide. */
export const ONE_BY = ['1x2', '1x3', '1x4', '1x6', '1x8', '1x10', '1x12'] as const
export const TWO_BY = ['2x6', '2x8', '2x10', '2x12'] as const
export const FIVE_QUARTER = ['5/4x4', '5/4x6'] as const

/** Trim of painted wood: nailed, primed on every face and end, sealed at its joints. */
export const TRIM_GOODS: readonly GoodUse[] = [
  { good: 'fasteners', per_ft: 0.05, why: 'two a bearing' },
  {
    good: 'primer',
    per_ft: (1.04 * 1.2) / 300,
    why: '1.04 ft² a foot on all faces, 20 % for the ends, 300 ft² a gallon',
  },
  { good: 'sealant', per_ft: 1 / 18, why: '18 ft a cartridge' },
]
/** Siding: nailed, its cut ends primed; the laps stay open. */
export const SIDING_GOODS: readonly GoodUse[] = [
  {
    good: 'fasteners',
    per_ft: 0.008,
    why: '1.2 lb for 100 ft² at 7 in exposure is 0.007 lb a foot, and ends',
  },
  { good: 'primer', per_ft: 0.0004, why: 'cut ends, and the first coat where it is bare' },
]

export const WOOD = { usual: 'finger-jointed-pine', byCladding: {} } as const
