import { CopyJobRequest } from '../../../../../core/contract'
import { forMember, readJson, reply } from '../../../../../server/http'
import { copyJob } from '../../../../../server/jobs/office'

type Context = { params: Promise<{ id: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    const of = await readJson(request, CopyJobRequest)
    await copyJob(member, id, of)
    return reply({ id: of.id }, 201)
  })
