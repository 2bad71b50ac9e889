import { benchStages, type Row } from './stages'

/** `npm run bench` runs all; `npm run bench -- NAME` one; `--json` prints the rows as JSON. */
const BENCHES: Readonly<Record<string, () => Row[]>> = { stages: benchStages }

const words = process.argv.slice(2)
const names = words.filter((word) => !word.startsWith('--'))
const unknown = names.find((name) => !(name in BENCHES))
if (unknown !== undefined) {
  process.stderr.write(`There is no bench “${unknown}”. There are: ${Object.keys(BENCHES).join(', ')}.\n`)
  process.exit(2)
}
const results = Object.fromEntries(
  Object.entries(BENCHES)
    .filter(([name]) => names.length === 0 || names.includes(name))
    .map(([name, bench]) => [name, bench()]),
)
if (words.includes('--json')) process.stdout.write(`${JSON.stringify(results, null, 2)}\n`)
else {
  for (const [name, rows] of Object.entries(results)) {
    process.stdout.write(`\n${name}: median (least–most) of 15 runs, and times the baseline\n`)
    for (const row of rows) {
      process.stdout.write(
        `  ${row.name.padEnd(36)} ${row.median_ms.toFixed(2).padStart(9)} ms (${row.least_ms.toFixed(2)}–${row.most_ms.toFixed(2)})  × ${row.to_baseline.toFixed(1)}\n`,
      )
    }
  }
}
