import * as z from 'zod/mini'

/** What the owner's page asks and is answered. It stands apart, and in the small form of the library, so that his phone loads little. */

const ChosenIds = z.array(z.string().check(z.maxLength(100))).check(z.maxLength(400))
const Hundredths = z.int().check(z.minimum(0), z.maximum(10_000))

/** What of the bid is taken. */
export const OwnerChoice = z.strictObject({
  left: ChosenIds,
  taken: ChosenIds,
  looks: ChosenIds,
  /** Of what is left out, what keeps people from being hurt: left out by name, and written down as declined. */
  declined: ChosenIds,
})
export type OwnerChoice = z.infer<typeof OwnerChoice>

export const Signature = z
  .array(z.array(z.tuple([Hundredths, Hundredths])).check(z.maxLength(600)))
  .check(z.maxLength(40))

export const AcceptRequest = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(2, 'Type your name to accept.'), z.maxLength(120)),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Hash of the bid that was on the screen: nobody accepts what he did not read. */
  hash: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
  /** Absent: the whole bid as it was sent, as a page of an older program says it. */
  choice: z.optional(OwnerChoice),
  /** What the page said it comes to: the server reckons it again, and takes no other. */
  total_cents: z.optional(z.int()),
  /** Drawn with a finger: strokes of points, across and down in hundredths of the field. */
  signature: z.optional(Signature),
})

/** A question about the bid, or about one piece of work in it. */
export const AskRequest = z.strictObject({
  id: z.uuid(),
  name: z
    .string()
    .check(z.trim(), z.minLength(2, 'Type your name, so that they know who asks.'), z.maxLength(120)),
  about: z.nullable(z.string().check(z.maxLength(100))),
  words: z.string().check(z.trim(), z.minLength(1, 'Type your question.'), z.maxLength(4000)),
})

/** What was written between an owner and the firm. */
export const MessageAnswer = z.object({
  id: z.string(),
  /** Heading of the piece of work it is about; null: the bid as a whole. */
  about: z.nullable(z.string()),
  from_owner: z.boolean(),
  name: z.string(),
  words: z.string(),
  at: z.iso.datetime(),
})
export type MessageAnswer = z.infer<typeof MessageAnswer>
export const ThreadAnswer = z.object({ messages: z.array(MessageAnswer) })

export const AcceptAnswer = z.object({
  accepted: z.object({ by: z.string(), at: z.iso.datetime(), total_cents: z.int() }),
})

/** What the owner says to a change order. */
export const OrderAnswerRequest = z.strictObject({
  order_id: z.string().check(z.minLength(1), z.maxLength(64)),
  says: z.enum(['yes', 'no']),
  name: z.string().check(z.trim(), z.minLength(2, 'Type your name.'), z.maxLength(120)),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Hash of what was on the screen: nobody answers what he did not read. */
  hash: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
  signature: z.optional(Signature),
})

export const OrderAnswerAnswer = z.object({
  answered: z.object({ says: z.enum(['yes', 'no']), by: z.string(), at: z.iso.datetime() }),
})
