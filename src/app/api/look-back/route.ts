import { readLookBack } from '../../../server/close/lookBack'
import { forMember, reply } from '../../../server/http'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readLookBack(member)))
