type Body = Record<string, unknown>

/** How repairs and area work of version 4 and before became work items. Their ids stay, so prices and acceptances still find them. */

/** A work item of version 5, kept apart from `newWorkItem`: that one follows the shape of today, a raising must not. */
const WORK_ITEM: Body = {
  component: null,
  material: 'unknown',
  finding_ids: [],
  places: [],
  state: 'ours',
  alternate_of: null,
  name: '',
  note: '',
  who: '',
  hand_over: '',
  section: null,
  lines: [],
  cures: [],
  condition: null,
  share_peeling_percent: null,
}
/** Parts whose count meant courses. */
const IN_COURSES: readonly unknown[] = ['lap-siding', 'base-course']

/** The size of a repair: its length and its count were two fields. */
function sizeOf({ component, extent, count }: Body): Body | null {
  const many = typeof count === 'number' ? count : null
  if (extent === null || extent === undefined) {
    return many === null ? null : { kind: 'count', count: many, how: 'counted' }
  }
  if (IN_COURSES.includes(component)) return { kind: 'courses', courses: many ?? 1, length: extent }
  return many !== null && many > 1
    ? { kind: 'members', count: many, length: extent }
    : { kind: 'length', length: extent }
}

function placesOf(body: Body): Body[] {
  if (body.kind === 'paint-side' || body.side_id !== undefined) {
    return [{ at: { kind: 'whole-side', side_id: body.side_id }, size: null, height: null }]
  }
  const size = sizeOf(body)
  const at = body.place ?? null
  return at === null && size === null ? [] : [{ at: at ?? { kind: 'none' }, size, height: null }]
}

/** The body of a repair or of area work as a work item; one that is a work item already is left as it is. */
export function toWorkItem(body: Body): Body {
  if ('places' in body) return body
  const { kind, side_id, place, extent, count, ...kept } = body
  const method = kind === 'paint-side' ? { method: 'paint-side' } : {}
  return {
    ...WORK_ITEM,
    ...method,
    ...kept,
    places: placesOf({ kind, side_id, place, extent, count, ...kept }),
  }
}

/** Fields that an edit of a repair or of area work set. */
export function workItemFields(fields: Body): Body {
  const { kind, side_id, place, extent, count, ...kept } = fields
  const moved = [side_id, place, extent, count].some((each) => each !== undefined)
  const area = side_id === undefined ? {} : { side_id }
  return moved ? { ...kept, places: placesOf({ kind, ...area, place, extent, count, ...kept }) } : kept
}

/** A job file's two lists as one. */
export function workItemsOf(file: Body): Body {
  const { repairs, area_works, ...kept } = file
  const list = (held: unknown): unknown[] => (Array.isArray(held) ? held : [])
  return { work_items: [...list(repairs), ...list(area_works)], ...kept }
}
