import { writeFileSync } from 'node:fs'
import { printJobFile } from '../src/core/job'
import { DEMO_JOBS } from './index'

/** Writes the demo jobs as job files beside this script: `npx tsx demo/write.ts`. */
for (const [name, job] of Object.entries(DEMO_JOBS)) {
  writeFileSync(new URL(`./${name}.job.json`, import.meta.url), printJobFile(job()))
}
