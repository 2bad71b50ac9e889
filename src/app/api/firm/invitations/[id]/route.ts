import * as z from 'zod'
import { forMember, reply } from '../../../../../server/http'
import { takeInvitationBack } from '../../../../../server/people'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

export const DELETE = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'open invitation' })
    await takeInvitationBack(member, id.data)
    return reply({ done: true })
  })
