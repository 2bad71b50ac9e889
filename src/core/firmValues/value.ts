import type { Source } from '../catalogue'
import type { EntityOf } from '../job'

/** A number; words; one of a few words; or lengths in feet as text, `8, 12, 16`. */
export type Value = number | string

export type Takes =
  | { readonly kind: 'number'; readonly least: number; readonly most: number }
  | { readonly kind: 'words'; readonly longest: number; readonly mayBeEmpty?: true }
  | { readonly kind: 'choice'; readonly of: readonly { readonly id: string; readonly name: string }[] }
  | { readonly kind: 'lengths' }

export type Kept = { readonly settings: EntityOf['settings']; readonly rates: EntityOf['rates'] }

/** A field of settings or rates that a value is kept in; the shipped one is what a new firm starts from. */
export type Place = {
  readonly read: (kept: Kept) => Value | null
  readonly write: (kept: Kept, value: Value) => Kept
}

/** One value that the stages reckon with and a firm may change, as it is shipped. */
export type Shipped = {
  /** Its name in settings, in files and in the history; never used for anything else. */
  readonly key: string
  readonly group: string
  readonly name: string
  readonly unit: string
  readonly source: Source
  readonly shipped: Value
  readonly takes: Takes
  /** Null: it is kept under its key, in the values of the settings. */
  readonly place: Place | null
}

export const MINE = 'our judgement'
export const number = (least: number, most: number): Takes => ({ kind: 'number', least, most })

/** A value kept under its key, since it has no field of its own. */
export const byKey = (of: Omit<Shipped, 'place'>): Shipped => ({ ...of, place: null })
