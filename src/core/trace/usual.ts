import { partOf } from '../catalogue'
import { gradeOf, type ComponentId, type Finding } from '../job'
import {
  causesShownBy,
  causeOf,
  isNull,
  USUAL,
  type CauseId,
  type Family,
  type HouseFact,
  type SeatKind,
} from '../catalogue/causes'
import { sharesAt, WALL_PARTS, type Share, type WallPlace } from '../catalogue/causes/priors'
import { CONTRASTS } from './speaks'
import type { Evidence } from './weigh'

type Facts = ReadonlySet<HouseFact>

/** Odds multiplier of a cause by what is true of the house, exposure of the wall included. */
export function oddsOf(cause: CauseId, facts: Facts): number {
  const { odds, family } = causeOf(cause)
  let times = odds.reduce((product, each) => (facts.has(each.when) ? product * each.times : product), 1)
  if (family === 'wall-water') {
    for (const [fact, by] of EXPOSURE) if (facts.has(fact)) times *= by
  }
  return times
}

/** Exposure of a wall multiplies the odds of everything that wets it. Published in part (survey of wet-coast walls), from memory; our judgement. */
const EXPOSURE: readonly (readonly [HouseFact, number])[] = [
  ['no-overhang', 1.6],
  ['wide-overhang', 0.5],
  ['storm-side', 1.3],
  ['sheltered-side', 0.75],
  ['shaded-side', 1.2],
  ['windswept', 1.2],
]

/** A probability after its odds were multiplied; never quite nothing, never quite sure. */
export function withOdds(probability: number, times: number): number {
  const odds = (probability / (1 - probability)) * times
  return Math.min(0.95, Math.max(0.002, odds / (1 + odds)))
}

/**
 * How often a finding lies in reach of a seat of a kind at all. The tables by member are means over all places: beside a chimney chase
 * the chase is a likelier source than a table for siding says. Our judgement.
 */
const NEAR: Readonly<Partial<Record<SeatKind, number>>> = {
  'roof-end': 0.2,
  'gutter-end': 0.25,
  leader: 0.15,
  'roof-wall-line': 0.2,
  'metal-edge': 0.25,
  'chase-top': 0.02,
  chimney: 0.1,
  penetration: 0.25,
  fixture: 0.4,
  ledger: 0.3,
}
/** Of siding, sheathing and framing, so much lies in reach of an opening. Our judgement. */
const NEAR_AN_OPENING = 0.4
const PARTS_OF_OPENINGS: ReadonlySet<string> = new Set([
  'head-casing',
  'side-casing',
  'window-sill',
  'sill-nose',
  'jamb-foot',
  'threshold',
])
const AT_THE_LEDGER: ReadonlySet<string> = new Set(['ledger', 'rim-joist'])

/** Whether a part can only be at such a seat: a side casing shows that there is an opening, drawn or not. */
export function isPartOf(seat: SeatKind, component: ComponentId): boolean {
  if (seat === 'ledger') return AT_THE_LEDGER.has(component)
  return seat.startsWith('opening') && PARTS_OF_OPENINGS.has(component)
}

/** Seats whose nearness a table for the place has reckoned with already. */
const RECKONED: Readonly<Record<WallPlace, (seat: SeatKind) => boolean>> = {
  'beside-opening': (seat) => seat.startsWith('opening'),
  'below-sill': (seat) => seat.startsWith('opening'),
  chase: (seat) => seat === 'chase-top' || seat === 'chimney' || seat === 'roof-end',
  hole: (seat) => seat === 'penetration',
}

/** Share of the findings of a member that lie in reach of such a seat, given what it is at. */
export function nearnessOf(cause: CauseId, finding: Finding, at: WallPlace | null): number {
  const { seat } = causeOf(cause)
  if (at !== null && finding.component && WALL_PARTS.has(finding.component) && RECKONED[at](seat)) return 1
  if (seat === 'ledger' && finding.component && isPartOf(seat, finding.component)) return 1
  if (seat.startsWith('opening') && !(finding.component && isPartOf(seat, finding.component)))
    return NEAR_AN_OPENING
  return NEAR[seat] ?? 1
}

