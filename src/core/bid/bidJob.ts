import { BID_SAYS } from '../catalogue/sentences/bid'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { partName } from '../catalogue'
import { whereForOwner, whereOf, type Caution } from '../caution'
import { scaledLength } from '../geometry'
import { NO_PLACE } from '../geometry/whereOf'
import { drawStrip, findingNumber, stripSpans } from '../house'
import { drawSurveysOnStrip } from '../house/drawSurveys'
import {
  GRADE_NAMES,
  gradeOf,
  isDamage,
  type Finding,
  type JobDocument,
  type Photo,
  quantityWords,
  sizeOfFinding,
  WAYS_TO_LOOK,
} from '../job'
import { feet, formatCents, type Cents } from '../measure'
import { priceOfLook } from '../price'
import { outsideScope, outsideWords } from '../scope'
import { causeOf, isSureEnough } from '../trace'
import { responseAnswer } from '../walk'
import { dayAfter } from '../measure/days'
import { besideLines, itemLine } from './bidLines'
import type { BidHazardLine, BidModel } from './bidModel'
import { clausesOf, listHeading } from './clauses'
import { headsOf, placeOfFinding, type Heads } from './groups'
import { seenWords, showsSigns } from './ownerWords'
import { BID_VERSION } from './raiseBid'
import { measuredOf } from './measured'
import { saidSources } from './saidSources'
import { sourcePairs } from './sourcePairs'
import type { Stages } from './stages'

/** A row of the strip is drawn for a page of this many pixels; a longer strip goes on two rows or more. */
const ROW_PX = 760
const ROW_FT = 90

/** Sides in rows of at most so many feet, in strip order; a side longer than that has a row of its own. */
function rowsOf(job: JobDocument): string[][] {
  const rows: { ids: string[]; length: number }[] = []
  for (const { id, length } of stripSpans(job)) {
    const last = rows.at(-1)
    if (last && last.length + length <= feet(ROW_FT)) {
      last.ids.push(id)
      last.length += length
    } else rows.push({ ids: [id], length })
  }
  return rows.map((row) => row.ids)
}

/** The strip for paper and for the owner's screen, every row to one scale. */
function drawRows(job: JobDocument, stages: Stages): BidModel['drawings'] {
  const view = {
    px: 100,
    coverage: stages.coverage,
    trace: stages.trace,
    chosen: [],
    only: null,
    surveys: drawSurveysOnStrip,
  }
  const rows = rowsOf(job)
  const widths = rows.map((only) => {
    const { left, right } = drawStrip(job, { ...view, only })
    return right - left
  })
  const px = Math.max(1, ...widths) / ROW_PX
  return rows.map((only) => ({ px, drawing: drawStrip(job, { ...view, px, only }) }))
}

function hazardLine(caution: Caution): BidHazardLine {
  return {
    keep_off: caution.kind === 'keep-off',
    what: caution.what,
    where: whereForOwner(caution.where),
    can_happen: caution.canHappen,
    do_now: caution.doNow,
    who: caution.who,
  }
}

const SO_MANY_FIRST = 3

/** What several say, without the parts that one before has said: a survey and its findings name the same danger. */
function eachOnce(whats: readonly string[]): string {
  const said = new Set<string>()
  return whats
    .flatMap((what) => {
      const fresh = what.split(', ').filter((part) => !said.has(part))
      for (const part of fresh) said.add(part)
      return fresh.length === 0 ? [] : [fresh.join(', ')]
    })
    .join('; ')
}

/** Every place once; that one of them is not known is said only where none is. */
function knownPlaces(wheres: readonly string[]): string {
  const all = [...new Set(wheres)]
  const known = all.filter((where) => where !== NO_PLACE)
  return (known.length > 0 ? known : all).join('; ')
}

