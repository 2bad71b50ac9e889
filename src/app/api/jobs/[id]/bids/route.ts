import { SendRequest } from '../../../../../core/contract'
import { sendBid } from '../../../../../server/bids/sendBid'
import { readBids } from '../../../../../server/bids/sentBids'
import { forMember, readJson, reply, replyInSteps } from '../../../../../server/http'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await readBids(member, id))
  })

/** Sends a bid, telling how far it is. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const wish = await readJson(request, SendRequest)
    return replyInSteps((tell) => sendBid(member, id, wish, { tell }))
  })
