import type { MeAnswer } from '../../../core/contract'
import { answer, faceOf, reply, sealedMemberOf } from '../../../server/http'
import { Refused } from '../../../server/problem'

export const GET = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const found = await sealedMemberOf(request.headers)
    if (!found) throw new Refused({ kind: 'not-signed-in' })
    return reply({ member: faceOf(found.member), seal_key: found.sealKey } satisfies MeAnswer)
  })
