import { forMember, readBody, reply } from '../../../../../server/http'
import { PHOTO_LIMIT, uploadPhoto } from '../../../../../server/photos/pictures'

type Context = { params: Promise<{ id: string }> }

export const POST = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    return reply(await uploadPhoto(member, id, await readBody(request, PHOTO_LIMIT)), 201)
  })
