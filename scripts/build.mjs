/** `npm run build`: the pages, the web process, its threads and the service worker, for running it as a service. */
import { needNpm } from './lib/packages.mjs'
import { refuse } from './lib/run.mjs'

await needNpm()
const { build } = await import('./lib/app.mjs')
if (!(await build())) refuse('The build failed; the lines above say why.')
