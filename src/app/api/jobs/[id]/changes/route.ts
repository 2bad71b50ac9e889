import * as z from 'zod'
import { forMember, readJson, readQuery, reply } from '../../../../../server/http'
import { ChangesRequest } from '../../../../../core/contract'
import { settleQuietly } from '../../../../../server/orders/settle'
import { applyChanges, readChanges } from '../../../../../server/jobs/applyChanges'

type Context = { params: Promise<{ id: string }> }

const Asked = z.object({
  known: z.coerce.number().int().min(0).max(Number.MAX_SAFE_INTEGER),
  head: z.string().max(64).optional(),
})

const FOR_OWNER: ReadonlySet<string> = new Set(['change_order', 'order_answer'])
const isForOwner = (change: z.infer<typeof ChangesRequest>['changes'][number]): boolean =>
  change.op !== 'fact' && FOR_OWNER.has(change.entity.kind)

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
    const asked = await readJson(request, ChangesRequest)
    const answer = await applyChanges(member, id, asked)
    // What was asked of an owner goes to him with the edit that says so; what fails is done when the job is next looked at.
    if (asked.changes.some(isForOwner)) await settleQuietly(member, id)
    return reply(answer)
  })
