import { forMember, reply } from '../../../../../server/http'
import { readHistory } from '../../../../../server/jobs/readJobs'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await readHistory(member, id))
  })
