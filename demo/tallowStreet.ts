import type { JobDocument } from '../src/core/job'
import { emptyJob, finding } from './build'

/** Tallow Street 31: new, one photo and one word. What a first walk starts from. */
export function tallowStreet(): JobDocument {
  return {
    ...emptyJob('tallow-street-31', 'Tallow Street 31'),
    findings: [finding({ n: 1, words: 'Soft', component: null, grade: null, known: 'seen-close' })],
  }
}
