import 'server-only'
import * as z from 'zod'

const Env = z.object({
  DETRIMUS_APP_DATABASE_URL: z.string().min(1),
  DETRIMUS_AUTH_DATABASE_URL: z.string().min(1),
  DETRIMUS_SESSION_SECRET: z.string().min(32),
  DETRIMUS_BASE_URL: z.url(),
  /** A copy of the database that may be a moment behind: what never changes is read there, where it has it already. */
  DETRIMUS_READ_DATABASE_URL: z.string().min(1).optional(),
  /** `on`: people may add a second factor to their sign-in. */
  DETRIMUS_SECOND_FACTOR: z.enum(['on', 'off']).default('off'),
})

/** What the web process needs from its environment. @throws Error naming what is missing: nothing works without it. */
export function readEnv(): z.infer<typeof Env> {
  const env = Env.safeParse(process.env)
  if (!env.success) {
    const names = env.error.issues.map((issue) => issue.path.join('.')).join(', ')
    throw new Error(`Set ${names} in the environment; \`npm run demo\` does it for you.`)
  }
  return env.data
}
