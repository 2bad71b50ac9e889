import { forMember, reply } from '../../../../../server/http'
import { printHandover, sendHandover } from '../../../../../server/close/handover'

type Context = { params: Promise<{ id: string }> }

/** The end of the job on paper, as it would be handed over now. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const pdf = await printHandover(member, (await params).id)
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'cache-control': 'private, no-store' },
    })
  })

/** Freezes it and sends it to the owner. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => reply(await sendHandover(member, (await params).id), 201))
