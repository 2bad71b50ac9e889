/** Restarts the cluster named in the argument (JSON: program, words), for the test that pulls the database away under the app. */
import { spawnSync } from 'node:child_process'

const { program, words } = JSON.parse(process.argv[2] ?? '{}')
if (typeof program !== 'string') {
  console.error('usage: node scripts/restartDatabase.mjs {"program":"…","words":["…"]}')
  process.exit(2)
}
const done = spawnSync(program, words, { cwd: '/', stdio: 'ignore' })
process.exit(done.status ?? 1)
