import {
  DECK_BEAMS_IN,
  DECK_JOISTS_IN,
  DECK_POSTS_IN,
  DECK_TABLES_SOURCE,
  GUARD_IN,
  JOIST_COLUMNS_FT,
  LEDGER_FASTENERS_IN,
  type DeckSize,
  type DeckWood,
} from '../catalogue/measures/deckTables'
import { feetAndInches as words, GOVERNS, type Computed } from './computed'

/** Sizes of a deck as measured; null: not measured. */
export type DeckSizes = {
  readonly wood: DeckWood | 'unknown'
  readonly joist: DeckSize | null
  readonly joist_spacing_in: 12 | 16 | 24 | null
  readonly joist_span_in: number | null
  readonly beam: DeckSize | null
  readonly beam_plies: number | null
  readonly beam_span_in: number | null
  readonly post: '4x4' | '4x6' | '6x6' | null
  readonly post_height_in: number | null
  readonly ledger_by: 'lags' | 'bolts' | 'bolts-and-washers' | 'nails' | 'nothing' | 'unknown'
  readonly ledger_spacing_in: number | null
  readonly guard_height_in: number | null
  readonly guard_opening_in: number | null
  /** Floor of the deck over the ground. */
  readonly height_in: number | null
}

/** How a size stands to its table. Inside a table is no word on wood that is not sound. */
export type Standing = 'inside' | 'outside' | 'no-row'

/** A size of a deck that a table or a rule limits. */
export type DeckLimit = 'joists' | 'beam' | 'posts' | 'ledger' | 'guard-height' | 'guard-opening'
/** One size against its limit. */
export type DeckSizeRead = Computed<Standing> & { readonly size: DeckLimit }

const ENGINEER = 'Outside the table: replace it, or an engineer.'
const NO_ROW = 'The table has no row for it: an engineer.'

function against(of: {
  readonly size: DeckLimit
  readonly what: string
  readonly inputs: Computed<Standing>['inputs']
  readonly is_in: number
  readonly most_in: number | null
  readonly wood: DeckSizes['wood']
}): DeckSizeRead {
  const { size, what, inputs, is_in, most_in, wood } = of
  const result: Standing = most_in === null ? 'no-row' : is_in <= most_in + 1e-9 ? 'inside' : 'outside'
  return {
    size,
    inputs,
    formula: 'as measured ≤ the figure of the table',
    result,
    says:
      most_in === null
        ? `${what}: ${NO_ROW}`
        : `${what}: ${words(is_in)}; the table ends at ${words(most_in)}. ${result === 'outside' ? ENGINEER : 'Inside the table.'}`,
    limit: most_in === null ? null : words(most_in),
    source: DECK_TABLES_SOURCE,
    notes: [
      ...(wood === 'unknown' ? ['Wood not known: the lower figure of both rows.'] : []),
      'For sound wood of No. 2 grade: decayed, notched or drilled wood has no table.',
      'It may have been lawful when built.',
      GOVERNS,
    ],
  }
}

/** The lower of both woods where nobody knows which it is; null where one of them has no row. */
function byWood(wood: DeckSizes['wood'], of: (wood: DeckWood) => number | null | undefined): number | null {
  if (wood !== 'unknown') return of(wood) ?? null
  const [one, other] = [of('southern-pine') ?? null, of('other-softwood') ?? null]
  return one === null || other === null ? null : Math.min(one, other)
}

/** Column of the tables for a span of joist: the next longer one; null beyond the last. */
function columnOf(joist_span_in: number): number | null {
  const at = JOIST_COLUMNS_FT.findIndex((column) => joist_span_in <= column * 12 + 1e-9)
  return at < 0 ? null : at
}

/**
 * Every size of a deck against its published table. What was not measured, or hangs on a size that was not, is not there.
 *
 * @returns one line a size; `no-row` where the table ends
 */
