import type { SignId } from '../catalogue/signs'
import type { ComponentId, Grade, HowKnown, HowMeasured, MaterialId } from '../job'
import type { Length } from '../measure'
import type { Where } from './where'

/** What one line of shorthand says of one finding. Null and empty: not said. */
export type Shorthand = {
  /** The line as it came. It is always kept. */
  readonly words: string
  /** A letter, or a facing. */
  readonly side: string | null
  /** Letter and number of an opening or a deck. */
  readonly feature: string | null
  /** Where it is, in the words people use instead of letters and numbers. */
  readonly where: Where
  readonly station: Length | null
  readonly height: Length | null
  readonly part: ComponentId | null
  readonly material: MaterialId | null
  readonly length: Length | null
  readonly how: HowMeasured | null
  /** The length came first, with nothing to say that it is no station: `8 ft fascia soft`. */
  readonly lengthFirst: boolean
  /** `two to three feet`: the least and the most that was said. */
  readonly range: { readonly low: Length; readonly high: Length } | null
  readonly count: number | null
  /** `a few`, `3 or 4`: nobody counted. */
  readonly roughCount: boolean
  readonly signs: readonly SignId[]
  readonly grade: Grade | null
  readonly probe: { readonly depth: Length; readonly thickness: Length | null } | null
  readonly reading: { readonly percent: number; readonly reference: number | null } | null
  readonly suspected: boolean
  readonly known: HowKnown | null
  readonly hold: string | null
  readonly note: string | null
  /** Words that nothing placed: shown, never dropped. */
  readonly left: readonly string[]
}

/** A line while it is being read. */
export type Draft = { -readonly [K in keyof Shorthand]: Shorthand[K] } & { signs: SignId[] }
