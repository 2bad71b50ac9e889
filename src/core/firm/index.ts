export { actionsOf, actionToWrite, isRole, may, withheldKinds } from './permissions'
export { ACTIONS, PERMISSIONS, ROLES, type Action, type Role } from './roles'
