/** Runs the faults asked for by the environment and ends non-zero when anything was found. Started by scripts/faults.mjs. */
import { browserFaults } from './browser'
import { httpFaults } from './http'
import type { Tally } from './tally'

function needed(name: string): string {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set: run this through \`npm run faults\`.`)
  return value
}

function print(what: string, tally: Tally, counts: ReadonlyMap<string, number>): void {
  const { faults, edits, lost, doubled, reordered, falselyShown } = tally
  console.log(`\n${what}: ${faults} faults, ${edits} edits`)
  console.log(`  lost ${lost}  doubled ${doubled}  reordered ${reordered}  falsely shown ${falselyShown}`)
  for (const [kind, n] of [...counts].sort((a, b) => b[1] - a[1]))
    console.log(`  ${String(n).padStart(5)} ${kind}`)
}

const found: Tally[] = []
const urls = (process.env['FAULTS_URLS'] ?? needed('FAULTS_URL')).split(' ')
const common = { password: needed('FAULTS_WORD'), clusterUrl: needed('DETRIMUS_CLUSTER_URL') }
const faults = Number(needed('FAULTS_HTTP'))
if (faults > 0) {
  const seed = Number(needed('FAULTS_SEED'))
  const { tally, counts } = await httpFaults({ urls, email: 'imke@tern.invalid', faults, seed, ...common })
  print('HTTP', tally, counts)
  found.push(tally)
}
const inBrowser = Number(needed('FAULTS_BROWSER'))
if (inBrowser > 0) {
  const { tally, counts } = await browserFaults({ url: urls[0]!, faults: inBrowser, ...common })
  print('Browser', tally, counts)
  found.push(tally)
}
const bad = found.some(
  ({ lost, doubled, reordered, falselyShown }) => lost + doubled + reordered + falselyShown > 0,
)
process.exit(bad ? 1 : 0)
