import { eventOf } from '../catalogue/events/events'
import { partName } from '../catalogue'
import { causeName } from '../catalogue/causes'
import { FEATURE_WORDS, SURVEY_KINDS, type EntityKind, type JobDocument } from '../job'
import { dayWords } from '../measure'
import { spellOn } from './closedWords'
import { itemName, on, side } from './say'

/** What a thing is called where it is one of many, as far as the job still knows it. */
export const NOUNS: Readonly<Record<EntityKind, (id: string, job: JobDocument) => string>> = {
  job: () => 'the job',
  house: () => 'the house',
  intake: () => 'what was known before',
  response_list: () => 'the response list',
  settings: () => 'the firm’s values of this job',
  rates: () => 'the rates of this job',
  person: (id, job) => job.people.find((each) => each.id === id)?.name || 'a person',
  side: (id, job) => String(side(id, job)),
  feature: (id, job) => {
    const found = job.features.find((each) => each.id === id)
    const letter = job.sides.find((each) => each.id === found?.side_id)?.letter ?? ''
    return found ? `${FEATURE_WORDS[found.kind]} ${letter}${found.number}` : 'something on a wall'
  },
  photo: (id, job) => {
    const caption = job.photos.find((each) => each.id === id)?.caption
    return caption ? `the picture “${caption}”` : 'a picture'
  },
  finding: (id, job) => {
    const found = job.findings.find((each) => each.id === id)
    if (!found) return 'a finding'
    const name = found.component ? partName(found.component) : found.words
    return `finding ${found.number ?? 'new'}${name ? `, ${name}` : ''}`
  },
  clip: () => 'a voice note',
  house_event: (id, job) => {
    const found = job.house_events.find((each) => each.id === id)
    return found ? `what happened: ${eventOf(found.what)?.name ?? found.what}` : 'what happened to the house'
  },
  scope_stretch: (id, job) => {
    const found = job.scope_stretches.find((each) => each.id === id)
    return found ? `the scope line on ${String(side(found.side_id, job))}` : 'the scope line'
  },
  response_item: (id, job) =>
    `number ${job.response_items.find((each) => each.id === id)?.number ?? ''} of the list`,
  framing_piece: (id, job) => job.framing_pieces.find((each) => each.id === id)?.label || 'a member below',
  survey: (id, job) => {
    const found = job.surveys.find((each) => each.id === id)
    return found ? `the survey “${SURVEY_KINDS[found.kind].toLowerCase()}”` : 'a survey'
  },
  plan: () => 'the plan',
  plan_day: (id, job) => {
    const found = job.plan_days.find((each) => each.id === id)
    return found ? `the day ${dayWords(found.day)}` : 'a day of the plan'
  },
  plan_mark: () => 'a piece of planned work',
  booking: (id, job) => {
    const found = job.bookings.find((each) => each.id === id)
    return found ? `what has to come: ${found.what.replaceAll('-', ' ')}` : 'something that has to come'
  },
  opened_place: (id, job) => {
    const found = job.opened_places.find((each) => each.id === id)
    const finding = job.findings.find((each) => each.id === found?.finding_id)
    return finding ? `the place opened at finding ${finding.number ?? 'new'}` : 'a place opened'
  },
  change_order: (id, job) => {
    const found = job.change_orders.find((each) => each.id === id)
    return found ? `the change order of ${dayWords(found.made_at.slice(0, 10))}` : 'a change order'
  },
  order_answer: () => 'the owner’s word on a change order',
  work_spell: (id, job) => {
    const found = job.work_spells.find((each) => each.id === id)
    return found ? `the time of ${dayWords(found.began_at.slice(0, 10))} on ${spellOn(found, job)}` : 'a time'
  },
  bought_good: (id, job) => job.bought_goods.find((each) => each.id === id)?.what || 'something bought',
  finished_item: (id, job) => {
    const found = job.finished_items.find((each) => each.id === id)
    return found ? `that it is done: ${itemName(found.item_id, job)}` : 'that something is done'
  },
  handover: () => 'the handing over',
  follow_up: (id, job) => job.follow_ups.find((each) => each.id === id)?.what || 'something to look at again',
  claim: (id, job) => {
    const found = job.claims.find((each) => each.id === id)
    return found ? `the claim of ${dayWords(found.said_on)}` : 'a claim'
  },
  receipt: (id, job) => {
    const found = job.receipts.find((each) => each.id === id)
    return found ? `the receipt of ${dayWords(found.on)}` : 'a receipt'
  },
  invoice: (id, job) => {
    const found = job.invoices.find((each) => each.id === id)
    return found ? `invoice ${found.number}` : 'an invoice'
  },
  payment: (id, job) => {
    const found = job.payments.find((each) => each.id === id)
    return found ? `the payment of ${dayWords(found.on)}` : 'a payment'
  },
  judgement: (id, job) => {
    const found = job.judgements.find((each) => each.id === id)
    return found ? `the cause stated: ${causeName(found.cause)}` : 'a cause stated'
  },
  source_decision: (id, job) => {
    const found = job.source_decisions.find((each) => each.id === id)
    return found ? `the owner’s word on ${causeName(found.cause)}` : 'the owner’s word on a source'
  },
  work_item: (id, job) => itemName(id, job),
  typed_price: (id, job) => {
    const found = job.typed_prices.find((each) => each.id === id)
    if (!found) return 'a price typed'
    return found.on.kind === 'told'
      ? `the figure ${String(on(found.on, job))}`
      : `the price typed for ${String(on(found.on, job))}`
  },
}
