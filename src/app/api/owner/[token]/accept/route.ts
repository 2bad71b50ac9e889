import { AcceptRequest } from '../../../../../core/contract'
import { acceptBid } from '../../../../../server/bids/ownerBid'
import { answer, readJson, reply } from '../../../../../server/http'

type Context = { params: Promise<{ token: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token } = await params
    const wish = await readJson(request, AcceptRequest, { bytes: 200_000, words: '200 kB' })
    const { accepted } = await acceptBid(token, wish)
    return reply({ accepted: { by: accepted!.by, at: accepted!.at, total_cents: accepted!.total_cents } })
  })
