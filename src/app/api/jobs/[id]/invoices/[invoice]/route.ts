import { forMember } from '../../../../../../server/http'
import { printInvoice } from '../../../../../../server/close/books'

type Context = { params: Promise<{ id: string; invoice: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id, invoice } = await params
    return new Response(new Uint8Array(await printInvoice(member, id, invoice)), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
