/**
 * What a bid and its changes say besides the rows of the catalogue, English beside Spanish. `{name}` is filled with what stands there,
 * read in its turn; `{~name}` was typed by a person and stays as it is. What no row knows stays English and is shown so.
 */
export type Pair = readonly [english: string, spanish: string]

/** A cause as its owner reads it: its name, what follows where only the damage is repaired, its fix or nothing. */
export type CauseSaid = readonly [name: string, ifOnlyEffect: string, fix: string]
