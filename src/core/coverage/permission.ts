import { factsOf, type Fact, type JobDocument } from '../job'

type Level = Extract<Fact, { kind: 'permission' }>['level']

/** The three levels, weakest first. Only the owner or their agent gives the third. */
export const PERMISSION_LEVELS: readonly Level[] = ['look-and-touch', 'probe-and-pin', 'open']

export const PERMISSION_WORDS: Readonly<Record<Level, string>> = {
  'look-and-touch': 'look and touch',
  'probe-and-pin': 'probe and pin-meter',
  open: 'open (lift, cut, drill, hose)',
}

export type Permission = { readonly level: Level; readonly given_by: string; readonly at: string }

/** The highest permission noted, the latest of equals; null when none was. */
export function permissionOf(job: JobDocument): Permission | null {
  return factsOf(job, 'permission').reduce<Permission | null>((best, { level, given_by, at }) => {
    const higher = !best || PERMISSION_LEVELS.indexOf(level) >= PERMISSION_LEVELS.indexOf(best.level)
    return higher ? { level, given_by, at } : best
  }, null)
}

/** Whether opening was permitted. What was opened without is not recorded as done. */
export function mayOpen(job: JobDocument): boolean {
  return permissionOf(job)?.level === 'open'
}
