import * as z from 'zod'
import { takeLinkBack } from '../../../../../server/bids/sentBids'
import { forMember, reply } from '../../../../../server/http'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'open link' })
    await takeLinkBack(member, id.data)
    return reply({ done: true })
  })
