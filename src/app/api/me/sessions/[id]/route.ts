import * as z from 'zod'
import { endSession } from '../../../../../server/auth/sessions'
import { forMember, reply } from '../../../../../server/http'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

export const DELETE = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async () => {
    const id = z.uuid().safeParse((await params).id)
    if (!id.success) throw new Refused({ kind: 'not-found', what: 'session' })
    await endSession(request.headers, id.data)
    return reply({ done: true })
  })
