import { Day } from '../../../core/job/values'
import { forMember, reply } from '../../../server/http'
import { forecast } from '../../../sim/forecast'

/** What a weather service, here a simulated one, says of the days from one on. */
export const GET = (request: Request): Promise<Response> =>
  forMember(request, () => {
    const from = Day.safeParse(new URL(request.url).searchParams.get('from'))
    return Promise.resolve(reply(forecast(from.success ? from.data : new Date().toISOString().slice(0, 10))))
  })