/** Cautions in their order; those that say the same to do of the same danger are one, with all their places. */
function hazardLines(cautions: readonly Caution[]): BidHazardLine[] {
  const together = new Map<string, BidHazardLine[]>()
  for (const line of cautions.map(hazardLine)) {
    const { keep_off, can_happen, do_now, who } = line
    const key = JSON.stringify([keep_off, can_happen, do_now, who])
    together.set(key, [...(together.get(key) ?? []), line])
  }
  return [...together.values()].map((lines) => ({
    ...lines[0]!,
    what: eachOnce(lines.map(({ what }) => what)),
    where: knownPlaces(lines.map(({ where }) => where)),
  }))
}

function causeWords(finding: Finding, job: JobDocument, { trace, firstLooks }: Stages): string | null {
  const traced = trace.findings.find((each) => each.finding_id === finding.id)
  if (!traced) return null
  if (traced.cause === null || !isSureEnough(traced.certainty)) {
    const look = firstLooks.find(({ finding_ids }) => finding_ids.includes(finding.id))
    const price = look ? priceOfLook(look.way, job.rates, job.settings) : null
    return BID_SAYS.notExplained(look?.says ?? null, price === null ? null : formatCents(price))
  }
  const name = causeOf(traced.cause).name.toLowerCase()
  if (traced.stated) return BID_SAYS.statedCause(name, traced.stated.by)
  return BID_SAYS.tracedCause(name, String(traced.certainty))
}

/** A picture for the bid with what was drawn over it; a length drawn on a picture with a scale says its figure. */
function bidPhoto(photo: Photo): BidModel['findings'][number]['photos'][number] {
  const { sha256, caption, marks, canvas, width_px, height_px } = photo
  if (marks.length === 0) return { sha256, caption }
  const size = { width_px, height_px }
  return {
    sha256,
    caption,
    drawn: {
      ...size,
      marks: marks.map((mark) =>
        mark.kind === 'length' && mark.length === null && canvas
          ? { ...mark, length: scaledLength(mark.from, mark.to, canvas, size) }
          : mark,
      ),
    },
  }
}

function standingOf(finding: Finding, job: JobDocument): string {
  const outside = outsideScope(finding, job)
  return outside ? outsideWords(outside) : ''
}

/** Whether a part, a sign or how bad it is was noted: words alone are no damaged spot. */
function isLookedInto(finding: Finding): boolean {
  return finding.component !== null || gradeOf(finding) !== null || showsSigns(finding)
}

/** What the owner reads first: how many spots, where mostly, how many causes, and how many of them are mended. */
function leadWords(damaged: readonly Finding[], job: JobDocument, stages: Stages): string {
  if (damaged.length === 0) return stages.scope.items.length > 0 ? '' : OWNER_SAYS.leadNone
  const counts = new Map<string, number>()
  for (const finding of damaged) {
    const group = placeOfFinding(finding, job)
    counts.set(group, (counts.get(group) ?? 0) + 1)
  }
  const [most] = [...counts].toSorted((a, b) => b[1] - a[1])
  const isMost = most !== undefined && counts.size > 1 && most[1] * 2 > damaged.length
  const side = isMost ? job.sides.find(({ id }) => id === most[0]) : undefined
  const said = saidSources(stages)
  const letters = said.flatMap(({ letter }) => letter ?? [])
  const reached = damaged.filter(({ id }) => said.some((source) => source.finding_ids.includes(id))).length
  const mended = letters.filter((letter) => stages.scope.fixes[letter] === 'fixed').length
  return [
    OWNER_SAYS.lead({ many: damaged.length, where: side ? OWNER_SAYS.onSide(side.facing) : null }),
    letters.length > 0
      ? OWNER_SAYS.leadCauses({ causes: letters.length, mended, spots: damaged.length, reached })
      : OWNER_SAYS.unexplained,
  ].join(' ')
}

/** What the firm comes for at the least, before tax: never more than the bid itself. */
function leastOf(job: JobDocument, { price, takeoff }: Stages): Cents {
  if (price.kind !== 'priced' || !job.rates) return 0 as Cents
  const least = takeoff.shared.visits * job.rates.minimum_per_visit_cents
  return Math.max(
    0,
    Math.min(least, price.items_cents + (price.adjustment?.cents ?? 0) - (price.discount?.cents ?? 0)),
  ) as Cents
}

