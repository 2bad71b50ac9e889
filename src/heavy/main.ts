/** The threads' entry: one exported function a task, called by name. Bundled beside the app; see scripts/lib/bundles.mjs. */
import { atRates } from '../core/compare'
import { printBidPdf, printPaperPdf } from '../ui/pdf/printBidPdf'
import type { HeavyTasks } from './tasks'

export { openArchive } from './archive'
export { deriveBid } from './deriveBid'
export { handoverOf, recordJob } from './closeJob'
export { planDays } from './planDays'
export { reckonJob } from './reckonJob'

export const priceAtRates: HeavyTasks['priceAtRates'] = ({ job, rates, today }) => atRates(job, rates, today)

const buffersOf = (pictures: ReadonlyMap<string, Uint8Array>): Map<string, Buffer> =>
  new Map(
    [...pictures].map(([hash, bytes]) => [hash, Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)]),
  )

export const printBid: HeavyTasks['printBid'] = ({ model, pictures, short = false, accepted }) =>
  printBidPdf(model, buffersOf(pictures), { short, ...(accepted ? { accepted } : {}) })

export const printPaper: HeavyTasks['printPaper'] = ({ paper, pictures }) =>
  printPaperPdf(paper, buffersOf(pictures))
