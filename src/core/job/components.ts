import * as z from 'zod'

/**
 * The id of a row of the catalogue. A job file carries ids as plain strings: a new part or method is no new shape of the file, and
 * one that this program does not know is kept, shown as unknown, and never guessed at.
 */
export const KnowledgeId = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'small letters, digits and -, at most 64')

/** A part of a house, by its row in the catalogue. */
export type ComponentId = string
export const Component = KnowledgeId
/** What a member is made of, by its row. */
export type MaterialId = string
export const Material = KnowledgeId
/** How something is mended, by its row. */
export type MethodId = string
export const Method = KnowledgeId
