import { z } from 'zod'
import { Id } from '../../../core/job'
import { forMember, readJson, readQuery, reply } from '../../../server/http'
import { createJob, JobsRequest, listFirmJobs } from '../../../server/jobs/readJobs'

const NewJob = z.strictObject({ id: Id, title: z.string().max(200), time_zone: z.string().max(60) })

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await listFirmJobs(member, readQuery(request, JobsRequest))))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { id, title, time_zone } = await readJson(request, NewJob)
    await createJob(member, { id, title, timeZone: time_zone })
    return reply({ id }, 201)
  })
