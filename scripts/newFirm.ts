/** `npm run firm -- "Name of the firm"`: begins a firm and prints the link for its first person. See docs/operating.md. */
import { makePool } from '../src/db/pool'
import { beginFirm } from '../src/server/beginFirm'
import { readEnv } from '../src/server/env'

const name = process.argv.slice(2).join(' ').trim()
if (name === '') {
  process.stderr.write('Say what the firm is called: npm run firm -- "Name of the firm"\n')
  process.exit(1)
}
const env = readEnv()
const pool = makePool(env.DETRIMUS_APP_DATABASE_URL)
try {
  const { url } = await beginFirm(pool, { name, baseUrl: env.DETRIMUS_BASE_URL })
  process.stdout.write(
    `${name} has begun. Its first person sets up his sign-in here, within a week:\n${url}\n`,
  )
} finally {
  await pool.end()
}
