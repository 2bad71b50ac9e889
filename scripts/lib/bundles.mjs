import { build } from 'esbuild'
import path from 'node:path'
import { ROOT } from './run.mjs'

/** Programs of ours that run beside the framework's build: the threads for heavy work, and the web process itself. */
export async function buildPrograms() {
  await build({
    entryPoints: {
      heavy: path.join(ROOT, 'src', 'heavy', 'main.ts'),
      serve: path.join(ROOT, 'src', 'serve', 'main.ts'),
    },
    outdir: path.join(ROOT, '.next', 'detrimus'),
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    packages: 'external',
    logLevel: 'warning',
  })
}
