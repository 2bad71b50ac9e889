/**
 * `npm run faults`: breaks the line between client and server in every way we know, and prints what was lost, doubled, reordered or
 * falsely shown. At HTTP level with the real client code on four devices, then with the real client in a browser. Bounded in number
 * and time; `-- --http N`, `-- --browser N`, `-- --seed N`.
 */
import path from 'node:path'
import { needDebian, needNpm } from './lib/packages.mjs'
import { ROOT, run, say } from './lib/run.mjs'

await needDebian(['postgresql', 'chromium'])
await needNpm()
const { DEMO_WORD, stand } = await import('./lib/stand.mjs')

const asked = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? usual : Number(process.argv[at + 1])
}
const place = await stand({ name: 'faults', databasePort: 5466, port: 4660 })
let code = 1
try {
  code = await run(path.join(ROOT, 'node_modules', '.bin', 'tsx'), ['tests/faults/main.ts'], {
    env: {
      ...place.env,
      NODE_ENV: 'test',
      FAULTS_URL: place.url,
      FAULTS_WORD: DEMO_WORD,
      FAULTS_HTTP: String(asked('http', 1000)),
      FAULTS_BROWSER: String(asked('browser', 100)),
      FAULTS_SEED: String(asked('seed', 1)),
    },
  })
} finally {
  place.stop()
}
say(
  code === 0
    ? 'Nothing lost, nothing doubled, nothing reordered, nothing falsely shown.'
    : 'Something was found: see above.',
)
process.exit(code)
