import { FirmValuesRequest } from '../../../../core/contract'
import { keepFirmValues, readFirmValues } from '../../../../server/firmValues'
import { forMember, readJson, reply } from '../../../../server/http'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readFirmValues(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const wish = await readJson(request, FirmValuesRequest)
    return reply(await keepFirmValues(member, wish), 201)
  })
