import { readBids, sendBid } from '../../../../../server/bids/sendBid'
import { forMember } from '../../../../../server/http'
import { printBidPdf } from '../../../../../ui/pdf/printBidPdf'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return Response.json(await readBids(member, id), { headers: { 'cache-control': 'no-store' } })
  })

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return Response.json(await sendBid(member, id, printBidPdf), { status: 201 })
  })
