import { JobOfficeRequest } from '../../../../../core/contract'
import { forMember, readJson, reply } from '../../../../../server/http'
import { sayOfJob } from '../../../../../server/jobs/office'

type Context = { params: Promise<{ id: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const said = await readJson(request, JobOfficeRequest)
    await sayOfJob(member, id, said)
    return reply(said)
  })
