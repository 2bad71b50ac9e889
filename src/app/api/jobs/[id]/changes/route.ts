import * as z from 'zod'
import { forMember, readJson, readQuery, reply } from '../../../../../server/http'
import { ChangesRequest } from '../../../../../core/contract'
import { applyChanges, readChanges } from '../../../../../server/jobs/applyChanges'

type Context = { params: Promise<{ id: string }> }

const Asked = z.object({
  known: z.coerce.number().int().min(0).max(Number.MAX_SAFE_INTEGER),
  head: z.string().max(64).optional(),
})

/** What others did since, for a page that is looked at. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const { known, head = null } = readQuery(request, Asked)
    return reply(await readChanges(member, id, { known, head }))
  })

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await applyChanges(member, id, await readJson(request, ChangesRequest)))
  })
