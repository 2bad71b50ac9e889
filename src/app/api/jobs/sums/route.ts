import { SomeJobs } from '../../../../core/contract'
import { forMember, readQuery, reply } from '../../../../server/http'
import { reckonJobs } from '../../../../server/jobs/office'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await reckonJobs(member, readQuery(request, SomeJobs).ids)))
