/** Air left between two pictures in the order, so that one can be put between them with one edit. */
export const ORDER_STEP = 100

type Ordered = { readonly id: string; readonly order: number }

/**
 * The fewest new order numbers that put one picture at another index of the list; the others keep theirs where they can.
 *
 * Ends: an index past an end is that end; nothing to do gives nothing.
 *
 * @example
 * reordered([{ id: 'a', order: 0 }, { id: 'b', order: 100 }, { id: 'c', order: 200 }], 'c', 1) // => [{ id: 'c', order: 50 }]
 */
export function reordered(list: readonly Ordered[], id: string, index: number): Ordered[] {
  const moving = list.find((each) => each.id === id)
  const others = list.filter((each) => each.id !== id)
  const at = Math.max(0, Math.min(index, others.length))
  if (!moving || list.indexOf(moving) === at) return []
  const before = others[at - 1]
  const after = others[at]
  const low = before?.order ?? (after ? after.order - 2 * ORDER_STEP : 0)
  const high = after?.order ?? low + 2 * ORDER_STEP
  const middle = Math.floor((low + high) / 2)
  if (middle > low && middle < high && middle >= 0) return [{ id, order: middle }]
  // No air: everything from here on moves up by as little as it must.
  const moved: Ordered[] = [{ id, order: Math.max(0, low + 1) }]
  let reached = moved[0]!.order
  for (const each of others.slice(at)) {
    if (each.order > reached) break
    reached += 1
    moved.push({ id: each.id, order: reached })
  }
  return moved
}
