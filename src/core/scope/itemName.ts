import { methodName, methodOf, partName } from '../catalogue'
import type { WorkItem } from '../job'

/** A repair that is made for a part mostly names it: `Renew the ledger, shored`. */
function namesPart(item: WorkItem): boolean {
  const row = methodOf(item.method)
  if (!row?.serves || item.component === null) return false
  const noun = partName(item.component).split(' ').at(-1)!.toLowerCase()
  return row.rebuilds === 'assembly' || row.name.toLowerCase().includes(noun)
}

/** What a piece of work is called: as its maker said, else by its method and part. */
export function itemName(item: WorkItem): string {
  if (item.name) return item.name
  const method = methodName(item.method)
  if (item.component === null || namesPart(item)) return method
  const part = partName(item.component)
  return `${part[0]!.toUpperCase()}${part.slice(1)}: ${method.toLowerCase()}`
}
