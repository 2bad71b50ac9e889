import { isSign } from '../catalogue/signs'
import type { LearntWord, WordMeaning } from './word'

/** Whether a word means something this catalogue has: a sign it lost is passed over, not guessed at. */
export function isKnownWord({ means }: LearntWord): boolean {
  return means.kind !== 'sign' || isSign(means.sign)
}

/** The words that mean one kind of thing, as patterns; longer ones first, so that they are not cut short. */
export function learntPhrases<K extends WordMeaning['kind'], T>(
  words: readonly LearntWord[],
  kind: K,
  means: (meaning: Extract<WordMeaning, { kind: K }>) => T,
): (readonly [pattern: string, means: T])[] {
  return words
    .filter((word) => word.means.kind === kind)
    .sort((a, b) => b.phrase.length - a.phrase.length)
    .map((word) => [
      word.phrase.toLowerCase().replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`),
      means(word.means as Extract<WordMeaning, { kind: K }>),
    ])
}
