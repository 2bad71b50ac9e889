import * as z from 'zod'
import { many, maybeOne, run, type AuthTx, type InvitedTx, type Tx } from '../tx'

const MemberRow = z.object({ id: z.string(), name: z.string(), role: z.string() })
export type MemberRow = z.infer<typeof MemberRow>

/** The people of the firm, by name. */
export function listMembers(tx: Tx): Promise<MemberRow[]> {
  return many(
    tx,
    MemberRow,
    `select user_id as id, user_name as name, role from app.membership where company_id = $1 order by user_name, user_id`,
    [tx.companyId],
  )
}

const InvitationRow = z.object({ id: z.string(), name: z.string(), role: z.string(), expires_at: z.date() })
export type InvitationRow = z.infer<typeof InvitationRow>

/** Links that still open, newest first. */
export function listInvitations(tx: Tx): Promise<InvitationRow[]> {
  return many(
    tx,
    InvitationRow,
    `select id, name, role, expires_at from app.invitation
     where company_id = $1 and used_at is null and revoked_at is null and expires_at > now()
     order by created_at desc`,
    [tx.companyId],
  )
}

export async function insertInvitation(
  tx: Tx,
  of: { id: string; tokenHash: string; name: string; role: string; by: string; expiresAt: Date },
): Promise<void> {
  await run(
    tx,
    `insert into app.invitation (company_id, id, token_hash, name, role, invited_by, expires_at)
     values ($1, $2, $3, $4, $5, $6, $7)`,
    [tx.companyId, of.id, of.tokenHash, of.name, of.role, of.by, of.expiresAt],
  )
}

/** Takes an invitation back; false when there is none of that id that still opens. */
export async function revokeInvitation(tx: Tx, id: string): Promise<boolean> {
  const touched = await run(
    tx,
    `update app.invitation set revoked_at = now()
     where company_id = $1 and id = $2 and used_at is null and revoked_at is null`,
    [tx.companyId, id],
  )
  return touched === 1
}

const OwnInvitation = z.object({
  company_id: z.string(),
  company_name: z.string(),
  name: z.string(),
  role: z.string(),
  invited_by: z.string(),
  /** It was used, taken back, or has run out. */
  is_over: z.boolean(),
})
export type OwnInvitation = z.infer<typeof OwnInvitation>

/** The invitation behind a link, held while it is used. */
export function findOwnInvitation(tx: InvitedTx, of: { lock: boolean }): Promise<OwnInvitation | null> {
  return maybeOne(
    tx,
    OwnInvitation,
    `select i.company_id, c.name as company_name, i.name, i.role, i.invited_by,
       (i.used_at is not null or i.revoked_at is not null or i.expires_at <= now()) as is_over
     from app.invitation i join app.company c on c.id = i.company_id
     where i.token_hash = $1 ${of.lock ? 'for update of i' : ''}`,
    [tx.tokenHash],
  )
}

export async function useOwnInvitation(tx: InvitedTx, userId: string): Promise<void> {
  await run(tx, 'update app.invitation set used_at = now(), used_by = $2 where token_hash = $1', [
    tx.tokenHash,
    userId,
  ])
}

/** Puts a person into a firm, in the sign-in library's own table; the firm keeps the name it is given here. */
export async function insertMember(
  tx: AuthTx,
  of: { companyId: string; companyName: string; userId: string; role: string; name: string },
): Promise<void> {
  await run(
    tx,
    `insert into organization (id, name, slug, created_at) values ($1::uuid, $2, ($1::uuid)::text, now()) on conflict do nothing`,
    [of.companyId, of.companyName],
  )
  await run(
    tx,
    `insert into member (organization_id, user_id, role, display_name, created_at) values ($1, $2, $3, $4, now())`,
    [of.companyId, of.userId, of.role, of.name],
  )
}

/** Whether a person belongs to any firm. */
export async function isMemberAnywhere(tx: AuthTx, userId: string): Promise<boolean> {
  const found = await maybeOne(
    tx,
    z.object({ n: z.number() }),
    'select count(*)::int as n from member where user_id = $1',
    [userId],
  )
  return (found?.n ?? 0) > 0
}

/** Roles of a firm's members, held while one of them changes. */
export function lockMembers(tx: AuthTx, companyId: string): Promise<{ user_id: string; role: string }[]> {
  return many(
    tx,
    z.object({ user_id: z.string(), role: z.string() }),
    'select user_id, role from member where organization_id = $1 order by user_id for update',
    [companyId],
  )
}

export async function setMemberRole(
  tx: AuthTx,
  of: { companyId: string; userId: string; role: string },
): Promise<void> {
  await run(tx, 'update member set role = $3 where organization_id = $1 and user_id = $2', [
    of.companyId,
    of.userId,
    of.role,
  ])
}

/** Takes a person out of the firm and ends his sessions. His name stays beside what he noted. */
export async function removeMember(tx: AuthTx, of: { companyId: string; userId: string }): Promise<void> {
  await run(tx, 'delete from member where organization_id = $1 and user_id = $2', [of.companyId, of.userId])
  await run(tx, 'delete from session where user_id = $1', [of.userId])
}
