/** How a line of talk and what it means are written down. */
export type Spot = {
  /** `A2` an opening, `A@12` a station in feet, `A@12^9` with a height, `A` the side, `crawl`, `roof`, `deck`, `room:bath`. */
  readonly at: string
  readonly part?: string | null
  /** Inches. */
  readonly length?: number
  readonly count?: number
  readonly grade?: number
  readonly guessed?: true
}
export type Talk = {
  readonly say: string
  /** Side in view, when it is not the front. */
  readonly view?: string
  /** Where the last finding was. */
  readonly last?: string
  /** What is right. More than one with `or`: it cannot be known, so it must be asked. */
  readonly means: readonly Spot[]
  readonly ask?: true
}
export const one = (say: string, spot: Spot, more: Omit<Talk, 'say' | 'means'> = {}): Talk => ({
  say,
  means: [spot],
  ...more,
})
export const many = (say: string, means: readonly Spot[], more: Omit<Talk, 'say' | 'means'> = {}): Talk => ({
  say,
  means,
  ...more,
})
