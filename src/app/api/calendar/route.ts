import { FirmCalendar } from '../../../core/contract'
import { keepCalendar, readPlannedJobs } from '../../../server/calendar'
import { forMember, readJson, reply } from '../../../server/http'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readPlannedJobs(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const calendar = await readJson(request, FirmCalendar)
    await keepCalendar(member, calendar)
    return reply(calendar)
  })
