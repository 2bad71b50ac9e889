import { benchCut, type CutRow } from './cut'
import { benchJudge } from './judge'
import { benchPlan, type PlanRow } from './plan'
import { benchPrice, type PriceRow } from './price'
import { benchScale, type ScaleRow } from './scale'
import { benchScreen } from './screen'
import { benchStages, type Row } from './stages'
import { benchTakeoff, type TakeoffRow } from './takeoff'
import { benchTrace, type TraceBench } from './trace'
import { benchWalkers } from './walkers'
import { benchWalk } from './walk'
import type { WalkRow } from './walkRow'

/** `npm run bench` runs all; `npm run bench -- NAME` one; `--json` prints the rows as JSON. */
const BENCHES = {
  stages: benchStages,
  trace: benchTrace,
  walkers: benchWalkers,
  cut: benchCut,
  takeoff: benchTakeoff,
  price: benchPrice,
  plan: benchPlan,
  screen: benchScreen,
  walk: benchWalk,
  scale: benchScale,
  judge: benchJudge,
} as const
type Name = keyof typeof BENCHES

function printStages(rows: readonly Row[]): void {
  process.stdout.write('\nstages: median (least–most) of 15 runs, and times the baseline\n')
  for (const row of rows) {
    process.stdout.write(
      `  ${row.name.padEnd(36)} ${row.median_ms.toFixed(2).padStart(9)} ms (${row.least_ms.toFixed(2)}–${row.most_ms.toFixed(2)})  × ${row.to_baseline.toFixed(1)}\n`,
    )
  }
}

function printInBrowser(name: string, rows: readonly WalkRow[]): void {
  process.stdout.write(`\n${name}: in a real browser against the production build\n`)
  for (const row of rows) {
    process.stdout.write(`  ${row.name}\n      ${row.value}\n      ${row.beside}\n`)
  }
}

function printScale(rows: readonly ScaleRow[]): void {
  process.stdout.write('\nscale: 200 firms, 1,000 jobs in one of them; against bare SQL in the same run\n')
  for (const row of rows) process.stdout.write(`  ${row.name}\n      ${row.value}\n      ${row.beside}\n`)
}

function printPrice(rows: readonly PriceRow[]): void {
  process.stdout.write('\nprice: the middle of 5 runs\n')
  for (const row of rows) process.stdout.write(`  ${row.name}\n      ${row.value}\n      ${row.beside}\n`)
}

function printPlan(rows: readonly PlanRow[]): void {
  process.stdout.write(
    '\nplan: its end over the bound below which no order ends; made again after an edit, the middle of 7\n',
  )
  for (const row of rows) {
    process.stdout.write(
      `  ${String(row.pieces).padStart(4)} pieces of ${row.findings} findings: at once ${row.at_once.toFixed(4)} (${row.again_ms.toFixed(0)} ms, with all before it ${row.first_ms.toFixed(0)} ms), searched ${row.searched.toFixed(4)} (${row.search_ms.toFixed(0)} ms)\n`,
    )
  }
}

function printCut(rows: readonly CutRow[]): void {
  process.stdout.write('\ncut: bought over the proven bound, the middle of 5 jobs, 2 s each\n')
  for (const row of rows) {
    process.stdout.write(
      `  ${String(row.pieces).padStart(4)} pieces: each from a board of its own ${row.roundUp.toFixed(3)}, first fit ${row.firstFit.toFixed(4)} (${row.firstAnswer_ms.toFixed(1)} ms), by patterns ${row.best.toFixed(4)}${row.exact ? ', proven best' : ''} (${row.best_ms.toFixed(0)} ms)\n`,
    )
  }
}

function printTakeoff(row: TakeoffRow): void {
  process.stdout.write(
    `\ntakeoff: ${row.items} items over every kit ${row.median_ms.toFixed(1)} ms median, ${row.most_ms.toFixed(1)} most, × ${(row.median_ms / row.baseline_ms).toFixed(1)} a JSON round trip of the job\n`,
  )
}

const share = (value: number): string => value.toFixed(3)

