import { isReady } from '../../server/ready'

export const dynamic = 'force-dynamic'

/** For whoever watches over the processes: whether this one can serve, with nothing about whom it serves. */
export async function GET(): Promise<Response> {
  const ready = await isReady()
  return Response.json({ ready }, { status: ready ? 200 : 503, headers: { 'cache-control': 'no-store' } })
}
