import { CERTAINTY_WORDS, type Source } from '../../core/trace'

/** Stated by a person first, then as sure as it is; the words stand from the least sure. */
const sureness = ({ certainty }: Source): number =>
  certainty === 'stated' ? CERTAINTY_WORDS.length : CERTAINTY_WORDS.indexOf(certainty)

export const SOURCE_ORDERS = {
  strip: 'as they stand on the walls',
  reach: 'those that reach most first',
  sure: 'surest first',
} as const
export type SourceOrder = keyof typeof SOURCE_ORDERS

/** Sources in the order asked for; those alike in it stand as they did on the walls. */
export function orderSources(sources: readonly Source[], order: SourceOrder): Source[] {
  switch (order) {
    case 'strip':
      return [...sources]
    case 'reach':
      return sources.toSorted((a, b) => b.finding_ids.length - a.finding_ids.length)
    case 'sure':
      return sources.toSorted((a, b) => sureness(b) - sureness(a))
  }
}
