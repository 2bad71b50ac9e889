import type { Drawing } from '../house'
import type { BidModel } from './bidModel'

type Photo = BidModel['findings'][number]['photos'][number]

/** A picture of a finding, with what was drawn over it. */
export type BidPicture = Pick<Photo, 'sha256' | 'drawn'> & { readonly alt: string; readonly under: string }

/** One stroke of a signature. */
export type Stroke = readonly (readonly [across: number, down: number])[]

/** What a bid is made of. A printer knows how each kind looks, and nothing of what a bid says. */
export type BidBlock =
  | {
      readonly kind: 'letterhead'
      readonly firm: string
      /** Hash of the firm's mark. */
      readonly logo: string | null
      readonly title: string
      readonly address: string
      readonly days: readonly string[]
      /** What it comes to, before anything else is read; null on a face without money. */
      readonly total: { readonly name: string; readonly amount: string } | null
    }
  | { readonly kind: 'words'; readonly text: string; readonly tone: 'plain' | 'quiet' | 'strong' | 'waiting' }
  /** A hazard: the flag stands before its heading. */
  | {
      readonly kind: 'hazard'
      readonly flag: string | null
      readonly head: string
      readonly says: string
      readonly who: string
    }
  | { readonly kind: 'drawing'; readonly px: number; readonly drawing: Drawing; readonly under: string }
  /** The head of what is done at one place of the house, with its sum. */
  | { readonly kind: 'place'; readonly name: string; readonly amount: string | null }
  /** A piece of work: what, its amount, where and how much, what was seen and is done, how long it lasts, what must be known of it. */
  | {
      readonly kind: 'work'
      readonly id: string
      readonly title: string
      /** Null on a face without money, and where there is none. */
      readonly amount: string | null
      readonly under: string
      readonly says: string
      readonly lasts: string
      readonly knows: readonly string[]
      readonly pictures: readonly BidPicture[]
    }
  /** Rows under heads; the last column is an amount where `amounts`. */
  | {
      readonly kind: 'table'
      readonly name: string
      readonly heads: readonly string[]
      readonly rows: readonly (readonly string[])[]
      readonly amounts: boolean
    }
  | {
      readonly kind: 'sum'
      readonly rows: readonly { readonly name: string; readonly amount: string }[]
      readonly name: string
      readonly amount: string
    }
  | {
      readonly kind: 'finding'
      readonly number: string
      readonly says: string
      readonly where: string
      readonly pictures: readonly BidPicture[]
    }
  | { readonly kind: 'pictures'; readonly pictures: readonly BidPicture[] }
  /** Where one signs on paper. */
  | { readonly kind: 'sign'; readonly text: string }
  /** Who signed, with what he drew: points in ten-thousandths of a field three times as wide as high. */
  | { readonly kind: 'signed'; readonly text: string; readonly strokes: readonly Stroke[] }
  | { readonly kind: 'clause'; readonly heading: string; readonly text: string }
  | {
      readonly kind: 'pairs'
      readonly heading: string
      readonly rows: readonly {
        readonly source: string
        readonly sure: string
        readonly findings: string
        readonly fix: string
      }[]
    }

/** A section with its name; one that is not headed stands without one, and one that folds may be opened. */
export type BidSection = {
  readonly name: string
  /** Its head in the language it is read in; absent: its name. */
  readonly heading?: string
  readonly headed: boolean
  readonly folds: boolean
  readonly blocks: readonly BidBlock[]
}