function looksOf({ looks }: Stages): BidModel['looks'] {
  if (looks.kind !== 'priced') return []
  return looks.lines.map(({ way, holds, opens, sell_cents }) => ({
    id: `look-${way}`,
    says: BID_SAYS.look({ way: WAYS_TO_LOOK[way], many: holds.length, opens }),
    price_cents: sell_cents,
  }))
}

/** A list answered number by number. Work that answers several numbers is priced at the first of them. */
function responseOf(job: JobDocument, { scope, price }: Stages): BidModel['response'] {
  if (job.response_items.length === 0) return null
  const priced = new Map<string, string>()
  return {
    heading: listHeading(job),
    rows: job.response_items.map((asked) => {
      const mine =
        asked.answer === 'do-it'
          ? scope.items.filter(({ finding_ids }) => finding_ids.some((id) => asked.finding_ids.includes(id)))
          : []
      const before = mine.flatMap(({ id }) => priced.get(id) ?? [])
      const fresh = mine.filter(({ id }) => !priced.has(id))
      for (const { id } of fresh) priced.set(id, asked.number)
      const lines =
        price.kind === 'priced'
          ? price.lines.filter((line) => fresh.some(({ id }) => id === line.item_id))
          : []
      return {
        number: asked.number,
        asks: asked.words,
        answer: [responseAnswer(asked), before.length > 0 ? BID_SAYS.pricedWith([...new Set(before)]) : '']
          .filter(Boolean)
          .join('; '),
        price_cents:
          lines.length > 0 ? (lines.reduce((sum, line) => sum + line.sell_cents, 0) as Cents) : null,
      }
    }),
  }
}

/** In the order they are read: under their heads; one list under no heads from its dearest down. */
function asRead(
  items: readonly BidModel['items'][number][],
  { groups }: Heads,
  job: JobDocument,
): BidModel['items'][number][] {
  if (job.settings.bid.heads === 'none') return items.toSorted((a, b) => b.price_cents - a.price_cents)
  const at = new Map(groups.map(({ id }, index) => [id, index]))
  return items.toSorted((a, b) => (at.get(a.group) ?? 0) - (at.get(b.group) ?? 0))
}

/** The same work at two causes is described once: the second says that it is the same. */
function saidOnce(items: readonly BidModel['items'][number][]): BidModel['items'][number][] {
  const said = new Set<string>()
  return items.map((item) => {
    const [first = '', ...rest] = item.done.split(/(?<=[.?!]) (?=[A-Z])/)
    if (!said.has(first) || first === '') {
      said.add(first)
      return item
    }
    return { ...item, done: [OWNER_SAYS.sameHere, ...rest].join(' ') }
  })
}

/**
 * The bid as its owner reads it.
 *
 * Hazards first, at most three; the strip with numbered findings; items and price; what was not looked at; clauses by trigger.
 */
