import { forMember } from '../../../../server/http'
import { readPhoto } from '../../../../server/photos/pictures'

type Context = { params: Promise<{ sha256: string }> }

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { sha256 } = await params
    const blob = await readPhoto(member, sha256, 'clip')
    return new Response(new Uint8Array(blob.bytes), {
      headers: {
        'content-type': blob.media_type,
        'cache-control': 'private, max-age=31536000, immutable',
        // Kept for whoever is signed in with this very cookie; signing out clears the cache.
        vary: 'cookie',
      },
    })
  })
