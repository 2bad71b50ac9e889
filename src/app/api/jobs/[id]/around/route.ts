import { readAround } from '../../../../../server/calendar'
import { forMember, reply } from '../../../../../server/http'

type Context = { params: Promise<{ id: string }> }

/** What the plan of a job stands on besides the job: no money in it, whoever asks. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => reply(await readAround(member, (await params).id)))
