import * as z from 'zod/mini'

/** What the owner's page asks and is answered. It stands apart, and in the small form of the library, so that his phone loads little. */

export const AcceptRequest = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(2, 'Type your name to accept.'), z.maxLength(120)),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Hash of the bid that was on the screen: nobody accepts what he did not read. */
  hash: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
})

export const AcceptAnswer = z.object({
  accepted: z.object({ by: z.string(), at: z.iso.datetime() }),
})
