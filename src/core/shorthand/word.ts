import * as z from 'zod'
import { Grade, KnowledgeId } from '../job'

/** What a firm's people mean by a word, learnt from a correction. `nothing`: it may be passed over. */
export const WordMeaning = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('part'), part: KnowledgeId }),
  z.strictObject({
    kind: z.literal('sign'),
    sign: KnowledgeId,
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
