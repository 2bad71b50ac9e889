import { answer } from '../../../../../../server/http'
import { readOwnerHandoverPdf } from '../../../../../../server/close/handover'

type Context = { params: Promise<{ token: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const pdf = await readOwnerHandoverPdf((await params).token)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
