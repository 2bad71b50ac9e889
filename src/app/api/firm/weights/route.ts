import { forMember, readJson, reply } from '../../../../server/http'
import { FirmWeights, keepFirmWeights, readFirmWeights } from '../../../../server/weights'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readFirmWeights(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const weights = await readJson(request, FirmWeights)
    return reply(await keepFirmWeights(member, weights), 201)
  })
