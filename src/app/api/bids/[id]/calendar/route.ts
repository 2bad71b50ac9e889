import * as z from 'zod'
import { modelOf } from '../../../../../server/bids/ownerBid'
import { readBidFile } from '../../../../../server/bids/sentBids'
import { firmsCalendar } from '../../../../../server/bids/calendar'
import { forMember } from '../../../../../server/http'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

/** When to ask again about a bid, and when it runs out, as a calendar file. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'bid' })
    const model = modelOf(await readBidFile(member, id.data))
    return new Response(firmsCalendar(model, id.data, new Date()), {
      headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store' },
    })
  })
