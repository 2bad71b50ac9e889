import { JOB_FORMAT, JOB_VERSION, type EntityOf, type JobDocument, type WorkItem } from './document'

/** What a job has before anybody worked on it. */
const NOTHING_CLOSED = {
  work_spells: [],
  bought_goods: [],
  finished_items: [],
  handover: null,
  follow_ups: [],
  claims: [],
  receipts: [],
  invoices: [],
  payments: [],
} as const satisfies Partial<JobDocument>

/** A job that has nothing yet but its firm's pinned settings. It is complete: every stage works on it. */
export function newJob(of: {
  id: string
  title: string
  timeZone: string
  settings: EntityOf['settings']
  rates: EntityOf['rates'] | null
  address?: string
  owner?: { readonly name: string; readonly email: string; readonly phone: string }
}): JobDocument {
  return {
    format: JOB_FORMAT,
    version: JOB_VERSION,
    id: of.id,
    job: {
      id: 'job',
      removed: false,
      title: of.title,
      address: of.address ?? '',
      time_zone: of.timeZone,
      asked: '',
      scope_line: '',
      walked_on: null,
      weather: '',
      hours_since_rain: null,
      present: '',
      must_stay: '',
      may_talk_to: '',
      permit: 'unknown',
      house_on: 'left',
      claim_of: null,
    },
    house: null,
    intake: null,
    response_list: null,
    plan: null,
    settings: of.settings,
    rates: of.rates,
    people: of.owner
      ? [{ id: 'person-1', removed: false, ...of.owner, roles: ['owns', 'pays', 'may-approve'] }]
      : [],
    sides: [],
    features: [],
    photos: [],
    findings: [],
    clips: [],
    house_events: [],
    scope_stretches: [],
    response_items: [],
    framing_pieces: [],
    surveys: [],
    judgements: [],
    source_decisions: [],
    work_items: [],
    plan_days: [],
    plan_marks: [],
    bookings: [],
    opened_places: [],
    change_orders: [],
    order_answers: [],
    ...NOTHING_CLOSED,
    typed_prices: [],
    facts: [],
  }
}

/**
 * A job begun from another: whole, with the settings it pins; or only its house, with the firm's settings of today. Nothing that was
 * sent, said, accepted, planned, opened or done comes with it.
 */
export function copiedJob(
  job: JobDocument,
  of: {
    id: string
    what: 'job' | 'house'
    settings: EntityOf['settings']
    rates: EntityOf['rates'] | null
    /** What its owner says that failed, where the new job looks into that. */
    claim?: { readonly claim_id: string; readonly words: string } | null
  },
): JobDocument {
  const claim = of.claim ?? null
  const named = job.job.title || 'Untitled job'
  const title = `${named} (${claim ? 'claim' : 'copy'})`.slice(0, 200)
  if (of.what === 'job') {
    const begun = { plan: null, plan_days: [], plan_marks: [], bookings: [], opened_places: [] }
    const asked = { change_orders: [], order_answers: [] }
    return {
      ...job,
      ...begun,
      ...asked,
      ...NOTHING_CLOSED,
      id: of.id,
      job: { ...job.job, title, claim_of: null },
    }
  }
  const fresh = newJob({
    id: of.id,
    title,
    timeZone: job.job.time_zone,
    settings: of.settings,
    rates: of.rates,
  })
  const { house, sides, features, framing_pieces, people } = job
  return {
    ...fresh,
    job: {
      ...fresh.job,
      address: job.job.address,
      house_on: job.job.house_on,
      asked: claim?.words ?? '',
      claim_of: claim && { job_id: job.id, claim_id: claim.claim_id, title: named.slice(0, 200) },
    },
    house,
    sides,
    features,
    framing_pieces,
    people,
  }
}

/** The job as a role without money sees it: no rates, no typed prices, nothing that an owner was asked or has paid. */
export function withoutMoney(job: JobDocument): JobDocument {
  const asked = { change_orders: [], order_answers: [], invoices: [], payments: [] }
  return { ...job, rates: null, typed_prices: [], receipts: [], ...asked }
}

/** A piece of our work that says no more than it must: everything else follows from findings, house and catalogue. */
export function newWorkItem(of: Partial<WorkItem> & Pick<WorkItem, 'id' | 'method'>): WorkItem {
  return {
    removed: false,
    component: null,
    material: 'unknown',
    finding_ids: [],
    places: [],
    state: 'ours',
    instead_of: [],
    requires: [],
    basis: 'fixed',
    owner_says: '',
    owner_sees: '',
    name: '',
    note: '',
    who: '',
    hand_over: '',
    section: null,
    lines: [],
    cures: [],
    condition: null,
    share_peeling_percent: null,
    ...of,
  }
}