export function deckSizes(of: DeckSizes): DeckSizeRead[] {
  const { wood } = of
  const lines: DeckSizeRead[] = []
  const woodInput = {
    label: 'Wood',
    value: wood === 'unknown' ? 'not known' : wood.replace('-', ' '),
  }
  const column = of.joist_span_in === null ? null : columnOf(of.joist_span_in)
  if (of.joist !== null && of.joist_spacing_in !== null && of.joist_span_in !== null) {
    const { joist, joist_spacing_in } = of
    lines.push(
      against({
        size: 'joists',
        what: `Joists ${joist} at ${joist_spacing_in} in`,
        inputs: [woodInput, { label: 'Span', value: words(of.joist_span_in) }],
        is_in: of.joist_span_in,
        most_in: byWood(wood, (each) => DECK_JOISTS_IN[each][joist][joist_spacing_in]),
        wood,
      }),
    )
  }
  if (of.beam !== null && of.beam_plies !== null && of.beam_span_in !== null && of.joist_span_in !== null) {
    const name = `${of.beam_plies}-${of.beam}`
    lines.push(
      against({
        size: 'beam',
        what: `Beam of ${of.beam_plies} ${of.beam}`,
        inputs: [
          woodInput,
          { label: 'Between posts', value: words(of.beam_span_in) },
          { label: 'Joists', value: words(of.joist_span_in) },
        ],
        is_in: of.beam_span_in,
        most_in: column === null ? null : byWood(wood, (each) => DECK_BEAMS_IN[each][name]?.[column]),
        wood,
      }),
    )
  }
  if (of.post !== null && of.post_height_in !== null)
    lines.push(
      against({
        size: 'posts',
        what: `Posts ${of.post}`,
        inputs: [{ label: 'To the underside of the beam', value: words(of.post_height_in) }],
        is_in: of.post_height_in,
        most_in: DECK_POSTS_IN[of.post],
        wood: 'southern-pine',
      }),
    )
  const { ledger_by } = of
  if (
    of.ledger_spacing_in !== null &&
    of.joist_span_in !== null &&
    (ledger_by === 'lags' || ledger_by === 'bolts' || ledger_by === 'bolts-and-washers')
  )
    lines.push(
      against({
        size: 'ledger',
        what: `Fasteners of the ledger (${ledger_by.replaceAll('-', ' ')}) apart`,
        inputs: [{ label: 'Joists', value: words(of.joist_span_in) }],
        is_in: of.ledger_spacing_in,
        most_in: column === null ? null : (LEDGER_FASTENERS_IN[ledger_by][column] ?? null),
        wood: 'southern-pine',
      }),
    )
  return [...lines, ...guardLines(of)]
}

function guardLines(of: DeckSizes): DeckSizeRead[] {
  const source = 'International Residential Code R312, from memory'
  const notes = ['It may have been lawful when built.', GOVERNS]
  const lines: DeckSizeRead[] = []
  if (of.height_in !== null && of.guard_height_in !== null && of.height_in > GUARD_IN.from) {
    const low = of.guard_height_in < GUARD_IN.high
    lines.push({
      size: 'guard-height',
      inputs: [
        { label: 'Floor over the ground', value: words(of.height_in) },
        { label: 'Guard', value: words(of.guard_height_in) },
      ],
      formula: `over ${GUARD_IN.from} in a guard of ${GUARD_IN.high} in`,
      result: low ? 'outside' : 'inside',
      says: `Guard ${of.guard_height_in} in high: ${low ? 'lower than today’s rule.' : 'as high as today’s rule asks.'}`,
      limit: `${GUARD_IN.high} in`,
      source,
      notes,
    })
  }
  if (of.guard_opening_in !== null) {
    const wide = of.guard_opening_in >= GUARD_IN.opening
    lines.push({
      size: 'guard-opening',
      inputs: [{ label: 'Widest opening', value: `${of.guard_opening_in} in` }],
      formula: `a ball of ${GUARD_IN.opening} in does not pass`,
      result: wide ? 'outside' : 'inside',
      says: `Widest opening ${of.guard_opening_in} in: ${wide ? 'a 4 in ball passes; a child’s head can be caught.' : 'a 4 in ball does not pass.'}`,
      limit: `under ${GUARD_IN.opening} in`,
      source,
      notes,
    })
  }
  return lines
}
