import { readFileSync } from 'node:fs'
import path from 'node:path'
import { ROOT } from './run.mjs'

/** The demo's password, read from where it is written down once. */
export const DEMO_PASSWORD = /DEMO_PASSWORD = '([^']+)'/.exec(
  readFileSync(path.join(ROOT, 'demo/people.ts'), 'utf8'),
)[1]
