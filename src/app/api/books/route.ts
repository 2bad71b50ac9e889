import { readBooks } from '../../../server/close/books'
import { forMember } from '../../../server/http'

/** Invoices, payments and receipts of the firm as CSV. */
export const GET = (request: Request): Promise<Response> =>
  forMember(
    request,
    async (member) =>
      new Response(await readBooks(member), {
        headers: {
          'content-type': 'text/csv; charset=utf-8',
          'content-disposition': 'attachment; filename="books.csv"',
          'cache-control': 'private, no-store',
        },
      }),
  )
