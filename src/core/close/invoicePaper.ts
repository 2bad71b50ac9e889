import { rowsOf } from '../firmValues/rows'
import type { BidBlock, BidSection } from '../bid/bidBlock'
import type { Paper } from '../bid/paper'
import { cents } from '../bid/workBlocks'
import { CLOSE_SAYS } from '../catalogue/sentences/close'
import type { Invoice, JobDocument } from '../job'
import { dayWords, type Cents } from '../measure'
import type { Account, InvoiceFace } from './account'

const payer = ({ people }: JobDocument): string => {
  const here = people.filter(({ removed }) => !removed)
  return (here.find(({ roles }) => roles.includes('pays')) ?? here[0])?.name ?? ''
}

/** An invoice on paper: the sum first, what it is for, and where the money of the job stands with it. */
export function invoicePaper(
  invoice: Invoice,
  of: {
    readonly job: JobDocument
    readonly account: Account
    readonly bid: number
    /** How the firm is paid today, in its words: an old invoice that is printed again says today’s account. */
    readonly pay_to: string
  },
): Paper {
  const { job, account } = of
  const { settings } = job
  const isCredit = invoice.total_cents < 0
  const title = isCredit ? CLOSE_SAYS.credit(invoice.number) : CLOSE_SAYS.invoice(invoice.number)
  const before = account.invoices.filter(
    (face: InvoiceFace) => face.standing !== 'taken-back' && face.invoice.number < invoice.number,
  )
  const asked = before.reduce((sum, face) => sum + face.invoice.total_cents, 0) as Cents
  const to = payer(job)
  const words = (text: string, tone: 'plain' | 'quiet' = 'plain'): BidBlock[] =>
    text ? [{ kind: 'words', text, tone }] : []
  const sections: BidSection[] = [
    {
      name: title,
      headed: false,
      folds: false,
      blocks: [
        {
          kind: 'letterhead',
          firm: [settings.firm_name, settings.firm_place].filter(Boolean).join(', '),
          logo: null,
          title: `${title} to bid ${of.bid}`,
          address: [...new Set([to, job.job.title, job.job.address])].filter(Boolean).join(', '),
          days: [dayWords(invoice.on), invoice.made_by],
          total: { name: isCredit ? 'Comes back' : 'To pay', amount: cents(invoice.total_cents) },
        },
        ...words(isCredit ? CLOSE_SAYS.comesBack : CLOSE_SAYS.due(dayWords(invoice.due_on))),
        ...words(isCredit ? '' : of.pay_to),
      ],
    },
    {
      name: 'What it is for',
      headed: true,
      folds: false,
      blocks: [
        {
          kind: 'table',
          name: 'What it is for',
          heads: ['What', 'How reckoned', 'Amount'],
          rows: invoice.lines.map(({ what, reckoned, cents: amount }) => [what, reckoned, cents(amount)]),
          amounts: true,
        },
        {
          kind: 'sum',
          rows: [],
          name: isCredit ? 'Comes back' : 'To pay',
          amount: cents(invoice.total_cents),
        },
        ...words(rowsOf(settings).currency_says, 'quiet'),
        ...words(invoice.tax_cents === 0 ? '' : CLOSE_SAYS.taxInside(cents(invoice.tax_cents)), 'quiet'),
      ],
    },
    {
      name: 'Where it stands',
      headed: true,
      folds: false,
      blocks: [
        {
          kind: 'sum',
          rows: [
            { name: 'Agreed by now', amount: cents(account.agreed_cents) },
            { name: 'Asked for before', amount: cents(asked) },
            { name: 'This one', amount: cents(invoice.total_cents) },
          ],
          name: 'Left to ask for',
          amount: cents(account.agreed_cents - asked - invoice.total_cents),
        },
        ...words(settings.licence_line, 'quiet'),
      ],
    },
  ]
  return {
    title: `${title}: ${job.job.title}`,
    author: settings.firm_name,
    foot: `${settings.firm_name} · ${title} · ${dayWords(invoice.on)}`,
    size: settings.bid.paper,
    sections,
  }
}

/** Columns of a file of invoices and payments, for whoever keeps the books. */
export const BOOK_COLUMNS = [
  'day',
  'kind',
  'job',
  'address',
  'payer',
  'number',
  'for',
  'due',
  'net',
  'tax',
  'total',
  'by',
  'words',
] as const
export type BookRow = Readonly<Record<(typeof BOOK_COLUMNS)[number], string>>

const amount = (value: number): string => (value / 100).toFixed(2)

/** Invoices, payments and receipts of a job as rows, by day. Money that goes out is below nothing; what was taken back is left out. */
export function bookRows(job: JobDocument): BookRow[] {
  const common = { job: job.job.title, address: job.job.address, payer: payer(job) }
  const numberOf = (id: string | null): string =>
    String(job.invoices.find((each) => each.id === id)?.number ?? '')
  const here = <T extends { readonly removed: boolean }>(list: readonly T[]): T[] =>
    list.filter(({ removed }) => !removed)
  return [
    ...here(job.invoices).map((each) => ({
      ...common,
      day: each.on,
      kind: each.total_cents < 0 ? 'credit note' : 'invoice',
      number: String(each.number),
      for: each.stage,
      due: each.due_on,
      net: amount(each.total_cents - each.tax_cents),
      tax: amount(each.tax_cents),
      total: amount(each.total_cents),
      by: '',
      words: '',
    })),
    ...here(job.payments).map((each) => ({
      ...common,
      day: each.on,
      kind: 'payment',
      number: numberOf(each.invoice_id),
      for: '',
      due: '',
      net: '',
      tax: '',
      total: amount(each.cents),
      by: each.by,
      words: each.words,
    })),
    ...here(job.receipts).map((each) => ({
      ...common,
      day: each.on,
      kind: `receipt, ${each.kind}`,
      payer: each.from,
      number: '',
      for: '',
      due: '',
      net: '',
      tax: '',
      total: amount(0 - each.cents),
      by: '',
      words: each.words,
    })),
  ].toSorted((a, b) => a.day.localeCompare(b.day))
}
