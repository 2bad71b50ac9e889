import { readFirmRates } from '../../../../server/firmValues'
import { forMember, reply } from '../../../../server/http'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readFirmRates(member)))
