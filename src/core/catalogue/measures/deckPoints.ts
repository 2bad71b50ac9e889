import type { SignId } from '../signs'

/**
 * One point of a deck check. `wrong` is what is written down when it is; `today` the rule of today, which may not have been the rule when
 * it was built. `keepsOff` names the row of the keep-off list it is.
 */
export type DeckPoint = {
  readonly id: string
  readonly group: 'keep off first' | 'at the house' | 'frame' | 'guards and stairs'
  readonly asks: string
  readonly wrong: string
  readonly part: string
  readonly sign: SignId | null
  readonly keepsOff: string | null
  /** Null: no rule of today, a thing that never was right. */
  readonly today: string | null
  readonly source: 'published' | 'common practice'
}

const point = (
  id: string,
  group: DeckPoint['group'],
  of: Omit<DeckPoint, 'id' | 'group' | 'source' | 'today' | 'sign' | 'keepsOff'> &
    Partial<Pick<DeckPoint, 'source' | 'today' | 'sign' | 'keepsOff'>>,
): DeckPoint => ({
  id,
  group,
  today: null,
  sign: null,
  keepsOff: null,
  source: of.today ? 'published' : 'common practice',
  ...of,
})

/** In the order they are walked: from below and from the house first, before anybody stands on it. */
export const DECK_POINTS: readonly DeckPoint[] = [
  point('ledger-veneer', 'keep off first', {
    asks: 'Ledger fixed to framing, not to brick, stone or over cladding',
    wrong: 'Ledger fixed to veneer or over cladding',
    part: 'ledger',
    sign: 'ledger-on-veneer',
    keepsOff: 'ledger-on-veneer',
    today: 'No ledger on stone or masonry veneer.',
  }),
  point('ledger-nails', 'keep off first', {
    asks: 'Ledger held by bolts or lags, not by nails alone',
    wrong: 'Ledger held by nails alone',
    part: 'ledger',
    sign: 'ledger-nails-only',
    keepsOff: 'ledger-nailed-only',
    today: 'Bolts or lag screws at the spacing of the table.',
  }),
  point('ledger-tight', 'keep off first', {
    asks: 'Ledger tight to the house, no gap that opens',
    wrong: 'Ledger stands off the house',
    part: 'ledger',
    sign: 'ledger-gap-over-eighth',
    keepsOff: 'gap-opening',
  }),
  point('rim-sound', 'keep off first', {
    asks: 'Rim behind the ledger hard to the awl',
    wrong: 'Rim behind the ledger soft',
    part: 'rim-joist',
    keepsOff: 'rim-soft',
  }),
  point('post-feet', 'keep off first', {
    asks: 'Feet of the posts hard, standing on footings',
    wrong: 'Foot of a post soft or on soil',
    part: 'deck-post',
    sign: 'support-wood-on-soil',
    keepsOff: 'post-base-soft',
    today: 'Posts on footings below frost, held against moving sideways.',
  }),
  point('beam-on-posts', 'keep off first', {
    asks: 'Beam stands on its posts, not on bolts through their sides',
    wrong: 'Beam not on its posts',
    part: 'deck-beam',
    sign: 'beam-beside-posts',
    keepsOff: 'beam-not-on-post',
    today: 'Beam bears on the post, fixed to it.',
  }),
  point('hangers', 'keep off first', {
    asks: 'A hanger at every joist that hangs, all its holes filled',
    wrong: 'Hangers missing or half nailed',
    part: 'joist-hanger',
    sign: 'hanger-holes-half-filled',
    keepsOff: 'hangers-missing-at-height',
    today: 'Hangers or full bearing at both ends of each joist.',
  }),
  point('stair-fixed', 'keep off first', {
    asks: 'Stair fixed to the deck, stringers whole',
    wrong: 'Stair not fixed, or a stringer cracked',
    part: 'stair',
    keepsOff: 'stair-not-attached',
  }),
  point('guard-firm', 'keep off first', {
    asks: 'Guard firm when leaned on, posts bolted to the frame',
    wrong: 'Guard moves, or its posts are not bolted to the frame',
    part: 'guard',
    sign: 'guard-moves',
    keepsOff: 'guard-moves',
    today: 'Takes 200 lb at its top in any direction.',
  }),
  point('no-more-load', 'keep off first', {
    asks: 'Nothing on it that it was not built for: tub, planters, roof',
    wrong: 'Carries a load it was not built for',
    part: 'deck-joist',
    sign: 'load-never-engineered',
    keepsOff: 'load-never-designed',
  }),
  point('plumb-braced', 'keep off first', {
    asks: 'Stands plumb and does not sway',
    wrong: 'Leans or sways',
    part: 'deck-post',
    keepsOff: 'leaning',
  }),
  point('ledger-metal', 'at the house', {
    asks: 'Metal or membrane over the ledger, under the cladding',
    wrong: 'No metal over the ledger',
    part: 'ledger',
    sign: 'no-metal-at-ledger',
    today: 'Flashed with corrosion-resistant metal or membrane.',
  }),
  point('ledger-rust', 'at the house', {
    asks: 'Fasteners of the ledger without rust',
    wrong: 'Fasteners of the ledger few or rusted',
    part: 'ledger',
    sign: 'few-or-corroded-fasteners',
    today: 'Hot-dip galvanised or stainless.',
  }),
  point('held-sideways', 'at the house', {
    asks: 'Tied to the floor of the house against pulling away',
    wrong: 'No ties into the floor of the house',
    part: 'ledger',
    today: 'Two ties of 1,500 lb or four of 750 lb, a detail the code allows.',
  }),
  point('connectors', 'frame', {
    asks: 'Posts fixed to beam and footing with metal',
    wrong: 'Posts not fixed to beam or footing',
    part: 'deck-post',
    sign: 'connector-absent',
    today: 'Post caps and bases, or equal.',
  }),
  point('metal-rust', 'frame', {
    asks: 'Hangers and straps without rust',
    wrong: 'Hangers or straps rusted',
    part: 'joist-hanger',
    sign: 'connector-rusted',
    today: 'Coated for treated wood, or stainless.',
  }),
  point('boards-span', 'frame', {
    asks: 'Boards lie over three joists or more and do not give',
    wrong: 'Boards give between the joists',
    part: 'deck-board',
    sign: 'boards-span-too-few',
    today: '5/4 boards: joists 16 in apart at the most, 12 on the slant.',
  }),
  point('guard-openings', 'guards and stairs', {
    asks: 'No opening in the guard lets a 4 in ball through',
    wrong: 'Openings in the guard over 4 in',
    part: 'guard',
    sign: 'opening-over-4-in',
    today: 'Under 4 in; 4 3/8 in beside a stair.',
  }),
  point('handrail', 'guards and stairs', {
    asks: 'A rail to hold along stairs of four risers or more',
    wrong: 'No rail to hold along the stair',
    part: 'stair',
    today: '34 to 38 in over the nosings, from four risers on.',
  }),
  point('risers', 'guards and stairs', {
    asks: 'Risers alike within 3/8 in',
    wrong: 'Risers differ by more than 3/8 in',
    part: 'stair',
    today: '7 3/4 in at the most, alike within 3/8 in.',
  }),
]

/** A point of the deck check by its id; null for one of a newer edition. */
export function deckPoint(id: string): DeckPoint | null {
  return DECK_POINTS.find((each) => each.id === id) ?? null
}
