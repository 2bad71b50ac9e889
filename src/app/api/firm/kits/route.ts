import { ForgetKitRequest, KeepKitRequest } from '../../../../core/contract'
import { forMember, readJson, reply } from '../../../../server/http'
import { forgetKit, keepKit, readKits } from '../../../../server/kits'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readKits(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const kit = await readJson(request, KeepKitRequest)
    await keepKit(member, kit)
    return reply(kit, 201)
  })

export const DELETE = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { name } = await readJson(request, ForgetKitRequest)
    await forgetKit(member, name)
    return reply({ name })
  })
