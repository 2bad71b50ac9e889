import { forMember, readBody, reply } from '../../../../server/http'
import { importJob } from '../../../../server/jobs/files'

const LIMIT = { bytes: 200 * 1024 * 1024, words: '200 MB' }

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const id = await importJob(member, await readBody(request, LIMIT))
    return reply({ id }, 201)
  })
