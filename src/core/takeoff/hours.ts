/** Hours of one task of one item: set-ups + rate × quantity × factor, to the hundredth as they are printed. */
export type TaskHours = {
  readonly task: string
  readonly name: string
  readonly quantity: number
  readonly unit: string
  /** After sharing: a set-up paid once a side is split over the items that use it. */
  readonly set_up_h: number
  readonly rate_h: number
  readonly factor: number
  readonly hours: number
}

/** Which column of the hours is reckoned with: a ballpark asks for all three, a bid for the typical one. */
export type Pace = 'low' | 'typical' | 'high'

/** To the hundredth, as it is printed: what is printed can be reckoned again by hand. */
export function hundredths(n: number): number {
  return Math.round(n * 100 + 1e-9) / 100
}
