import * as z from 'zod'
import { forMember, readBody, reply } from '../../../../../../server/http'
import { PART_LIMIT, readUpload, takePart } from '../../../../../../server/photos/uploads'
import { Refused } from '../../../../../../server/problem'

type Context = { params: Promise<{ id: string; sha256: string }> }

const Part = z.object({
  at: z.coerce.number().int().min(0),
  total: z.coerce.number().int().min(1),
  what: z.enum(['photo', 'clip']),
})

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id, sha256 } = await params
    return reply(await readUpload(member, id, sha256))
  })

export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id, sha256 } = await params
    const asked = Part.safeParse(Object.fromEntries(new URL(request.url).searchParams))
    if (!asked.success) {
      throw new Refused({
        kind: 'malformed',
        issues: [
          { path: 'at, total, what', message: 'name where the piece begins, the whole size, and what it is' },
        ],
      })
    }
    const bytes = await readBody(request, PART_LIMIT)
    return reply(await takePart(member, id, { ...asked.data, sha256, bytes }))
  })
