import { readOwnerPicture } from '../../../../../../server/bids/ownerBid'
import { answer } from '../../../../../../server/http'

type Context = { params: Promise<{ token: string; sha256: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token, sha256 } = await params
    const picture = await readOwnerPicture(token, sha256)
    return new Response(new Uint8Array(picture.bytes), {
      headers: { 'content-type': picture.media_type, 'cache-control': 'private, no-store' },
    })
  })
