import { forMember, readJson, reply } from '../../../../server/http'
import { WeightsRequest } from '../../../../core/contract'
import { keepFirmWeights, readFirmWeights } from '../../../../server/weights'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readFirmWeights(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const weights = await readJson(request, WeightsRequest)
    return reply(await keepFirmWeights(member, weights), 201)
  })
