import * as z from 'zod'
import { readBidFile } from '../../../../../server/bids/sentBids'
import { forMember } from '../../../../../server/http'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

/** A sent bid as the open file it was frozen as. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'bid' })
    return new Response(await readBidFile(member, id.data), {
      headers: { 'content-type': 'application/json', 'cache-control': 'private, no-store' },
    })
  })
