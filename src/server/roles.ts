import { ENTITY_KINDS, ENTITY_KIND_NAMES, type EntityKind } from '../core/job'

export const ROLES = ['owner-estimator', 'office', 'crew', 'apprentice'] as const
export type Role = (typeof ROLES)[number]

export function isRole(role: string): role is Role {
  return (ROLES as readonly string[]).includes(role)
}

/** Whether money kinds are sent to a role at all. */
export function seesMoney(role: Role): boolean {
  return role === 'owner-estimator' || role === 'office'
}

/** Whether a role sends bids to owners and takes links back. */
export function sendsBids(role: Role): boolean {
  return seesMoney(role)
}

/** Kinds of entities that a role never gets and never writes. */
export function withheldKinds(role: Role): EntityKind[] {
  return seesMoney(role) ? [] : ENTITY_KIND_NAMES.filter((kind) => ENTITY_KINDS[kind].money)
}
