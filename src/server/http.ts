import 'server-only'
import * as z from 'zod'
import type { MemberFace } from '../core/contract'
import { actionsOf, isRole, may, type Action, type Role } from '../core/firm'
import { issuesOf, isStorable } from '../core/job'
import { findMembership } from '../db/queries/company'
import { withPersonTx } from '../db/tx'
import { context } from './context'
import { isTooDeep } from './depth'
import { log } from './log'
import { isOwnOrigin } from './origin'
import { problemDetails, Refused, statusOf, type ServerError } from './problem'

/** Whoever is signed in, and for which firm. Every use case takes one. */
export type Member = {
  readonly userId: string
  readonly name: string
  readonly companyId: string
  readonly role: Role
}

/** The member behind a request's cookie, with what seals his copies on this device, or null. */
export async function sealedMemberOf(headers: Headers): Promise<{ member: Member; sealKey: string } | null> {
  const { auth, pool } = await context()
  const session = await auth.api.getSession({ headers })
  if (!session) return null
  const membership = await withPersonTx(pool, session.user.id, findMembership)
  if (!membership || !isRole(membership.role)) throw new Refused({ kind: 'not-a-member' })
  const { user_id, user_name, company_id, role, seal_key } = membership
  return { member: { userId: user_id, name: user_name, companyId: company_id, role }, sealKey: seal_key }
}

/** The member behind a request's cookie, or null. */
export async function memberOf(headers: Headers): Promise<Member | null> {
  return (await sealedMemberOf(headers))?.member ?? null
}

/** The member as his browser may know him. */
export function faceOf(member: Member): MemberFace {
  const { userId, name, companyId, role } = member
  return {
    id: userId,
    name,
    company_id: companyId,
    role,
    may: actionsOf(role),
    seesMoney: may(role, 'see-money'),
  }
}

/** @throws Refused `not-for-role` when the member's role may not do it. */
export function mustBeAllowed(member: Member, action: Action, what: string): void {
  if (!may(member.role, action)) throw new Refused({ kind: 'not-for-role', what })
}

export function problem(error: ServerError): Response {
  return Response.json(problemDetails(error), {
    status: statusOf(error),
    headers: {
      'content-type': 'application/problem+json',
      'cache-control': 'no-store',
      ...(error.kind === 'too-many-tries' ? { 'retry-after': String(error.wait_s) } : {}),
      ...(error.kind === 'busy' ? { 'retry-after': '5' } : {}),
    },
  })
}

const WRITES: ReadonlySet<string> = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])

function ourFault(error: unknown): Response {
  log.error({ err: error }, 'a request failed by our fault')
  return Response.json(
    {
      type: 'about:blank',
      title: 'Our fault',
      status: 500,
      detail: 'Something broke on our side. Nothing was changed; try again.',
    },
    { status: 500, headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' } },
  )
}

/**
 * Runs a route: refusals become problem details; our own broken promises a 500 without their stack. What writes must come from our
 * own pages: a cookie alone is no wish.
 */
export async function answer(request: Request, work: () => Promise<Response>): Promise<Response> {
  try {
    if (WRITES.has(request.method)) {
      const { baseUrl } = await context()
      if (!isOwnOrigin(request.headers, baseUrl)) throw new Refused({ kind: 'wrong-origin' })
    }
    return await work()
  } catch (error) {
    return error instanceof Refused ? problem(error.error) : ourFault(error)
  }
}

/** A route for members only. */
export function forMember(request: Request, work: (member: Member) => Promise<Response>): Promise<Response> {
  return answer(request, async () => {
    const member = await memberOf(request.headers)
    if (!member) throw new Refused({ kind: 'not-signed-in' })
    return work(member)
  })
}

/** Our JSON for one person alone: no cache keeps it. */
export function reply(body: unknown, status = 200): Response {
  return Response.json(body, { status, headers: { 'cache-control': 'no-store' } })
}

/**
 * An answer that takes its time tells how far it is, a line of JSON each: `{"progress": …}`, and at the end `{"done": …}` or
 * `{"problem": …}`. What is refused before anything was told is refused with its status, as everywhere.
 */
export async function replyInSteps(
  work: (tell: (progress: object) => void) => Promise<unknown>,
): Promise<Response> {
  const lines: object[] = []
  let wake: () => void = () => undefined
  let told = new Promise<void>((resolve) => (wake = resolve))
  const say = (line: object): void => {
    lines.push(line)
    wake()
  }
  let ended = false
  let thrown: { error: unknown } | null = null
  const done = work((progress) => say({ progress })).then(
    (value) => say({ done: value }),
    (error: unknown) => {
      thrown = { error }
      if (error instanceof Refused) say({ problem: problemDetails(error.error) })
      else
        say({
          problem: {
            ...problemDetails({ kind: 'busy' }),
            detail: 'Something broke on our side. Nothing was sent; try again.',
          },
        })
    },
  )
  void done.then(() => {
    ended = true
    wake()
  })
  await told
  const failed = thrown as { error: unknown } | null
  if (failed && lines.length === 1) throw failed.error
  const text = new TextEncoder()
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      while (lines.length === 0 && !ended) {
        told = new Promise<void>((resolve) => (wake = resolve))
        await told
      }
      const line = lines.shift()
      if (line) controller.enqueue(text.encode(`${JSON.stringify(line)}\n`))
      else {
        if (failed && !(failed.error instanceof Refused))
          log.error({ err: failed.error }, 'a long request failed')
        controller.close()
      }
    },
  })
  return new Response(body, {
    status: 201,
    headers: {
      'content-type': 'application/x-ndjson',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    },
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
  schema: z.core.$ZodType<T>,
  limit = { bytes: 2_000_000, words: '2 MB' },
): Promise<T> {
  const body = await readBody(request, limit)
  const text = body.toString('utf8')
  if (isTooDeep(text)) {
    throw new Refused({ kind: 'malformed', issues: [{ path: '', message: 'this is nested too deep' }] })
  }
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    throw new Refused({ kind: 'malformed', issues: [{ path: '', message: 'this is not JSON' }] })
  }
  if (!isStorable(data)) {
    throw new Refused({
      kind: 'malformed',
      issues: [{ path: '', message: 'a text holds a character that cannot be kept' }],
    })
  }
  const parsed = z.safeParse(schema, data)
  if (!parsed.success) throw new Refused({ kind: 'malformed', issues: issuesOf(parsed.error) })
  return parsed.data
}

/** What an address asks for behind its question mark, through its schema. */
export function readQuery<T>(request: Request, schema: z.ZodType<T>): T {
  const parsed = schema.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.success) throw new Refused({ kind: 'malformed', issues: issuesOf(parsed.error) })
  return parsed.data
}
