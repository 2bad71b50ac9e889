/** A measured line of this bench, with the baseline it stands beside. */
export type WalkRow = { readonly name: string; readonly value: string; readonly beside: string }
