import * as z from 'zod'
import type { BidBlock, BidPicture, BidSection } from '../bid/bidBlock'
import { ownerTitle } from '../bid/ownerWords'
import { CLOSE_SAYS } from '../catalogue/sentences/close'
import { finishedOf, PAPERS, type FollowUp, type Handover, type JobDocument } from '../job'
import { Day, Id, Sha256 } from '../job/values'
import { dayWords } from '../measure'
import type { ScopeItem } from '../scope'
import type { Paper } from '../bid/paper'
import { upkeepOf, warrantyOf, type ItemWarranty } from './warranty'

const Picture = z.strictObject({ sha256: Sha256, caption: z.string() })

/** The end of a job as its owner reads it: what was done with pictures, what the firm stands for, and what keeps it so. Frozen when sent. */
export const HandoverModel = z.strictObject({
  format: z.literal('detrimus-handover'),
  version: z.literal(1),
  title: z.string(),
  address: z.string(),
  firm: z.strictObject({ name: z.string(), place: z.string(), licence: z.string() }),
  paper: z.enum(PAPERS),
  on: Day,
  by: z.string(),
  words: z.string(),
  items: z.array(
    z.strictObject({
      id: Id,
      title: z.string(),
      where: z.string(),
      /** Null: it is not done yet. */
      finished_on: Day.nullable(),
      words: z.string(),
      before: z.array(Picture),
      after: z.array(Picture),
      warranty: z.string(),
      until: z.strictObject({ least: Day, most: Day }).nullable(),
    }),
  ),
  warranty_words: z.string(),
  upkeep: z.array(
    z.strictObject({ id: Id, name: z.string(), plain: z.string(), first: Day, every_months: z.int() }),
  ),
  looks: z.array(z.strictObject({ id: Id, what: z.string(), due: Day })),
})
export type HandoverModel = z.infer<typeof HandoverModel>

/** Pictures of one item on paper, before and after: more is in the job. */
const PICTURES_EACH = 2

type Shown = z.infer<typeof Picture>

/** The pictures of what an item mends, as it was found: the last that were taken of it. */
export function beforePictures(item: Pick<ScopeItem, 'finding_ids'>, job: JobDocument): string[] {
  return job.findings
    .filter(({ id }) => item.finding_ids.includes(id))
    .flatMap(({ photo_ids }) => photo_ids)
    .filter((id) => job.photos.some((photo) => photo.id === id && !photo.removed))
}

function shown(ids: readonly string[], job: JobDocument): Shown[] {
  return ids
    .flatMap((id) => job.photos.find((photo) => photo.id === id && !photo.removed) ?? [])
    .slice(0, PICTURES_EACH)
    .map(({ sha256, caption }) => ({ sha256, caption }))
}

/**
 * The end of a job, of the work that was agreed to. Pictures that `has` does not know are left out.
 *
 * @param of.items agreed work, in the order of the bid
 */
export function handoverModel(of: {
  readonly job: JobDocument
  readonly handover: Handover
  readonly items: readonly ScopeItem[]
  readonly has?: (sha256: string) => boolean
}): HandoverModel {
  const { job, handover, items } = of
  const has = of.has ?? (() => true)
  const done = items.filter(({ id }) => finishedOf(job, id) !== null)
  return {
    format: 'detrimus-handover',
    version: 1,
    title: job.job.title,
    address: job.job.address,
    firm: {
      name: job.settings.firm_name,
      place: job.settings.firm_place,
      licence: job.settings.licence_line,
    },
    paper: job.settings.bid.paper,
    on: handover.on,
    by: handover.by,
    words: handover.words,
    items: items.map((item) => {
      const finished = finishedOf(job, item.id)
      const { words, until } = warrantyOf(item, job.settings, handover.on)
      return {
        id: item.id,
        title: ownerTitle(item),
        where: [...new Set(item.spots.map(({ where }) => where))].join('; '),
        finished_on: finished?.on ?? null,
        words: finished?.words ?? '',
        before: shown(beforePictures(item, job), job).filter(({ sha256 }) => has(sha256)),
        after: shown(finished?.photo_ids ?? [], job).filter(({ sha256 }) => has(sha256)),
        warranty: words,
        until,
      }
    }),
    warranty_words: job.settings.clauses.warranty,
    upkeep: upkeepOf(done, handover.on).map(({ id, name, plain, first, every_months }) => ({
      ...{ id, name, plain, first, every_months },
    })),
    looks: job.follow_ups
      .filter(({ removed, done_on }: FollowUp) => !removed && done_on === null)
      .toSorted((a, b) => a.due.localeCompare(b.due))
      .map(({ id, what, due }) => ({ id, what, due })),
  }
}

type Item = HandoverModel['items'][number]

/** The last day of a warranty in words; empty: it has none. */
export function untilWords(until: ItemWarranty['until'], from: string): string {
  if (until === null) return ''
  if (until.least === until.most) return CLOSE_SAYS.until(dayWords(until.most))
  // What may be none at all has no day that it lasts to at least.
  if (until.least < from) return CLOSE_SAYS.atMost(dayWords(until.most))
  return CLOSE_SAYS.between(dayWords(until.least), dayWords(until.most))
}

const picture =
  (under: string, title: string) =>
  ({ sha256, caption }: Shown): BidPicture => ({
    sha256,
    alt: `${title}: ${under.toLowerCase()}`,
    under: [under, caption].filter(Boolean).join(': '),
  })

