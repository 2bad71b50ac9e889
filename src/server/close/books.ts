import 'server-only'
import Papa from 'papaparse'
import { accountOf, BOOK_COLUMNS, bookRows, invoicePaper, type BookRow } from '../../core/close'
import { rowsOf } from '../../core/firmValues/rows'
import { ordersOf } from '../../core/open'
import { listBooked } from '../../db/queries/close'
import { findJob } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { agreedIn } from '../calendar'
import { context } from '../context'
import { todayIn } from '../days'
import { mustBeAllowed, type Member } from '../http'
import { loadState } from '../jobs/store'
import { Refused } from '../problem'
import { latestSettings } from '../settings'
import { inThread } from '../threads'

/** An invoice on paper. @throws Refused `not-found`, `nothing-accepted`. */
export async function printInvoice(member: Member, jobId: string, invoiceId: string): Promise<Uint8Array> {
  mustBeAllowed(member, 'see-money', 'Looking at invoices')
  const { pool } = await context()
  const { job, agreed, settings } = await withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    const state = await loadState(tx, jobId, { lock: false, without: [] })
    const { settings } = await latestSettings(tx)
    return { job: state.job, agreed: await agreedIn(tx, jobId), settings }
  })
  const invoice = job.invoices.find(({ id, removed }) => id === invoiceId && !removed)
  if (!invoice) throw new Refused({ kind: 'not-found', what: 'invoice' })
  const { baseline, faces } = agreed
  if (baseline === null) throw new Refused({ kind: 'nothing-accepted' })
  const account = accountOf(job, {
    baseline,
    orders: ordersOf(job, faces, baseline),
    today: todayIn(job.job.time_zone, new Date()),
  })
  const paper = invoicePaper(invoice, {
    ...{ job, account, bid: baseline.number },
    pay_to: rowsOf(settings).pay_to,
  })
  return inThread('printPaper', { paper, pictures: new Map() })
}

/** A spreadsheet reads a cell that begins like this as something to work out. */
const isFormula = (text: string): boolean => /^[=+@\t\r]|^-(?![\d.]+$)/.test(text)
const plain = (row: BookRow): Record<string, string> =>
  Object.fromEntries(Object.entries(row).map(([name, text]) => [name, isFormula(text) ? `'${text}` : text]))

/** Every invoice, payment and receipt of the firm as rows by day, for whoever keeps the books. There is money in it. */
export async function readBooks(member: Member): Promise<string> {
  mustBeAllowed(member, 'see-money', 'Looking at the books')
  const { pool } = await context()
  const rows: BookRow[] = []
  const ids = await withTx(pool, member.companyId, listBooked)
  for (const id of ids) {
    const { job } = await withTx(pool, member.companyId, (tx) =>
      loadState(tx, id, { lock: false, without: [], facts: [] }),
    )
    rows.push(...bookRows(job))
  }
  const sorted = rows.toSorted((a, b) => a.day.localeCompare(b.day)).map(plain)
  return Papa.unparse(sorted, { columns: [...BOOK_COLUMNS] })
}
