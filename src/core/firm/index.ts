export { actionsOf, actionToWrite, isRole, may, withheldKinds } from './permissions'
export { ACTIONS, PERMISSIONS, ROLES, ROLE_WORDS, type Action, type Role } from './roles'
