import { answer } from '../../../../../../../server/http'
import { readOwnerOrderPdf } from '../../../../../../../server/orders/ownerOrder'

type Context = { params: Promise<{ token: string; id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token, id } = await params
    const pdf = await readOwnerOrderPdf(token, id)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
