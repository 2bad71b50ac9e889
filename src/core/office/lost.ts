/** Why an owner said no, as a firm keeps count of it. Source: common practice. */
export const LOST_WHYS = ['price', 'other-firm', 'time', 'smaller', 'not-now', 'no-answer', 'other'] as const
export type LostWhy = (typeof LOST_WHYS)[number]

export const LOST_WORDS: Readonly<Record<LostWhy, string>> = {
  price: 'too dear',
  'other-firm': 'took another firm',
  time: 'could not wait so long',
  smaller: 'wanted less done',
  'not-now': 'not now',
  'no-answer': 'never answered',
  other: 'something else',
}

/** The words of a reason; nobody said one where it is empty or unknown. */
export function lostWords(why: string): string {
  return (LOST_WORDS as Readonly<Record<string, string>>)[why] ?? 'nobody said why'
}
