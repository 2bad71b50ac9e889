import { printJobFile } from '../../../../../core/job'
import { forMember } from '../../../../../server/http'
import { exportJob, exportZip } from '../../../../../server/jobs/files'

type Context = { params: Promise<{ id: string }> }

/** A file to be saved; ids are letters, digits, - and _ only, so the name needs no quoting. */
function saved(body: string | ReadableStream<Uint8Array>, mediaType: string, name: string): Response {
  return new Response(body, {
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
    const asked = new URL(request.url).searchParams
    if (asked.get('as') === 'zip') {
      const originals = asked.get('pictures') === 'originals'
      return saved(await exportZip(member, id, { originals }), 'application/zip', `${id}.zip`)
    }
    return saved(printJobFile(await exportJob(member, id)), 'application/json', `${id}.job.json`)
  })
