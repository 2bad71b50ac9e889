import { PaperQuery } from '../../../../../core/contract'
import { draftPdf } from '../../../../../server/bids/sendBid'
import { forMember, readQuery } from '../../../../../server/http'

type Context = { params: Promise<{ id: string }> }

/** The bid on paper as it would leave now. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const pdf = await draftPdf(member, id, readQuery(request, PaperQuery).form)
    return new Response(Buffer.from(pdf), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': 'inline; filename="bid-draft.pdf"',
        'cache-control': 'no-store',
      },
    })
  })
