/** The core on the command line, as a process. */
import { beforeAll, expect, test } from '@jest/globals'
import { build } from 'esbuild'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'

const SOURCE = 'src/cli/main.ts'
const folder = mkdtempSync(path.join(tmpdir(), 'core-'))
const program = path.join(folder, 'core.mjs')

/** Put together once: to read it from its many files takes seconds at every start. */
beforeAll(async () => {
  symlinkSync(path.resolve('node_modules'), path.join(folder, 'node_modules'))
  await build({
    entryPoints: [SOURCE],
    outfile: program,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'warning',
  })
})

type Ended = { code: number | null; out: string; err: string }

function ran(command: string, args: readonly string[], input?: string): Ended {
  const run = spawnSync(command, args, { encoding: 'utf8', input })
  return { code: run.status, out: run.stdout, err: run.stderr }
}
const core = (args: readonly string[], input?: string): Ended =>
  ran(process.execPath, [program, ...args], input)

test('runs from its source, as a person calls it', () => {
  const file = 'demo/alder-house.job.json'
  expect(ran('node_modules/.bin/tsx', [SOURCE, 'takeoff', file])).toEqual(core(['takeoff', file]))
})

test('prints a stage of a job file as JSON', () => {
  const { code, out } = core(['price', 'demo/alder-house.job.json'])
  expect(code).toBe(0)
  expect(JSON.parse(out)).toMatchObject({ kind: 'priced' })
})

test('reads standard input', () => {
  const { code, out } = core(['trace'], readFileSync('demo/tallow-street-31.job.json', 'utf8'))
  expect(code).toBe(0)
  expect(JSON.parse(out)).toMatchObject({ sources: [] })
})

test('prints the handbook that is published', () => {
  expect(core(['handbook']).out).toBe(readFileSync('docs/handbook.md', 'utf8'))
})

test('prints the schema that is published', () => {
  expect(JSON.parse(core(['schema']).out)).toEqual(
    JSON.parse(readFileSync('docs/formats/job-file.schema.json', 'utf8')),
  )
})

test.each([
  ['no stage', [], undefined, 'usage:'],
  ['a stage that is none', ['paint'], undefined, 'usage:'],
  ['a file that is not there', ['trace', 'nowhere.json'], undefined, 'Cannot read nowhere.json'],
  ['no JSON', ['trace'], '{', 'This is not JSON'],
  ['another file', ['trace'], '{"a":1}', 'This is no job file'],
  ['a broken job', ['trace'], '{"format":"detrimus-job","version":1}', 'job: '],
])('%s ends with 2 and a clear word', (_, args, input, words) => {
  const { code, out, err } = core(args, input)
  expect([code, out]).toEqual([2, ''])
  expect(err).toContain(words)
})
