import { listSessions } from '../../../../server/auth/sessions'
import { forMember, reply } from '../../../../server/http'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async () => reply(await listSessions(request.headers)))
