export {
  ACTIONS,
  actionsOf,
  actionToWrite,
  isRole,
  may,
  PERMISSIONS,
  ROLES,
  withheldKinds,
  type Action,
  type Role,
} from './permissions'
