import 'server-only'
import { randomBytes, randomUUID } from 'node:crypto'
import type { InviteAnswer, InviteRequest, JoinRequest, PeopleAnswer } from '../core/contract'
import { isRole, ROLE_WORDS, type Role } from '../core/firm'
import { dayWords } from '../core/measure'
import { insertMail } from '../db/queries/bids'
import {
  findOwnInvitation,
  insertInvitation,
  insertMember,
  isMemberAnywhere,
  listInvitations,
  listMembers,
  lockMembers,
  removeMember,
  revokeInvitation,
  setMemberRole,
  useOwnInvitation,
  type OwnInvitation,
} from '../db/queries/people'
import { withAuthTx, withInvitedTx, withTx, type AuthTx, type InvitedTx } from '../db/tx'
import { tokenHash } from './bids/seal'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { Refused } from './problem'

const WHAT = 'Keeping the firm’s people'
/** An invitation opens for a week: our judgement. */
const OPENS_DAYS = 7
const DAY_MS = 86_400_000

/** The library keeps roles as text; one that is none of ours is a fault of the table, not of whoever asks. */
function roleIn(text: string): Role {
  if (!isRole(text)) throw new Error(`A member has the role ${text}, which is none.`)
  return text
}

/** The people of a firm and the invitations that still open. @throws Refused `not-for-role`. */
export async function readPeople(member: Member): Promise<PeopleAnswer> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => ({
    members: (await listMembers(tx)).map(({ id, name, role }) => ({
      id,
      name,
      role: roleIn(role),
      you: id === member.userId,
    })),
    invitations: (await listInvitations(tx)).map(({ id, name, role, expires_at }) => ({
      id,
      name,
      role: roleIn(role),
      expires_at: expires_at.toISOString(),
    })),
  }))
}

/**
 * Makes a link that brings one person into the firm, once. It is told here and mailed where an address is given, and kept nowhere.
 *
 * @throws Refused `not-for-role`
 */
export async function invite(member: Member, wish: InviteRequest): Promise<InviteAnswer> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { pool, baseUrl } = await context()
  const id = randomUUID()
  const token = randomBytes(32).toString('base64url')
  const url = `${baseUrl}/join/${token}`
  const expiresAt = new Date(Date.now() + OPENS_DAYS * DAY_MS)
  await withTx(pool, member.companyId, async (tx) => {
    await insertInvitation(tx, {
      id,
      tokenHash: tokenHash(token),
      name: wish.name,
      role: wish.role,
      by: member.name,
      expiresAt,
    })
    if (wish.email === '') return
    await insertMail(tx, {
      id: randomUUID(),
      jobId: null,
      bidId: null,
      to: wish.email,
      subject: `${member.name} asks you to join`,
      body: `Hello ${wish.name},\n\n${member.name} asks you to join as ${ROLE_WORDS[wish.role].name}. Set up your sign-in here, before ${dayWords(expiresAt.toISOString().slice(0, 10))}:\n\n${url}\n\nThe link works once, for one person.`,
    })
  })
  return { id, url }
}

/** Takes an invitation back. @throws Refused `not-found`, `not-for-role`. */
export async function takeInvitationBack(member: Member, id: string): Promise<void> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { pool } = await context()
  const isGone = await withTx(pool, member.companyId, (tx) => revokeInvitation(tx, id))
  if (!isGone) throw new Refused({ kind: 'not-found', what: 'open invitation' })
}

/** Changes a member with the firm's whole table held, so that two at once cannot leave a firm without an owner. */
async function changeMember(
  member: Member,
  userId: string,
  next: Role | null,
  work: (tx: AuthTx, of: { companyId: string; userId: string }) => Promise<void>,
): Promise<void> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { authPool } = await context()
  const { companyId } = member
  await withAuthTx(authPool, async (tx) => {
    const members = await lockMembers(tx, companyId)
    if (!members.some((each) => each.user_id === userId))
      throw new Refused({ kind: 'not-found', what: 'member' })
    const isOwned =
      next === 'owner-estimator' ||
      members.some((each) => each.user_id !== userId && each.role === 'owner-estimator')
    if (!isOwned) throw new Refused({ kind: 'last-owner' })
    await work(tx, { companyId, userId })
  })
}

/** Gives a member another role; it holds from his next request. @throws Refused `last-owner`, `not-found`, `not-for-role`. */
export function giveRole(member: Member, userId: string, role: Role): Promise<void> {
  return changeMember(member, userId, role, (tx, of) => setMemberRole(tx, { ...of, role }))
}

/** Lets a member go: he is signed out everywhere; what he noted stays, under his name. @throws as `giveRole`. */
export function letGo(member: Member, userId: string): Promise<void> {
  return changeMember(member, userId, null, removeMember)
}

/** The invitation a link opens. */
export async function readInvitation(
  token: string,
): Promise<{ firm: string; name: string; role: Role; by: string }> {
  const { pool } = await context()
  return withInvitedTx(pool, tokenHash(token), async (tx) => {
    const { company_name, name, role, invited_by } = await open(tx, { lock: false })
    return { firm: company_name, name, role: roleIn(role), by: invited_by }
  })
}

async function open(tx: InvitedTx, of: { lock: boolean }): Promise<OwnInvitation> {
  const found = await findOwnInvitation(tx, of)
  if (!found || found.is_over) throw new Refused({ kind: 'invitation-over' })
  return found
}

/** The account an address has, if its password is the one given; made when there is none. */
async function account(wish: JoinRequest, address: string): Promise<string> {
  const { auth, authPool, throttle } = await context()
  const { internalAdapter, password } = await auth.$context
  const email = wish.email.trim().toLowerCase()
  const tried = { email, address }
  const wait_s = await throttle.waitOf(tried)
  if (wait_s !== null) throw new Refused({ kind: 'too-many-tries', wait_s })
  const found = await internalAdapter.findUserByEmail(email, { includeAccounts: true })
  if (found) {
    const hash = found.accounts.find((each) => each.providerId === 'credential')?.password
    const isTheirs = hash ? await password.verify({ hash, password: wish.password }) : false
    if (!isTheirs || (await withAuthTx(authPool, (tx) => isMemberAnywhere(tx, found.user.id)))) {
      await throttle.failed(tried)
      throw new Refused({ kind: 'address-taken' })
    }
    return found.user.id
  }
  const least = password.config.minPasswordLength
  if (wish.password.length < least) throw new Refused({ kind: 'short-password', least })
  const user = await internalAdapter.createUser(
    { email, name: wish.name, emailVerified: false },
    { method: 'email-password' },
  )
  await internalAdapter.linkAccount({
    userId: user.id,
    accountId: user.id,
    providerId: 'credential',
    password: await password.hash(wish.password),
  })
  return user.id
}

/**
 * Takes an invitation up: whoever holds its link becomes a member with the role it names. The link is used up with it.
 *
 * @param address where the request came from, for counting failed passwords
 * @throws Refused `invitation-over`, `address-taken`, `short-password`, `too-many-tries`
 */
export async function join(token: string, wish: JoinRequest, address: string): Promise<void> {
  const { pool, authPool } = await context()
  await withInvitedTx(pool, tokenHash(token), async (tx) => {
    const invitation = await open(tx, { lock: true })
    const userId = await account(wish, address)
    await useOwnInvitation(tx, userId)
    await withAuthTx(authPool, (auth) =>
      insertMember(auth, {
        companyId: invitation.company_id,
        companyName: invitation.company_name,
        userId,
        role: invitation.role,
        name: wish.name,
      }),
    )
  })
}
