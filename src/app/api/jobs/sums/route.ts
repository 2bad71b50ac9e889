import * as z from 'zod'
import { Id } from '../../../../core/job'
import { forMember, readQuery, reply } from '../../../../server/http'
import { reckonJobs } from '../../../../server/jobs/office'

/** A few at a time: each is a job reckoned from the first finding to the price. */
const SumsRequest = z.object({
  ids: z
    .string()
    .max(400)
    .transform((ids) => ids.split(','))
    .pipe(z.array(Id).min(1).max(5)),
})

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await reckonJobs(member, readQuery(request, SumsRequest).ids)))
