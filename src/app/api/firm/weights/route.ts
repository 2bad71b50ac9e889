import { forMember, readJson } from '../../../../server/http'
import { FirmWeights, keepFirmWeights, readFirmWeights } from '../../../../server/weights'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) =>
    Response.json(await readFirmWeights(member), { headers: { 'cache-control': 'no-store' } }),
  )

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const weights = await readJson(request, FirmWeights)
    return Response.json(await keepFirmWeights(member, weights), { status: 201 })
  })
