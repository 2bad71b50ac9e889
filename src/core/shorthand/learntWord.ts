import { z } from 'zod'
import { Grade, KnowledgeId } from '../job'
import { isSign } from '../trace'

/** What a firm's people mean by a word, learnt from a correction. `nothing`: it may be passed over. */
export const WordMeaning = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('part'), part: KnowledgeId }),
  z.strictObject({
    kind: z.literal('sign'),
    sign: z.string().refine(isSign, 'no sign of that name'),
  }),
  z.strictObject({ kind: z.literal('grade'), grade: Grade }),
  z.strictObject({
    kind: z.literal('material'),
    material: KnowledgeId,
  }),
  z.strictObject({ kind: z.literal('nothing') }),
])
export type WordMeaning = z.infer<typeof WordMeaning>

export const LearntWord = z.strictObject({
  /** One word or a few, in small letters, as it stands in a line. */
  phrase: z
    .string()
    .regex(/^\S(.*\S)?$/, 'a word, without blanks around it')
    .max(80),
  means: WordMeaning,
})
export type LearntWord = z.infer<typeof LearntWord>

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