function printTracers(rows: TraceBench['rows']): void {
  for (const { looks, tracer, score } of rows) {
    process.stdout.write(
      `  ${looks.padEnd(11)} ${tracer.padEnd(22)} sources: precision ${share(score.precision)} recall ${share(score.recall)}   top cause ${share(score.topOne)}   Brier ${share(score.brier)} off calibration ${share(score.calibration)}   false sources on a faultless house ${score.falsePerFaultless.toFixed(2)}\n`,
    )
  }
}

function printWalkers(rows: ReturnType<typeof benchWalkers>): void {
  process.stdout.write('\nwalkers: the engine on the same 1,000 houses, by who walked them\n')
  printTracers(rows.map(({ walker, looks, score }) => ({ tracer: walker, looks, score })))
  process.stdout.write('  of these, what a bid would tell: sources that are likely\n')
  for (const { walker, looks, told, there, shown } of rows)
    process.stdout.write(
      `  ${looks.padEnd(11)} ${walker.padEnd(22)} precision ${share(told.precision)} recall ${share(told.recall)} false on a faultless house ${told.falsePerFaultless.toFixed(2)}   of sources with a sign of their own (${share(shown.share)}) named ${share(shown.recall)}   of the named a fault of the house ${share(there)}\n`,
    )
}

function printTrace({ houses, rows, further, checks, speed }: TraceBench): void {
  process.stdout.write(`\ntrace: ${houses} simulated houses that no weight was settled on\n`)
  printTracers(rows)
  process.stdout.write('  the same with insects, animals, movement, supports, and what was measured of it\n')
  printTracers(further)
  for (const { looks, tracer, score } of rows.filter((row) => row.tracer === 'whole house')) {
    process.stdout.write(`  reliability, ${tracer}, ${looks}: said → right (of so many)\n`)
    for (const [name, bins] of [
      ['causes', score.reliability],
      ['sources', score.sources],
    ] as const) {
      const said = bins
        .filter((bin) => bin.many > 0)
        .map((bin) => `${bin.said.toFixed(2)} → ${bin.right.toFixed(2)} (${bin.many})`)
      process.stdout.write(`    ${name}: ${said.join(', ')}\n`)
    }
  }
  process.stdout.write(
    `  checks until all is right: of ${checks.houses} houses ${checks.right_at_once} at once, ${checks.right_after} after checks (median ${checks.median ?? '–'}, at most 10)\n  sources after checks: ${checks.curve.map((at) => `${at.checks}: precision ${share(at.precision)} recall ${share(at.recall)}`).join(', ')}\n  ${speed.findings} findings traced: ${speed.median_ms.toFixed(1)} ms median, ${speed.most_ms.toFixed(1)} most, × ${(speed.median_ms / speed.baseline_ms).toFixed(1)} a JSON round trip of the job\n`,
  )
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
const trace = wanted('trace') ? benchTrace() : null
const walkers = wanted('walkers') ? benchWalkers() : null
const cut = wanted('cut') ? await benchCut() : null
const takeoff = wanted('takeoff') ? benchTakeoff() : null
const price = wanted('price') ? benchPrice() : null
const plan = wanted('plan') ? benchPlan() : null
const screen = wanted('screen') ? await benchScreen() : null
const walk = wanted('walk') ? await benchWalk() : null
const scale = wanted('scale') ? await benchScale() : null
const judged = wanted('judge') ? benchJudge() : null
if (words.includes('--json'))
  process.stdout.write(
    `${JSON.stringify({ stages, trace, walkers, cut, takeoff, price, plan, screen, walk, scale, judged }, null, 2)}\n`,
  )
else {
  if (stages) printStages(stages)
  if (trace) printTrace(trace)
  if (walkers) printWalkers(walkers)
  if (cut) printCut(cut)
  if (takeoff) printTakeoff(takeoff)
  if (price) printPrice(price)
  if (plan) printPlan(plan)
  if (screen) printInBrowser('screen', screen)
  if (walk) printInBrowser('walk', walk)
  if (scale) printScale(scale)
  if (judged) process.stdout.write(`\n${judged.join('\n')}\n`)
}
