import * as z from 'zod'
import { Id } from '../../../../core/job'
import { forMember, readBody, readQuery, reply } from '../../../../server/http'
import { importJob } from '../../../../server/jobs/files'

const LIMIT = { bytes: 200 * 1024 * 1024, words: '200 MB' }
/** `as`: taken in beside the job it is a copy of, under this id. */
const ImportRequest = z.object({ as: Id.optional() })

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { as } = readQuery(request, ImportRequest)
    const id = await importJob(member, await readBody(request, LIMIT), as ?? null)
    return reply({ id }, 201)
  })
