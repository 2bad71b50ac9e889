import { benchStages, type Row } from './stages'
import { benchWalk } from './walk'
import type { WalkRow } from './walkRow'

/** `npm run bench` runs all; `npm run bench -- NAME` one; `--json` prints the rows as JSON. */
const BENCHES = { stages: benchStages, walk: benchWalk } as const
type Name = keyof typeof BENCHES

function printStages(rows: readonly Row[]): void {
  process.stdout.write('\nstages: median (least–most) of 15 runs, and times the baseline\n')
  for (const row of rows) {
    process.stdout.write(
      `  ${row.name.padEnd(36)} ${row.median_ms.toFixed(2).padStart(9)} ms (${row.least_ms.toFixed(2)}–${row.most_ms.toFixed(2)})  × ${row.to_baseline.toFixed(1)}\n`,
    )
  }
}

function printWalk(rows: readonly WalkRow[]): void {
  process.stdout.write('\nwalk: in a real browser against the production build\n')
  for (const row of rows) {
    process.stdout.write(`  ${row.name}\n      ${row.value}\n      ${row.beside}\n`)
  }
}

const words = process.argv.slice(2)
const named = words.filter((word) => !word.startsWith('--'))
const unknown = named.find((name) => !(name in BENCHES))
if (unknown !== undefined) {
  process.stderr.write(`There is no bench “${unknown}”. There are: ${Object.keys(BENCHES).join(', ')}.\n`)
  process.exit(2)
}
const wanted = (name: Name): boolean => named.length === 0 || named.includes(name)
const stages = wanted('stages') ? benchStages() : null
const walk = wanted('walk') ? await benchWalk() : null
if (words.includes('--json')) process.stdout.write(`${JSON.stringify({ stages, walk }, null, 2)}\n`)
else {
  if (stages) printStages(stages)
  if (walk) printWalk(walk)
}
