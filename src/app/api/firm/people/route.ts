import { InviteRequest } from '../../../../core/contract'
import { forMember, readJson, reply } from '../../../../server/http'
import { invite, readPeople } from '../../../../server/people'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readPeople(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) =>
    reply(await invite(member, await readJson(request, InviteRequest)), 201),
  )
