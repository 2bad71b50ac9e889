import { SomeJobs } from '../../../../core/contract'
import { forMember, readQuery, reply } from '../../../../server/http'
import { jobsAtRates } from '../../../../server/jobs/office'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await jobsAtRates(member, readQuery(request, SomeJobs).ids)))
