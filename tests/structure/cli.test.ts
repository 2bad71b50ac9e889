/** The core on the command line, as a process. */
import { expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'

function core(args: readonly string[], input?: string): { code: number | null; out: string; err: string } {
  const run = spawnSync('node_modules/.bin/tsx', ['src/cli/main.ts', ...args], { encoding: 'utf8', input })
  return { code: run.status, out: run.stdout, err: run.stderr }
}

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
