import { printJobFile } from '../../../../../core/job'
import { forMember } from '../../../../../server/http'
import { exportJob, exportZip } from '../../../../../server/jobs/files'

type Context = { params: Promise<{ id: string }> }

/** A file to be saved; ids are letters, digits, - and _ only, so the name needs no quoting. */
function saved(body: string | Uint8Array, mediaType: string, name: string): Response {
  return new Response(body as BodyInit, {
    headers: {
      'content-type': mediaType,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })
}

export const GET = (request: Request, { params }: Context): Promise<Response> =>
  forMember(request, async (member) => {
    const { id } = await params
    if (new URL(request.url).searchParams.get('as') === 'zip') {
      return saved(await exportZip(member, id), 'application/zip', `${id}.zip`)
    }
    return saved(printJobFile(await exportJob(member, id)), 'application/json', `${id}.job.json`)
  })
