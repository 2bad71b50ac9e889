import { answer } from '../../../../../../../../server/http'
import { readOwnerOrderPicture } from '../../../../../../../../server/orders/ownerOrder'

type Context = { params: Promise<{ token: string; id: string; sha256: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token, id, sha256 } = await params
    const picture = await readOwnerOrderPicture(token, { orderId: id, sha256 })
    return new Response(new Uint8Array(picture.bytes), {
      headers: { 'content-type': picture.media_type, 'cache-control': 'private, no-store' },
    })
  })
