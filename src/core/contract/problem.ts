import * as z from 'zod/mini'

/** A refusal as RFC 9457 problem details. */
export const Problem = z.object({
  type: z.string().check(z.regex(/^urn:detrimus:problem:[a-z-]+$|^about:blank$/)),
  status: z.int(),
  detail: z.string(),
  change_id: z.optional(z.string()),
  issues: z.optional(z.array(z.object({ path: z.string(), message: z.string() }))),
})
