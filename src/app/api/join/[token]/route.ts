import { JoinRequest } from '../../../../core/contract'
import { ADDRESS_HEADER } from '../../../../server/auth/options'
import { answer, readJson, reply } from '../../../../server/http'
import { join } from '../../../../server/people'

type Context = { params: Promise<{ token: string }> }

/** Whoever holds an invitation's link; he has no sign-in yet. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token } = await params
    const wish = await readJson(request, JoinRequest, { bytes: 10_000, words: '10 kB' })
    await join(token, wish, request.headers.get(ADDRESS_HEADER) ?? 'unknown')
    return reply({ done: true }, 201)
  })
