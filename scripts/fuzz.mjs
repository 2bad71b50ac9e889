/**
 * `npm run fuzz`: 10,000 malformed and hostile requests to every route, and hostile files beside honest requests. Prints statuses, and
 * fails on any 500, any half write, anything over two seconds, anything that holds others up. `-- --requests N`, `-- --seed N`.
 */
import path from 'node:path'
import { needDebian, needNpm } from './lib/packages.mjs'
import { ROOT, run } from './lib/run.mjs'

await needDebian(['postgresql'])
await needNpm()
const { DEMO_WORD, stand } = await import('./lib/stand.mjs')

const asked = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? usual : process.argv[at + 1]
}
const place = await stand({ name: 'fuzz', databasePort: 5467, port: 4680 })
let code = 1
try {
  code = await run(path.join(ROOT, 'node_modules', '.bin', 'tsx'), ['tests/fuzz/main.ts'], {
    env: {
      ...place.env,
      FUZZ_URL: place.url,
      FUZZ_WORD: DEMO_WORD,
      FUZZ_REQUESTS: String(asked('requests', 10_000)),
      FUZZ_SEED: String(asked('seed', 1)),
    },
  })
} finally {
  place.stop()
}
process.exit(code)
