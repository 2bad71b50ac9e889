import { forMember, reply } from '../../../../server/http'
import { readTemplate } from '../../../../server/jobs/readJobs'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readTemplate(member)))
