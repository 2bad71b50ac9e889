/**
 * Runs the `@example` lines of the core's docstrings. A line `expression // => result` must hold; both sides are evaluated with
 * everything the file's own module and `measure` export, and with `ok` and `err`.
 */
import { expect, test } from '@jest/globals'
import { readdirSync, readFileSync } from 'node:fs'
import { runInNewContext } from 'node:vm'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import * as measure from '../../src/core/measure'
import { err, ok } from '../../src/core/result'

const CORE = path.resolve('src/core')

function filesBelow(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const full = path.join(dir, entry.name)
    if (entry.isDirectory()) return filesBelow(full)
    return full.endsWith('.ts') && !full.endsWith('.test.ts') ? [full] : []
  })
}

const examples = filesBelow(CORE).flatMap((file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line) => {
      const found = /^\s*\*\s+(\S.*?)\s+\/\/ => (.+?)\s*$/.exec(line)
      return found ? [{ file, code: found[1]!, result: found[2]! }] : []
    }),
)

test('there are examples to run', () => {
  expect(examples.length).toBeGreaterThan(25)
})

test.each(examples.map((each) => [`${path.relative(CORE, each.file)}: ${each.code}`, each] as const))(
  '%s',
  async (_, each) => {
    const own = (await import(pathToFileURL(each.file).href)) as Record<string, unknown>
    const scope: Record<string, unknown> = { ...measure, ...own, ok, err }
    // The code is our own docstring, read from our own file.
    const run = (code: string): unknown => runInNewContext(`(${code})`, scope)
    expect(run(each.code)).toEqual(run(each.result))
  },
)
