import { forMember, readBody, reply } from '../../../../server/http'
import { dropLogo, keepLogo, readLogo } from '../../../../server/logo'

const LIMIT = { bytes: 5 * 1024 * 1024, words: '5 MB for a mark' }

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readLogo(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await keepLogo(member, await readBody(request, LIMIT)), 201))

export const DELETE = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await dropLogo(member)))
