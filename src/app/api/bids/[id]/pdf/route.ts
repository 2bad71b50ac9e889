import * as z from 'zod'
import { readBidPdf } from '../../../../../server/bids/sentBids'
import { forMember } from '../../../../../server/http'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'bid' })
    const pdf = await readBidPdf(member, id.data)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })
