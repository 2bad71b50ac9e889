import { ENTITY_KIND_NAMES, ENTITY_KINDS, type EntityKind, type JobDocument } from './document'
import type { NoteAbout } from './facts'

/** An id that something names and nothing has. */
export type BrokenReference = { readonly at: string; readonly id: string }

type Named = { readonly at: string; readonly id: string; readonly kind: EntityKind | 'fact' }
type AboutValue = NoteAbout

function aboutNames(at: string, about: AboutValue): Named[] {
  switch (about.kind) {
    case 'finding':
      return [{ at: `${at}.finding_id`, id: about.finding_id, kind: 'finding' }]
    case 'zone':
      return [{ at: `${at}.side_id`, id: about.side_id, kind: 'side' }]
    case 'feature':
      return [{ at: `${at}.feature_id`, id: about.feature_id, kind: 'feature' }]
    case 'side':
      return [{ at: `${at}.side_id`, id: about.side_id, kind: 'side' }]
    case 'item':
      return [{ at: `${at}.item_id`, id: about.item_id, kind: 'work_item' }]
    case 'house':
    case 'job':
      return []
  }
}

type PlaceValue = JobDocument['findings'][number]['place']

function placeNames(at: string, place: PlaceValue | null): Named[] {
  if (place === null) return []
  if (place.kind === 'side') {
    const names: Named[] = [{ at: `${at}.side_id`, id: place.side_id, kind: 'side' }]
    if (place.feature_id !== null) {
      names.push({ at: `${at}.feature_id`, id: place.feature_id, kind: 'feature' })
    }
    return names
  }
  if (place.kind === 'photo') return [{ at: `${at}.photo_id`, id: place.photo_id, kind: 'photo' }]
  if (place.kind === 'deck' && place.feature_id !== null) {
    return [{ at: `${at}.feature_id`, id: place.feature_id, kind: 'feature' }]
  }
  return []
}

/** Every id that one entity names, with where it names it. */
export function namesIn(kind: EntityKind, entity: unknown): Named[] {
  const list = (at: string, ids: readonly string[], of: EntityKind): Named[] =>
    ids.map((id, index) => ({ at: `${at}.${index}`, id, kind: of }))
  switch (kind) {
    case 'feature':
    case 'scope_stretch':
      return [{ at: 'side_id', id: (entity as { side_id: string }).side_id, kind: 'side' }]
    case 'photo': {
      const photo = entity as JobDocument['photos'][number]
      const canvas: Named[] = photo.canvas
        ? [{ at: 'canvas.side_id', id: photo.canvas.side_id, kind: 'side' }]
        : []
      return [...placeNames('place', photo.place), ...canvas]
    }
    case 'finding': {
      const finding = entity as JobDocument['findings'][number]
      return [
        ...placeNames('place', finding.place),
        ...(finding.spot ? [{ at: 'spot.side_id', id: finding.spot.side_id, kind: 'side' as const }] : []),
        ...list('photo_ids', finding.photo_ids, 'photo'),
        ...list('clip_ids', finding.clip_ids, 'clip'),
      ]
    }
    case 'intake':
      return list('photo_ids', (entity as NonNullable<JobDocument['intake']>).photo_ids, 'photo')
    case 'response_item':
      return list('finding_ids', (entity as JobDocument['response_items'][number]).finding_ids, 'finding')
    case 'framing_piece': {
      const id = (entity as JobDocument['framing_pieces'][number]).finding_id
      return id === null ? [] : [{ at: 'finding_id', id, kind: 'finding' }]
    }
    case 'survey': {
      const survey = entity as JobDocument['surveys'][number]
      const at: Named[] =
        survey.kind === 'crack'
          ? placeNames('place', survey.place)
          : survey.kind === 'deck'
            ? survey.feature_id === null
              ? []
              : [{ at: 'feature_id', id: survey.feature_id, kind: 'feature' }]
            : survey.kind === 'frame'
              ? survey.line_side_id === null
                ? []
                : [{ at: 'line_side_id', id: survey.line_side_id, kind: 'side' }]
              : 'side_id' in survey
                ? [{ at: 'side_id', id: survey.side_id, kind: 'side' }]
                : []
      return [...list('finding_ids', survey.finding_ids, 'finding'), ...at]
    }
    case 'source_decision':
    case 'judgement':
      return list('finding_ids', (entity as JobDocument['judgements'][number]).finding_ids, 'finding')
    case 'work_item': {
      const item = entity as JobDocument['work_items'][number]
      return [
        ...list('finding_ids', item.finding_ids, 'finding'),
        ...item.places.flatMap(({ at }, index) =>
          at.kind === 'whole-side'
            ? [{ at: `places.${index}.at.side_id`, id: at.side_id, kind: 'side' as const }]
            : placeNames(`places.${index}.at`, at),
        ),
      ]
    }
    case 'booking': {
      const id = (entity as JobDocument['bookings'][number]).item_id
      return id === null ? [] : [{ at: 'item_id', id, kind: 'work_item' }]
    }
    case 'opened_place': {
      const opened = entity as JobDocument['opened_places'][number]
      return [
        { at: 'finding_id', id: opened.finding_id, kind: 'finding' },
        ...opened.found.map(({ item_id }, index) => ({
          at: `found.${index}.item_id`,
          id: item_id,
          kind: 'work_item' as const,
        })),
        ...list('photo_ids', opened.photo_ids, 'photo'),
      ]
    }
    case 'change_order':
      return list('photo_ids', (entity as JobDocument['change_orders'][number]).photo_ids, 'photo')
    case 'order_answer':
      return [
        {
          at: 'order_id',
          id: (entity as JobDocument['order_answers'][number]).order_id,
          kind: 'change_order',
        },
      ]
    case 'work_spell': {
      const { on } = entity as JobDocument['work_spells'][number]
      return on.kind === 'item' ? [{ at: 'on.item_id', id: on.item_id, kind: 'work_item' }] : []
    }
    case 'bought_good':
      return list('photo_ids', (entity as JobDocument['bought_goods'][number]).photo_ids, 'photo')
    case 'finished_item':
    case 'follow_up':
    case 'receipt': {
      const { item_id, photo_ids } = entity as JobDocument['receipts'][number]
      const item: Named[] = item_id === null ? [] : [{ at: 'item_id', id: item_id, kind: 'work_item' }]
      return [...item, ...list('photo_ids', photo_ids, 'photo')]
    }
    case 'claim':
      return list('item_ids', (entity as JobDocument['claims'][number]).item_ids, 'work_item')
    case 'payment': {
      const id = (entity as JobDocument['payments'][number]).invoice_id
      return id === null ? [] : [{ at: 'invoice_id', id, kind: 'invoice' }]
    }
    default:
      return []
  }
}

/** Every id that one fact names. */
export function namesInFact(fact: JobDocument['facts'][number]): Named[] {
  switch (fact.kind) {
    case 'coverage':
      return [{ at: 'side_id', id: fact.side_id, kind: 'side' }]
    case 'reading':
    case 'test':
    case 'hazard':
    case 'hold':
      return aboutNames('about', fact.about)
    case 'note':
      return [
        ...aboutNames('about', fact.about),
        ...fact.photo_ids.map((id, index) => ({ at: `photo_ids.${index}`, id, kind: 'photo' as const })),
        ...fact.clip_ids.map((id, index) => ({ at: `clip_ids.${index}`, id, kind: 'clip' as const })),
      ]
    case 'hold-point':
      return [
        { at: 'item_id', id: fact.item_id, kind: 'work_item' },
        ...fact.photo_ids.map((id, index) => ({ at: `photo_ids.${index}`, id, kind: 'photo' as const })),
      ]
    case 'retraction':
      return [{ at: 'fact_id', id: fact.fact_id, kind: 'fact' }]
    case 'acknowledgement':
    case 'area-look':
    case 'permission':
      return []
  }
}

function idsOf(job: JobDocument): Record<string, ReadonlySet<string>> {
  const ids = (list: readonly { id: string }[]): ReadonlySet<string> => new Set(list.map((each) => each.id))
  return {
    side: ids(job.sides),
    feature: ids(job.features),
    photo: ids(job.photos),
    clip: ids(job.clips),
    finding: ids(job.findings),
    work_item: ids(job.work_items),
    change_order: ids(job.change_orders),
    invoice: ids(job.invoices),
    fact: ids(job.facts),
  }
}

/** Those of the names that nothing in the job answers to. */
export function unknownNames(job: JobDocument, names: readonly Named[]): BrokenReference[] {
  const known = idsOf(job)
  return names.filter(({ kind, id }) => !known[kind]?.has(id)).map(({ at, id }) => ({ at, id }))
}

/** Every broken reference of a whole job. */
export function brokenReferences(job: JobDocument): BrokenReference[] {
  const within = <T>(key: string, list: readonly T[], names: (each: T) => Named[]): Named[] =>
    list.flatMap((each, index) => names(each).map((name) => ({ ...name, at: `${key}.${index}.${name.at}` })))
  const entities = ENTITY_KIND_NAMES.flatMap((kind) => {
    const { key, many } = ENTITY_KINDS[kind]
    const held = job[key] as unknown
    if (held === null) return []
    return many
      ? within(key, held as { id: string }[], (each) => namesIn(kind, each))
      : namesIn(kind, held).map((name) => ({ ...name, at: `${key}.${name.at}` }))
  })
  return unknownNames(job, [...entities, ...within('facts', job.facts, namesInFact)])
}
