/** Lists the licences of all installed packages; with --check fails on one that is not on the short reviewed list. */
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { ROOT } from './lib/run.mjs'

const FINE = new Set([
  'MIT',
  'ISC',
  'Apache-2.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'BlueOak-1.0.0',
  'Unlicense',
  'CC0-1.0',
  'Python-2.0',
  'MIT-0',
  'Zlib',
])

/** Reviewed exceptions, each with why it may be used. */
const EXCEPTIONS = {
  'LGPL-3.0-or-later': 'libvips under sharp: used unmodified as a shared library',
  'MPL-2.0': 'lightningcss and axe-core: build and test tools, unmodified',
  'CC-BY-4.0': 'caniuse-lite: data of a build tool, credited here',
  'OFL-1.1': 'fonts, shipped unmodified under their own names',
  'CC-BY-3.0': 'spdx-exceptions: data of a build tool',
}

/** Packages that name no licence in their manifest but carry one in a file we read. */
const READ_BY_US = { 'png-js': 'MIT' }

const lock = JSON.parse(readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8'))
const byLicence = new Map()
for (const [where, entry] of Object.entries(lock.packages)) {
  if (where === '' || entry.link) continue
  const name = where.split('node_modules/').at(-1)
  const licence = entry.license ?? READ_BY_US[name] ?? readLicence(where)
  byLicence.set(licence, [...(byLicence.get(licence) ?? []), name])
}

function readLicence(where) {
  try {
    const own = JSON.parse(readFileSync(path.join(ROOT, where, 'package.json'), 'utf8'))
    return own.license?.type ?? own.license ?? 'unknown'
  } catch {
    return 'unknown'
  }
}

/** `(MIT OR GPL-3.0)` is fine when one side is; `A AND B` needs both. */
function isReviewed(licence) {
  const words = licence.replaceAll(/[()]/g, '')
  const known = (one) => FINE.has(one.trim()) || one.trim() in EXCEPTIONS
  return words.split(' OR ').some((side) => side.split(' AND ').every(known))
}

let bad = 0
for (const [licence, names] of [...byLicence].sort((a, b) => b[1].length - a[1].length)) {
  const reviewed = isReviewed(licence)
  if (!reviewed) bad += 1
  if (!process.argv.includes('--check') || !reviewed) {
    process.stdout.write(
      `${reviewed ? ' ' : '!'} ${licence}: ${names.length}${names.length < 6 || !reviewed ? ` (${names.join(', ')})` : ''}${EXCEPTIONS[licence] ? ` — ${EXCEPTIONS[licence]}` : ''}\n`,
    )
  }
}
if (bad > 0) {
  process.stderr.write(`${bad} licences are on no reviewed list. Review them in scripts/licences.mjs.\n`)
  process.exit(1)
}
