import { PaperQuery } from '../../../../../core/contract'
import { readOwnerPage, readOwnerPdf } from '../../../../../server/bids/ownerBid'
import { answer, readQuery } from '../../../../../server/http'

type Context = { params: Promise<{ token: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token } = await params
    const { form } = readQuery(request, PaperQuery)
    const pdf = form === 'whole' ? await readOwnerPdf(token) : await readOwnerPage(token, form)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
