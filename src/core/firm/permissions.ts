import { ENTITY_KINDS, ENTITY_KIND_NAMES, type EntityKind } from '../job'
import { ACTIONS, PERMISSIONS, ROLES, type Action, type Role } from './roles'

export function isRole(role: string): role is Role {
  return (ROLES as readonly string[]).includes(role)
}

/**
 * Whether a role may do something.
 *
 * @example
 * may('crew', 'see-money') // => false
 * may('crew', 'edit-work') // => true
 */
export function may(role: Role, action: Action): boolean {
  return (PERMISSIONS[action] as readonly Role[]).includes(role)
}

/** Kinds that the firm answers for to the owner: warranties begin with one, and are claimed in the other. */
const OFFICE: ReadonlySet<EntityKind> = new Set(['handover', 'claim'])

/** What writing an entity of a kind asks for. */
export function actionToWrite(kind: EntityKind): Action {
  if (ENTITY_KINDS[kind].money) return 'see-money'
  if (kind === 'settings') return 'change-settings'
  return OFFICE.has(kind) ? 'run-the-office' : 'edit-work'
}

/** Kinds of entities that a role never gets. */
export function withheldKinds(role: Role): EntityKind[] {
  return may(role, 'see-money') ? [] : ENTITY_KIND_NAMES.filter((kind) => ENTITY_KINDS[kind].money)
}

/** The actions open to a role. */
export function actionsOf(role: Role): Action[] {
  return ACTIONS.filter((action) => may(role, action))
}
