import { forMember } from '../../../../../server/http'
import { readOrderPdf } from '../../../../../server/orders/read'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const pdf = await readOrderPdf(member, (await params).id)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