export function bidJob(job: JobDocument, stages: Stages, preparedOn: string): BidModel {
  const { price, cautions } = stages
  const hazards = hazardLines(cautions.all)
  const heads = headsOf(job, stages.trace)
  const chosen = stages.scope.items.flatMap((item) => itemLine(item, job, stages, heads) ?? [])
  const items = saidOnce(asRead(chosen, heads, job))
  const beside = stages.scope.items.flatMap((item) => besideLines(item, job, price, heads))
  const damaged = job.findings.filter(isDamage)
  return {
    format: 'detrimus-bid',
    version: BID_VERSION,
    title: job.job.title,
    address: job.job.address,
    firm: {
      name: job.settings.firm_name,
      place: job.settings.firm_place,
      licence: job.settings.licence_line,
    },
    prepared_on: preparedOn,
    valid_until: dayAfter(preparedOn, job.settings.clauses.validity_days),
    lead: leadWords(damaged.filter(isLookedInto), job, stages),
    opening: job.settings.bid.opening,
    closing: job.settings.bid.closing,
    shows: { paper: job.settings.bid.paper, prices: job.settings.bid.prices },
    groups: [...heads.groups],
    together: [],
    hazards: hazards.slice(0, SO_MANY_FIRST),
    more_hazards: hazards.slice(SO_MANY_FIRST),
    findings: damaged.map((finding) => {
      const grade = gradeOf(finding)
      return {
        number: findingNumber(finding, job),
        part: finding.component ? partName(finding.component) : BID_SAYS.partNotNamed,
        where: [whereForOwner(whereOf(finding, job)), standingOf(finding, job)].filter(Boolean).join(', '),
        size: [
          quantityWords(sizeOfFinding(finding)),
          finding.extent?.how === 'guessed' ? BID_SAYS.fromBelow : '',
        ]
          .filter(Boolean)
          .join(', '),
        grade: grade === null ? BID_SAYS.notTouched : GRADE_NAMES[grade],
        words: finding.words,
        suspected: finding.suspected,
        group: heads.ofFinding(finding),
        says: seenWords([finding]),
        cause: causeWords(finding, job, stages),
        photos: job.photos.filter((photo) => finding.photo_ids.includes(photo.id)).map(bidPhoto),
      }
    }),
    items,
    beside,
    discount: price.kind === 'priced' ? price.discount : null,
    adjustment: price.kind === 'priced' ? price.adjustment : null,
    tax_cents: price.kind === 'priced' ? price.tax_cents : (0 as Cents),
    tax_words:
      job.rates?.tax.rule === 'on-cost' || job.rates?.tax.rule === 'none'
        ? BID_SAYS.taxIncluded
        : BID_SAYS.taxOnTop,
    total_cents: price.kind === 'priced' ? price.total_cents : (0 as Cents),
    choosing: {
      least_cents: leastOf(job, stages),
      tax_rate: price.kind === 'priced' ? price.tax_rate : 0,
    },
    looks: looksOf(stages),
    finds: [],
    go_on: null,
    payments: job.rates?.payments ?? { stages: [], deposit_limit_share: null, deposit_limit_cents: null },
    expects: null,
    waiting: null,
    measured: measuredOf(job, stages),
    response: responseOf(job, stages),
    source_pairs: sourcePairs(stages, job),
    clauses: clausesOf(job, stages, preparedOn),
    not_looked: stages.coverage.paragraph,
    local_code: BID_SAYS.localCode,
    drawings: drawRows(job, stages),
  }
}

/** What still keeps a bid from being sent, in words that say what to do. Empty: it can go. */
export function beforeSending(stages: Stages): string[] {
  const { price, scope, list } = stages
  const missing: string[] = []
  const nameOf = (id: string): string =>
    scope.items.find((item) => item.id === id)?.name ?? BID_SAYS.unnamedItem
  if (scope.items.length === 0) missing.push(BID_SAYS.chooseSomething)
  if (list.open.length > 0) {
    missing.push(BID_SAYS.answerList(list.open.map((item) => item.number)))
  }
  const taken = stages.trace.sources.filter(
    (source) => source.letter !== null && scope.fixes[source.letter] === 'taken',
  )
  for (const source of taken) {
    missing.push(BID_SAYS.takenNotDone(String(source.letter)))
  }
  if (price.kind === 'withheld') missing.push(BID_SAYS.moneyWithheld)
  if (price.kind === 'no-room') missing.push(BID_SAYS.noRoom)
  if (price.kind !== 'priced') return missing
  if (price.missing.length > 0) {
    missing.push(BID_SAYS.noRate(price.missing))
  }
  for (const line of [...price.lines, ...price.apart]) {
    for (const why of line.lacks) missing.push(`${nameOf(line.item_id)}: ${why}`)
  }
  const isOut = scope.items.some(({ item, standing }) => item.state === 'ours' && standing === 'left-out')
  if (price.lines.length + price.apart.length === 0 && isOut) {
    missing.push(BID_SAYS.allLeftOut)
  }
  const free = price.lines.filter(
    (line) => line.sell_cents === 0 && line.includedIn === null && line.lacks.length === 0,
  )
  for (const line of free) {
    missing.push(BID_SAYS.comesToNothing(nameOf(line.item_id)))
  }
  for (const id of price.idle) {
    missing.push(BID_SAYS.typedForNothing(nameOf(id)))
  }
  return missing
}
