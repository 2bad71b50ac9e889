import { readAround } from '../../../../../server/calendar'
import { settleQuietly } from '../../../../../server/orders/settle'
import { forMember, reply } from '../../../../../server/http'

type Context = { params: Promise<{ id: string }> }

/** What a job stands on besides itself: other jobs of its crews, what its owner accepted. A crew's has no money in it. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    // What could not go out with its edit goes out now.
    await settleQuietly(member, id)
    return reply(await readAround(member, id))
  })
