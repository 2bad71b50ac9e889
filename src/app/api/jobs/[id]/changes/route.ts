import { forMember, readJson } from '../../../../../server/http'
import { applyChanges, ChangesRequest } from '../../../../../server/jobs/applyChanges'

type Context = { params: Promise<{ id: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return Response.json(await applyChanges(member, id, await readJson(request, ChangesRequest)))
  })
