import { ReplyRequest } from '../../../../../core/contract'
import { forMember, readJson, reply } from '../../../../../server/http'
import { readThread, replyToOwner } from '../../../../../server/bids/thread'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply({ messages: await readThread(member, id) })
  })

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const said = await readJson(request, ReplyRequest)
    return reply({ messages: await replyToOwner(member, id, said) })
  })
