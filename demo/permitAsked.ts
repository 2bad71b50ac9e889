import type { JobDocument } from '../src/core/job'

/** The permit of the deck’s ledger, asked for and promised. */
export function permitAsked(job: JobDocument): JobDocument {
  const ledger = job.work_items.find(({ method }) => method === 'ledger-renew')
  if (!ledger) throw new Error('the demo’s deck has no ledger to renew')
  return {
    ...job,
    bookings: [
      {
        id: 'booking-permit',
        removed: false,
        what: 'permit',
        item_id: ledger.id,
        who: 'Skerry County building office',
        asked_on: '2026-05-06',
        comes_on: '2026-05-20',
        there_on: null,
      },
    ],
  }
}
