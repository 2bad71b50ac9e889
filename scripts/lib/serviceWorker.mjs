import { build } from 'esbuild'
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import path from 'node:path'
import { ROOT } from './run.mjs'

/** Files the app needs before it can say anything: scripts, styles and fonts. Larger ones are fetched when first used. */
const PRECACHED = /\.(js|css|woff2)$/
const LARGEST = 2_000_000

function filesUnder(directory) {
  return readdirSync(directory, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.join(entry.parentPath, entry.name))
}

/** Builds the service worker after the app, with the list of what that build made. */
export async function buildServiceWorker() {
  const built = path.join(ROOT, '.next', 'static')
  const entries = filesUnder(built)
    .filter((file) => PRECACHED.test(file) && statSync(file).size <= LARGEST)
    // Their names carry a hash of their content already.
    .map((file) => ({ url: `/_next/static/${path.relative(built, file)}`, revision: null }))
  const offline = readFileSync(path.join(ROOT, 'public', 'offline.html'))
  entries.push({
    url: '/offline.html',
    revision: createHash('sha256').update(offline).digest('hex').slice(0, 16),
  })
  await build({
    entryPoints: [path.join(ROOT, 'src', 'sw', 'sw.ts')],
    outfile: path.join(ROOT, 'public', 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'self.__SW_MANIFEST': JSON.stringify(entries), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  })
}
