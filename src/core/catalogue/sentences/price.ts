type Told = {
  readonly to: string
  readonly day: string
  readonly told: string
  /** Null while the job has no total. */
  readonly drift: { readonly by: string; readonly more: boolean; readonly same: boolean } | null
}

/** What the price says of itself. */
export const PRICE_SAYS = {
  told: ({ to, day, told, drift }: Told): string =>
    drift === null
      ? `You told ${to} ${told} on ${day}.`
      : drift.same
        ? `You told ${to} ${told} on ${day}; it still is.`
        : `You told ${to} ${told} on ${day}; it is ${drift.by} ${drift.more ? 'more' : 'less'} now.`,
}
