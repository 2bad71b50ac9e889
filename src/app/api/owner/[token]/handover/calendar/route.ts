import { answer } from '../../../../../../server/http'
import { readOwnerUpkeep } from '../../../../../../server/close/handover'

type Context = { params: Promise<{ token: string }> }

/** Upkeep and looks to come, as a calendar file. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(
    request,
    async () =>
      new Response(await readOwnerUpkeep((await params).token), {
        headers: {
          'content-type': 'text/calendar; charset=utf-8',
          'content-disposition': 'attachment; filename="upkeep.ics"',
          'cache-control': 'private, no-store',
        },
      }),
  )
