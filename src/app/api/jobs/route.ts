import { NewJobRequest } from '../../../core/contract'
import { forMember, readJson, readQuery, reply } from '../../../server/http'
import { createJob, JobsRequest, listFirmJobs } from '../../../server/jobs/readJobs'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await listFirmJobs(member, readQuery(request, JobsRequest))))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { time_zone, ...of } = await readJson(request, NewJobRequest)
    await createJob(member, { ...of, timeZone: time_zone })
    return reply({ id: of.id }, 201)
  })
