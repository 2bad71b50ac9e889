import { draftBid } from '../../../../../server/bids/sendBid'
import { forMember, reply } from '../../../../../server/http'

type Context = { params: Promise<{ id: string }> }

/** The bid as it would leave now. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await draftBid(member, id))
  })
