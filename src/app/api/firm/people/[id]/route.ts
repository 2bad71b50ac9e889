import * as z from 'zod'
import { MemberRoleRequest } from '../../../../../core/contract'
import { forMember, readJson, reply } from '../../../../../server/http'
import { giveRole, letGo } from '../../../../../server/people'
import { Refused } from '../../../../../server/problem'

type Context = { params: Promise<{ id: string }> }

async function idIn(params: Context['params']): Promise<string> {
  const id = z.uuid().safeParse((await params).id)
  if (!id.success) throw new Refused({ kind: 'not-found', what: 'member' })
  return id.data
}

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const id = await idIn(params)
    await giveRole(member, id, (await readJson(request, MemberRoleRequest)).role)
    return reply({ done: true })
  })

export const DELETE = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    await letGo(member, await idIn(params))
    return reply({ done: true })
  })
