/** A sign as whoever surveys has seen it. */
export const seenClose = (sign: string) => ({ sign, how: 'seen-close' as const, present: true })

/** What the button says that makes findings of what a survey found wrong. */
export function writeDownWords(fresh: number, joinOnly: string): string {
  if (fresh === 0) return joinOnly
  return `Write down ${fresh === 1 ? 'the finding' : `the ${fresh} findings`}`
}
