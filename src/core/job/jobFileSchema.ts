import * as z from 'zod'
import { JOB_VERSION, JobDocument } from './document'

/** JSON Schema of the job file, as published in `docs/formats/`. */
export function jobFileSchema(): object {
  return { ...z.toJSONSchema(JobDocument), title: `Detrimus job file, version ${JOB_VERSION}` }
}
