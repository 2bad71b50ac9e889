/** What a run of faults found, counted the same for every kind of client. */
export type Tally = {
  faults: number
  edits: number
  lost: number
  doubled: number
  reordered: number
  /** Said to be sent or kept, and not so at that moment. */
  falselyShown: number
}

export const emptyTally = (): Tally => ({
  faults: 0,
  edits: 0,
  lost: 0,
  doubled: 0,
  reordered: 0,
  falselyShown: 0,
})

/**
 * Compares what one device wrote, in order, with what the server has in its order.
 *
 * @example
 * compare(['a', 'b'], ['b', 'a', 'a']) // => { lost: 0, doubled: 1, reordered: 1 }
 */
export function compare(
  wrote: readonly string[],
  has: readonly string[],
): Pick<Tally, 'lost' | 'doubled' | 'reordered'> {
  const mine = new Set(wrote)
  const found = has.filter((each) => mine.has(each))
  const once = [...new Set(found)]
  const place = new Map(wrote.map((each, index) => [each, index]))
  let reordered = 0
  for (let at = 1; at < once.length; at += 1) {
    if (place.get(once[at]!)! < place.get(once[at - 1]!)!) reordered += 1
  }
  return { lost: wrote.length - once.length, doubled: found.length - once.length, reordered }
}
