import { forMember } from '../../../../server/http'
import { readTemplate } from '../../../../server/jobs/readJobs'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) =>
    Response.json(await readTemplate(member), { headers: { 'cache-control': 'no-store' } }),
  )
