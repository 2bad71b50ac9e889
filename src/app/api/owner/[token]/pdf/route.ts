import { readOwnerPdf } from '../../../../../server/bids/ownerBid'
import { answer } from '../../../../../server/http'

type Context = { params: Promise<{ token: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const pdf = await readOwnerPdf((await params).token)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
