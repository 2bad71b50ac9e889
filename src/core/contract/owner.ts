import { z } from 'zod'

/** What the owner's page asks and is answered. It stands apart from the rest so that his phone loads nothing of it. */

export const AcceptRequest = z.strictObject({
  name: z.string().trim().min(2, 'Type your name to accept.').max(120),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Hash of the bid that was on the screen: nobody accepts what he did not read. */
  hash: z.string().regex(/^[0-9a-f]{64}$/),
})

export const AcceptAnswer = z.object({
  accepted: z.object({ by: z.string(), at: z.iso.datetime() }),
})