function workBlock(item: Item): BidBlock {
  return {
    kind: 'work',
    id: item.id,
    title: item.title,
    amount: null,
    under: item.where,
    says: '',
    lasts: '',
    knows: [],
    pictures: [
      ...item.before.map(picture(CLOSE_SAYS.before, item.title)),
      ...item.after.map(picture(CLOSE_SAYS.after, item.title)),
    ],
  }
}

/** All that was done, each in a row: what, where, and what was said of it, with the day. */
function doneTable(items: readonly Item[]): BidBlock {
  return {
    kind: 'table',
    name: CLOSE_SAYS.done,
    heads: ['What', 'Where', 'When'],
    rows: items.map(({ title, where, words, finished_on }) => [
      [title, words].filter(Boolean).join('. '),
      where,
      finished_on === null ? '' : dayWords(finished_on),
    ]),
    amounts: false,
  }
}

/** Work under one warranty in one row. */
function warrantyRows(items: readonly Item[], from: string): string[][] {
  const rows = new Map<string, { titles: Set<string>; words: string; until: string }>()
  for (const item of items) {
    const words = item.warranty === 'none' ? CLOSE_SAYS.noWarranty : item.warranty
    const until = untilWords(item.until, from)
    const key = `${words}/${until}`
    const row = rows.get(key) ?? { titles: new Set<string>(), words, until }
    row.titles.add(item.title)
    rows.set(key, row)
  }
  return [...rows.values()].map(({ titles, words, until }) => [
    [...titles].join('; '),
    until ? `${words}: ${until}` : words,
  ])
}

/** The paper of the end of a job. */
export function handoverPaper(model: HandoverModel): Paper {
  const words = (text: string, tone: 'plain' | 'quiet' = 'plain'): BidBlock[] =>
    text ? [{ kind: 'words', text, tone }] : []
  const section = (name: string, blocks: readonly BidBlock[], headed = true): BidSection[] =>
    blocks.length > 0 ? [{ name, headed, folds: false, blocks }] : []
  const done = model.items.filter(({ finished_on }) => finished_on !== null)
  const open = model.items.filter(({ finished_on }) => finished_on === null)
  const sections = [
    ...section(
      CLOSE_SAYS.handover,
      [
        {
          kind: 'letterhead',
          firm: [model.firm.name, model.firm.place].filter(Boolean).join(', '),
          logo: null,
          title: CLOSE_SAYS.handover,
          address: [...new Set([model.title, model.address])].filter(Boolean).join(', '),
          days: [dayWords(model.on), model.by],
          total: null,
        },
        ...words(model.words),
      ],
      false,
    ),
    ...section(CLOSE_SAYS.done, done.length === 0 ? [] : [doneTable(done)]),
    ...section(
      CLOSE_SAYS.seen,
      done.filter(({ before, after }) => before.length + after.length > 0).map(workBlock),
    ),
    ...section(CLOSE_SAYS.unfinished, [
      ...open.flatMap(({ title, where }) => words([title, where].filter(Boolean).join(' · '))),
    ]),
    ...section('Warranty', [
      ...words(CLOSE_SAYS.warrantyStarts(dayWords(model.on))),
      ...(done.length === 0
        ? []
        : [
            {
              kind: 'table' as const,
              name: 'Warranty by item',
              heads: ['Work', 'We stand for'],
              rows: warrantyRows(done, model.on),
              amounts: false,
            },
          ]),
      ...words(model.warranty_words),
      ...words(model.warranty_words ? '' : CLOSE_SAYS.tell),
      ...words(CLOSE_SAYS.leaveIt),
      ...words(CLOSE_SAYS.notOurs, 'quiet'),
    ]),
    ...section(
      CLOSE_SAYS.upkeep,
      model.upkeep.length === 0
        ? []
        : [
            {
              kind: 'table',
              name: CLOSE_SAYS.upkeep,
              heads: ['What', 'When'],
              rows: model.upkeep.map(({ plain, first, every_months }) => [
                plain,
                `${CLOSE_SAYS.every(every_months)}, first ${dayWords(first)}`,
              ]),
              amounts: false,
            },
            ...words(CLOSE_SAYS.upkeepNote, 'quiet'),
          ],
    ),
    ...section(
      CLOSE_SAYS.looks,
      model.looks.flatMap(({ what, due }) => words(`${dayWords(due)}: ${what}`)),
    ),
    ...section('The firm', words(model.firm.licence, 'quiet'), false),
  ]
  return {
    title: `${CLOSE_SAYS.handover}: ${model.title}`,
    author: model.firm.name,
    foot: `${model.firm.name} · ${model.title} · ${dayWords(model.on)}`,
    size: model.paper,
    sections,
  }
}

/** Upkeep and looks as days of a calendar, upkeep again and again. */
export function handoverDays(model: HandoverModel): readonly {
  readonly id: string
  readonly on: string
  readonly every_months?: number
  readonly title: string
  readonly notes: string
}[] {
  return [
    ...model.upkeep.map(({ id, name, plain, first, every_months }) => ({
      id: `upkeep-${id}-${model.on}`,
      on: first,
      every_months,
      title: name,
      notes: plain,
    })),
    ...model.looks.map(({ id, what, due }) => ({
      id: `look-${id}`,
      on: due,
      title: what,
      notes: model.firm.name,
    })),
  ]
}
