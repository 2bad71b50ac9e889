import { inches, type Length } from '../measure'
import type { ComponentId } from '../job'

/** How a member is pieced: cut-back past the last soft probe at each cut end, least new piece, or whole only. */
export type MemberRule = {
  readonly cut_back: Length
  readonly least_piece: Length
  readonly wholeOnly: boolean
  /** Stock section the new piece is cut from. */
  readonly section: string
  /** Words for the rule, with why it is whole. */
  readonly note: string
}

const rule = (cut_back_in: number, least_in: number, section: string, note = ''): MemberRule => ({
  cut_back: inches(cut_back_in),
  least_piece: inches(least_in),
  wholeOnly: false,
  section,
  note,
})
const whole = (section: string, note: string): MemberRule => ({
  cut_back: inches(0),
  least_piece: inches(0),
  wholeOnly: true,
  section,
  note,
})

/**
 * Pieces, cut-backs and least lengths by member.
 *
 * Source: common practice; a firm may hold to others. No entry is a structural rule.
 */
export const MEMBERS: Readonly<Partial<Record<ComponentId, MemberRule>>> = {
  fascia: rule(12, 48, '1x8', 'cut to rafter tails, 45° scarf over a tail'),
  'rake-board': rule(12, 48, '1x6', 'upper piece laps lower; no joint in the lowest 2 ft'),
  soffit: rule(0, 36, '1x6', 'to a nailer'),
  'frieze-board': rule(6, 36, '1x6'),
  'crown-moulding': rule(6, 36, '1x4', 'scarf on a backer'),
  'corner-board': rule(6, 24, '5/4x4', 'one bevel, staggered on the two legs'),
  'water-table': rule(6, 48, '1x6', 'bevel over a stud, flashing whole over the joint'),
  'head-casing': whole('1x6', 'a head casing is replaced whole, with its head flashing'),
  'side-casing': rule(6, 12, '1x4', 'one bevel down and out, 6 in or more above the sill'),
  'window-sill': whole('2x6', 'soft under the sash line or a jamb: the whole sill'),
  'sill-nose': rule(3, 18, '5/4x4', 'rip joint sloping outward, drip kerf, 7° fall or more'),
  'jamb-foot': rule(3, 8, '5/4x6', 'half-lap, primed end, 1/8 in off masonry'),
  threshold: whole('2x6', 'door out, pan in'),
  'lap-siding': rule(6, 32, 'lap', 'whole boards, butt on a stud, flashing tab behind'),
  'base-course': rule(6, 32, 'lap', 'whole boards, butt on a stud, flashing tab behind'),
  'deck-board': rule(0, 32, '5/4x6', 'three joists at least'),
  ledger: whole('2x10', 'a ledger is renewed over its length, shored first'),
  'deck-post': whole('4x4', 'posts are whole'),
  guard: whole('4x4', 'guard posts are whole'),
  stair: whole('2x12', 'stringers are whole'),
}

/** Siding is mended in courses, other members in pieces. */
export function isSiding(component: ComponentId): boolean {
  return component === 'lap-siding' || component === 'base-course'
}

/** Parts of a window or door. */
export function isOpeningPart(component: ComponentId): boolean {
  return ['head-casing', 'side-casing', 'window-sill', 'sill-nose', 'jamb-foot', 'threshold'].includes(
    component,
  )
}
