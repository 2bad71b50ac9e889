import { forMember, reply } from '../../../../server/http'
import { readMonths } from '../../../../server/jobs/office'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readMonths(member)))
