import { AskRequest } from '../../../../../core/contract'
import { askFirm } from '../../../../../server/bids/ownerBid'
import { answer, readJson, reply } from '../../../../../server/http'

type Context = { params: Promise<{ token: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token } = await params
    const asked = await readJson(request, AskRequest, { bytes: 30_000, words: '30 kB' })
    return reply({ messages: await askFirm(token, asked) })
  })
