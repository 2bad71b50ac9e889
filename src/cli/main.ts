import { readFileSync } from 'node:fs'
import { nextChecks } from '../core/nextCheck'
import { derive, type Derived } from '../core/pipeline'
import { parseJobFile } from '../core/job'
import { jobFileSchema } from '../core/job/jobFileSchema'
import { handbookText } from '../core/print/handbookText'
import { catalogueRows } from '../core/print/catalogueRows'
import { jobFileWords } from '../core/words'

/**
 * The core on the command line: `npm run -s core -- STAGE [FILE]` prints one stage's result for a job file as JSON.
 * Without FILE, or with `-`, it reads standard input. Exit code 2: the call or the file is off, and a line says how.
 */
const STAGES: Readonly<Record<string, (derived: Derived) => unknown>> = {
  coverage: (d) => d.coverage,
  surveys: (d) => d.surveys,
  trace: (d) => d.trace,
  cautions: (d) => d.cautions,
  scope: (d) => d.scope,
  takeoff: (d) => d.takeoff,
  cut: (d) => d.cut,
  price: (d) => d.price,
  plan: (d) => d.plan,
  checks: (d) => nextChecks(d.job, d.trace),
  guards: (d) => d.guards,
  bid: (d) => d.bid,
  all: (d) => d,
}

const USAGE = `usage: npm run -s core -- STAGE [FILE]
       npm run -s core -- schema
       npm run -s core -- catalogue
       npm run -s core -- handbook
STAGE is one of ${Object.keys(STAGES).join(', ')}. FILE is a job file; - or nothing reads standard input.`

function refuse(words: string): never {
  process.stderr.write(`${words}\n`)
  process.exit(2)
}

function main(argv: readonly string[]): void {
  const [stage, file = '-'] = argv
  if (stage === 'schema') {
    process.stdout.write(`${JSON.stringify(jobFileSchema(), null, 2)}\n`)
    return
  }
  if (stage === 'catalogue') {
    process.stdout.write(`${JSON.stringify(catalogueRows(), null, 2)}\n`)
    return
  }
  if (stage === 'handbook') {
    process.stdout.write(handbookText())
    return
  }
  const pick = stage === undefined ? undefined : STAGES[stage]
  if (!pick) refuse(USAGE)
  let text: string
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8')
  } catch (cause) {
    refuse(`Cannot read ${file}: ${(cause as Error).message}`)
  }
  const job = parseJobFile(text)
  if (!job.ok) refuse(jobFileWords(job.error))
  // The day a bid would be dated; the core itself reads no clock.
  const today = new Date().toISOString().slice(0, 10)
  process.stdout.write(`${JSON.stringify(pick(derive(job.value, today)), null, 2)}\n`)
}

main(process.argv.slice(2))
