/** What is said of a record that does not fit together: shown, never refused. */
export const HOUSE_SAYS = {
  notPermitted: (what: readonly string[]) =>
    `Opened without a permission noted: ${what.join(', ')}. Note who permitted opening; until then it is not counted as done.`,
  doesNotClose: (gap_in: string) =>
    `The sides do not close: they miss the start by ${gap_in} in. Check the lengths.`,
  cornersTurn: (degrees: string) => `The corners turn ${degrees}°, not 360°. Check the turns.`,
  sideGone: (number: string) => `Finding ${number}: its side was removed. Give it a place again.`,
  pastTheEnd: (number: string, side: string) => `Finding ${number} lies past the end of side ${side}.`,
  featurePastTheEnd: (feature: string, side: string) => `${feature} reaches past the end of side ${side}.`,
} as const