/**
 * The tables by member are about decay. The shallower the damage, the more of it is weather and overdue paint, whatever the member:
 * so much of each grade. Our judgement.
 */
const WEATHER: readonly number[] = [0, 0.3, 0.17, 0.05, 0.05]
const UNTOUCHED = 0.2

/**
 * A cause that the table of a member leaves out and a sign at the finding speaks for competes with this part of how usual it is: reach
 * depends on the place, not on the name of the part. Our judgement.
 */
const BESIDE_THE_TABLE = 0.3
/**
 * Where nothing is known of the part a sign need speak no louder than this to bring a cause into play; nor where nobody said that it is
 * soft, for a cause that moves a house: tables by member are about decay. Our judgement.
 */
const SHOWN_ALONE = 2
/** So much stays unknown where nothing is known of the part. Our judgement. */
const UNKNOWN_PART = 6

const WATER: ReadonlySet<Family> = new Set<Family>(['roof-water', 'wall-water', 'ground-water', 'inside'])

/** Share of a cause that the table of a member leaves out, percent. */
export function besideTable(cause: CauseId): number {
  return 100 * USUAL[causeOf(cause).usual] * BESIDE_THE_TABLE
}

/** Shares of every cause that competes at a finding: what the table of its member names, and what a sign there speaks for by itself. */
export function sharesFor(
  finding: Finding,
  at: WallPlace | null,
  evidence: readonly Evidence[],
): readonly Share[] {
  const table = sharesOfPart(finding, at)
  const named = new Set(table.map((each) => each.cause))
  const seen = evidence.flatMap((each) => (each.present && !CONTRASTS.has(each.sign) ? [each.sign] : []))
  const faint = causesShownBy(seen, SHOWN_ALONE)
  const isDoubtful = (cause: CauseId): boolean =>
    table.length === 0 || (gradeOf(finding) === null && causeOf(cause).family === 'structure')
  const shown = new Set([...causesShownBy(seen), ...[...faint].filter(isDoubtful)])
  const part = partOf(finding.component)
  // Water moves what bears and does not rot only by way of the soil below it, which is a chain of its own.
  const moves = part !== null && part.bears && !part.rots
  const isBarred = (cause: CauseId): boolean => {
    const { family, withinItsParts, damages } = causeOf(cause)
    const isElsewhere = finding.component !== null && !damages.includes(finding.component)
    return (moves && WATER.has(family)) || (withinItsParts && isElsewhere)
  }
  // What a table leaves to *other* is no rarer than what it does not name at all.
  const told = table.map((each): Share => {
    const { cause, share, fromOther } = each
    const raised = cause !== 'other' && fromOther && shown.has(cause) && !isNull(cause)
    return raised ? { ...each, share: Math.max(share, besideTable(cause)) } : each
  })
  const beside = [...shown].flatMap((cause): Share[] =>
    named.has(cause) || isBarred(cause) ? [] : [{ cause, share: besideTable(cause), fromOther: false }],
  )
  if (beside.length === 0) return told
  return told.length > 0
    ? [...told, ...beside]
    : [...beside, { cause: 'other', share: UNKNOWN_PART, fromOther: true }]
}

/** The table of its member, and weather by how deep the damage goes. */
function sharesOfPart(finding: Finding, at: WallPlace | null): readonly Share[] {
  if (!finding.component) return []
  const grade = gradeOf(finding)
  const weather = grade === null ? UNTOUCHED : WEATHER[grade]!
  const here = WEATHER_IS.filter(({ cause }) => causeOf(cause).damages.includes(finding.component!))
  const table = sharesAt(finding.component, at)
  const whole = here.reduce((sum, each) => sum + each.part, 0)
  if (whole === 0 || weather === 0) return table
  return table.map((each) => {
    const part = here.find(({ cause }) => cause === each.cause)?.part ?? 0
    return { ...each, share: each.share * (1 - weather) + (100 * weather * part) / whole }
  })
}
/** What weather and the coat do by themselves, by how often. Our judgement. */
const WEATHER_IS = [
  { cause: 'finish-overdue', part: 0.45 },
  { cause: 'ordinary-exposure', part: 0.35 },
  { cause: 'coating-fault', part: 0.2 },
] as const
