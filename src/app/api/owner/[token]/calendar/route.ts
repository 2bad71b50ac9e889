import { readOwnerCalendar } from '../../../../../server/bids/ownerBid'
import { answer } from '../../../../../server/http'

type Context = { params: Promise<{ token: string }> }

/** The last day on which the bid stands, as a calendar file. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(
    request,
    async () =>
      new Response(await readOwnerCalendar((await params).token), {
        headers: {
          'content-type': 'text/calendar; charset=utf-8',
          'content-disposition': 'attachment; filename="bid.ics"',
          'cache-control': 'private, no-store',
        },
      }),
  )
