import { forMember, reply } from '../../../../server/http'
import { readJobSnapshot } from '../../../../server/jobs/readJobs'

type Context = { params: Promise<{ id: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await readJobSnapshot(member, id))
  })
