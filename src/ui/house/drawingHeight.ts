import type { Stage } from '../job/stages'

/** How much room the drawing takes: the walls to scale, folded to a band, or only its tape. */
export const HEIGHTS = ['full', 'ribbon', 'hidden'] as const
export type DrawingHeight = (typeof HEIGHTS)[number]
export type Heights = Partial<Record<Stage, DrawingHeight>>

/** Where place is the work the walls stand open; where lists are the work they are folded. */
const FIRST: Readonly<Record<Stage, DrawingHeight>> = {
  walk: 'full',
  trace: 'full',
  scope: 'ribbon',
  cut: 'ribbon',
  price: 'ribbon',
  bid: 'ribbon',
  plan: 'ribbon',
  open: 'ribbon',
  close: 'ribbon',
}
/** Windows lower than this have no room for the walls and the work together; than the other, none for the ribbon either. */
export const LOW_WINDOW_PX = 700
export const LOWEST_WINDOW_PX = 480

/** The height at a stage: what the person left it at on this device, else what suits the stage and the window. */
export function heightAt(
  stage: Stage,
  kept: Heights,
  window: { height: number; phone: boolean },
): DrawingHeight {
  const own = kept[stage]
  if (own) return own
  // A page enlarged to twice its size, a phone lying on its side.
  if (window.height < LOWEST_WINDOW_PX) return 'hidden'
  return !window.phone && window.height < LOW_WINDOW_PX && FIRST[stage] === 'full' ? 'ribbon' : FIRST[stage]
}

/** A step down the tape opens the drawing further, a step up folds it. */
export function stepped(height: DrawingHeight, by: 1 | -1): DrawingHeight {
  const at = HEIGHTS.indexOf(height) - by
  return HEIGHTS[Math.min(HEIGHTS.length - 1, Math.max(0, at))]!
}

const KEY = 'detrimus.drawing'

/** What was kept on this device; nothing where it cannot be read. */
export function readHeights(storage: Pick<Storage, 'getItem'> | null): Heights {
  try {
    const kept: unknown = JSON.parse(storage?.getItem(KEY) ?? '{}')
    if (typeof kept !== 'object' || kept === null) return {}
    return Object.fromEntries(
      Object.entries(kept).filter(
        ([stage, height]) => stage in FIRST && HEIGHTS.includes(height as DrawingHeight),
      ),
    )
  } catch {
    return {}
  }
}

/** Keeps it; a device that keeps nothing loses no more than this. */
export function keepHeights(storage: Pick<Storage, 'setItem'> | null, heights: Heights): void {
  try {
    storage?.setItem(KEY, JSON.stringify(heights))
  } catch {
    // A full or closed store: the next visit begins with what suits the stage.
  }
}
