import 'server-only'
import type { z } from 'zod'
import { issuesOf, isStorable } from '../core/job'
import { findMembership } from '../db/queries/company'
import { context } from './context'
import { problemDetails, Refused, statusOf, type ServerError } from './problem'
import { isRole, type Role } from './roles'

/** Whoever is signed in, and for which firm. Every use case takes one. */
export type Member = {
  readonly userId: string
  readonly name: string
  readonly companyId: string
  readonly role: Role
}

/** The member behind a request's cookie, or null. */
export async function memberOf(headers: Headers): Promise<Member | null> {
  const { auth, pool } = await context()
  const session = await auth.api.getSession({ headers })
  if (!session) return null
  const membership = await findMembership(pool, session.user.id)
  if (!membership || !isRole(membership.role)) throw new Refused({ kind: 'not-a-member' })
  return {
    userId: membership.user_id,
    name: membership.user_name,
    companyId: membership.company_id,
    role: membership.role,
  }
}

export function problem(error: ServerError): Response {
  return Response.json(problemDetails(error), {
    status: statusOf(error),
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  })
}

/** Runs a route: refusals become problem details; our own broken promises a 500 without their stack. */
export async function answer(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work()
  } catch (error) {
    if (error instanceof Refused) return problem(error.error)
    console.error(error)
    return Response.json(
      {
        type: 'about:blank',
        title: 'Our fault',
        status: 500,
        detail: 'Something broke on our side. Nothing was changed; try again.',
      },
      { status: 500, headers: { 'content-type': 'application/problem+json' } },
    )
  }
}

/** A route for members only. */
export function forMember(request: Request, work: (member: Member) => Promise<Response>): Promise<Response> {
  return answer(async () => {
    const member = await memberOf(request.headers)
    if (!member) throw new Refused({ kind: 'not-signed-in' })
    return work(member)
  })
}

/** The body of a request, at most so many bytes, counted as they come: a header can lie. */
export async function readBody(request: Request, limit: { bytes: number; words: string }): Promise<Buffer> {
  const declared = Number(request.headers.get('content-length') ?? 0)
  if (declared > limit.bytes) throw new Refused({ kind: 'too-large', limit: limit.words })
  if (!request.body) return Buffer.alloc(0)
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return Buffer.concat(chunks)
    size += value.byteLength
    if (size > limit.bytes) {
      await reader.cancel()
      throw new Refused({ kind: 'too-large', limit: limit.words })
    }
    chunks.push(value)
  }
}

/** A JSON body through its schema. */
export async function readJson<T>(
  request: Request,
  schema: z.ZodType<T>,
  limit = { bytes: 2_000_000, words: '2 MB' },
): Promise<T> {
  const body = await readBody(request, limit)
  let data: unknown
  try {
    data = JSON.parse(body.toString('utf8'))
  } catch {
    throw new Refused({ kind: 'malformed', issues: [{ path: '', message: 'this is not JSON' }] })
  }
  if (!isStorable(data)) {
    throw new Refused({
      kind: 'malformed',
      issues: [{ path: '', message: 'a text holds a character that cannot be kept' }],
    })
  }
  const parsed = schema.safeParse(data)
  if (!parsed.success) throw new Refused({ kind: 'malformed', issues: issuesOf(parsed.error) })
  return parsed.data
}
