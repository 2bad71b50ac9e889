import { z } from 'zod'

/** A refusal as RFC 9457 problem details. */
export const Problem = z.object({
  type: z.string().regex(/^urn:detrimus:problem:[a-z-]+$|^about:blank$/),
  status: z.int(),
  detail: z.string(),
  change_id: z.string().optional(),
  issues: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
})
