import type { Say } from './say'

/** What a field is called on site, and how its value is said. Null: nobody wants to read of it. */
export type FieldWords = { readonly name: string; readonly say: Say } | null

export const f = (name: string, say: Say): FieldWords => ({ name, say })
/** Ids and order: what holds a thing together says nothing to anybody. */
export const HIDDEN = { id: null, removed: null } as const
