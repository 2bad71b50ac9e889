/**
 * What the server answers, said once: the server prints these shapes and the browser takes nothing else for an answer. A page of a
 * hotel's network with status 200, a cut answer or another program's JSON is no answer of ours.
 */
import * as z from 'zod'
import { ENTITY_KINDS, ENTITY_KIND_NAMES, Fact, readJob, Rates, Settings, type JobDocument } from '../job'
import { JobRecord } from '../close/jobRecord'
import { FirmFace } from './requests'
import { ACTIONS, ROLES, type Action } from '../firm'

const Count = z.int().min(0)
const Moment = z.iso.datetime()

/** Whoever is signed in, as the browser may know him. */
export const MemberFace = z.object({
  id: z.string().min(1),
  name: z.string(),
  company_id: z.string().min(1),
  role: z.enum(ROLES),
  may: z.array(z.enum(ACTIONS as [Action, ...Action[]])),
  seesMoney: z.boolean(),
})
export type MemberFace = z.infer<typeof MemberFace>

/** The member, and the key that seals his copies on this device: the same at every sign-in, nobody else's ever. */
export const MeAnswer = z.object({ member: MemberFace, seal_key: z.string().regex(/^[0-9a-f]{64}$/) })
export type MeAnswer = z.infer<typeof MeAnswer>

/** A whole job; of another version it is raised, as a file is. */
const AnyJob = z.unknown().transform((value, context): JobDocument => {
  const job = readJob(value)
  if (job.ok) return job.value
  context.addIssue({ code: 'custom', message: `no job: ${job.error.kind}` })
  return z.NEVER
})

/** Id of the last change a job knows of, so that a server set back to an older state is noticed. Null: never changed. */
const Head = z.string().nullable()

export const JobSnapshotAnswer = z.object({
  job: AnyJob,
  sequence: Count,
  head: Head,
  revisions: z.record(z.string(), Count),
  member: MemberFace,
})
export type JobSnapshotAnswer = z.infer<typeof JobSnapshotAnswer>

const EntityAnswer = z
  .object({ kind: z.enum(ENTITY_KIND_NAMES), id: z.string(), revision: Count, body: z.unknown() })
  .refine(({ kind, body }) => ENTITY_KINDS[kind].schema.safeParse(body).success, 'a body of another shape')

/** What the sender of edits did not know yet. `set_back`: the server knows less than the sender was told before. */
export const ChangesAnswer = z.object({
  sequence: Count,
  head: Head,
  applied: z.array(
    z.object({ id: z.string(), sequence: Count, overruled: z.record(z.string(), z.unknown()) }),
  ),
  entities: z.array(EntityAnswer),
  facts: z.array(Fact),
})
export type ChangesAnswer = z.infer<typeof ChangesAnswer>

export const CreatedAnswer = z.object({ id: z.string() })

export const TemplateAnswer = z.object({
  settings: Settings,
  rates: Rates.nullable(),
  member: MemberFace,
})
export type TemplateAnswer = z.infer<typeof TemplateAnswer>

export const UploadAnswer = z.object({ have: Count, done: z.boolean() })
export type UploadAnswer = z.infer<typeof UploadAnswer>

/** One row of the list of jobs. */
export const JobRowAnswer = z.object({
  id: z.string(),
  title: z.string(),
  address: z.string(),
  findings: Count,
  touched_at: Moment,
  sent: Count,
  accepted: z.boolean(),
  photo: z.string().nullable(),
  /** Who says yes to it, as he is called. */
  owner: z.string().nullable(),
  archived: z.boolean(),
  /** Of the last bid sent, else of the job as it was last reckoned; null: nobody knows yet. Absent for whoever sees no money. */
  total_cents: z.int().nullable().optional(),
  /** The figures kept are of the job as it is now. */
  is_reckoned: z.boolean(),
  chosen: Count,
  reckoned: z.object({ open: Count, lacks: Count, keepOff: z.boolean() }).nullable(),
  bid: z.object({ sent_at: Moment, seen_at: Moment.nullable(), until: z.string().nullable() }).nullable(),
  accepted_at: Moment.nullable(),
  /** Accepted, and not as it was sent. */
  in_part: z.boolean(),
  /** When an owner asked what nobody has answered yet. */
  asked_at: Moment.nullable(),
  /** What was promised to be looked at again after the work, the first that is due. */
  look: z.object({ what: z.string(), due: z.string() }).nullable().default(null),
  /** The invoice that is not paid in full and falls due first; null for whoever sees no money. */
  unpaid: z.object({ number: z.int(), due: z.string() }).nullable().default(null),
  standing: z.object({ state: z.enum(['scheduled', 'closed', 'declined']), on: z.string() }).nullable(),
})
export type JobRowAnswer = z.infer<typeof JobRowAnswer>

/** A page of the list; `next` asks for the one after, null when there is none. */
export const JobsAnswer = z.object({ jobs: z.array(JobRowAnswer), next: z.string().nullable() })
export type JobsAnswer = z.infer<typeof JobsAnswer>

/** The firm’s rates of today, for a job that may take them. */
export const FirmRatesAnswer = z.object({ edition: Count, rates: Rates })
export type FirmRatesAnswer = z.infer<typeof FirmRatesAnswer>

/** What some jobs would come to at the firm’s rates of today. */
export const JobRatesAnswer = z.object({
  jobs: z.array(
    z.object({
      id: z.string(),
      /** Edition the job is reckoned with now. */
      edition: Count,
      /** Null: it cannot be priced at one of them. */
      now_cents: z.int().nullable(),
      then_cents: z.int().nullable(),
      typed: Count,
    }),
  ),
})
export type JobRatesAnswer = z.infer<typeof JobRatesAnswer>

/** What some jobs came to, reckoned anew. */
export const JobSumsAnswer = z.object({
  sums: z.array(
    z.object({
      id: z.string(),
      total_cents: z.int().nullable().optional(),
      open: Count,
      lacks: Count,
      keepOff: z.boolean(),
    }),
  ),
})
export type JobSumsAnswer = z.infer<typeof JobSumsAnswer>

export const SentBidAnswer = z.object({
  id: z.string(),
  number: Count,
  total_cents: z.int(),
  sent_at: Moment,
  superseded_at: Moment.nullable(),
  replaces_number: Count.nullable(),
  accepted_by: z.string().nullable(),
  accepted_at: Moment.nullable(),
  replaced_at: Moment.nullable(),
  link_id: z.string().nullable(),
  expires_at: Moment.nullable(),
  revoked_at: Moment.nullable(),
  /** Whether what is kept still is what was sent. */
  sealed: z.boolean(),
  /** Of the acceptance: what it comes to; null: not accepted, or before parts could be. */
  accepted_cents: z.int().nullable(),
  /** Accepted with something left out or taken besides. */
  in_part: z.boolean(),
  /** When its owner first opened it, and how often. */
  seen_at: Moment.nullable(),
  seen_times: Count.nullable(),
})
export type SentBidAnswer = z.infer<typeof SentBidAnswer>
export const SentBidsAnswer = z.array(SentBidAnswer)

/** A bid sent; the link is told once, to whoever sent it. */
export const SendAnswer = z.object({ bid_id: z.string(), url: z.string().nullable() })
export type SendAnswer = z.infer<typeof SendAnswer>

/** How far the sending of a bid is. */
export const SendProgress = z.discriminatedUnion('step', [
  z.object({ step: z.literal('reckoning') }),
  z.object({ step: z.literal('pictures'), done: Count, of: Count }),
  z.object({ step: z.literal('pages') }),
  z.object({ step: z.literal('sealing') }),
])
export type SendProgress = z.infer<typeof SendProgress>

export const HistoryAnswer = z.array(
  z.object({
    sequence: Count,
    by: z.string(),
    at: Moment,
    change: z.unknown(),
    before: z.record(z.string(), z.unknown()),
    overruled: z.record(z.string(), z.object({ value: z.unknown(), sequence: z.number() })),
  }),
)

export const SessionsAnswer = z.array(
  z.object({
    id: z.string(),
    here: z.boolean(),
    began_at: Moment,
    ends_at: Moment,
    address: z.string(),
    browser: z.string(),
  }),
)
export type SessionsAnswer = z.infer<typeof SessionsAnswer>

export const Done = z.object({ done: z.literal(true) })

const FirmValueOf = z.union([z.number(), z.string()])

/** What a firm reckons with, shipped beside its own, and its clauses. */
export const FirmValuesAnswer = z.object({
  edition: Count,
  values: z.array(
    z.object({
      key: z.string(),
      group: z.string(),
      name: z.string(),
      unit: z.string(),
      source: z.enum(['published', 'common practice', 'our judgement']),
      shipped: FirmValueOf,
      takes: z.discriminatedUnion('kind', [
        z.object({ kind: z.literal('number'), least: z.number(), most: z.number() }),
        z.object({ kind: z.literal('words'), longest: z.number() }),
        z.object({
          kind: z.literal('choice'),
          of: z.array(z.object({ id: z.string(), name: z.string() })).readonly(),
        }),
        z.object({ kind: z.literal('lengths') }),
      ]),
      own: FirmValueOf.nullable(),
      reason: z.string(),
    }),
  ),
  clauses: Settings.shape.clauses,
  firm: FirmFace,
})
export type FirmValuesAnswer = z.infer<typeof FirmValuesAnswer>

/** The people of a firm, and the invitations that still open. */
export const PeopleAnswer = z.object({
  members: z.array(z.object({ id: z.string(), name: z.string(), role: z.enum(ROLES), you: z.boolean() })),
  invitations: z.array(
    z.object({ id: z.string(), name: z.string(), role: z.enum(ROLES), expires_at: Moment }),
  ),
})
export type PeopleAnswer = z.infer<typeof PeopleAnswer>

/** An invitation made; the link is told once. */
export const InviteAnswer = z.object({ id: z.string(), url: z.string() })
export type InviteAnswer = z.infer<typeof InviteAnswer>

/** The hash of the picture that is the firm's mark, or null. */
export const LogoAnswer = z.object({ logo: z.string().nullable() })
export type LogoAnswer = z.infer<typeof LogoAnswer>

/** Jobs whose bid went out within the last year, for what was won and what is open by month. */
export const MonthsAnswer = z.object({
  jobs: z.array(
    z.object({
      first_sent_at: Moment,
      total_cents: z.int(),
      accepted_at: Moment.nullable(),
      until: z.string().nullable(),
      standing: z.enum(['scheduled', 'closed', 'declined']).nullable(),
    }),
  ),
})
export type MonthsAnswer = z.infer<typeof MonthsAnswer>

/** What the firm’s closed jobs say, and which bids were lost. There is money in it. */
export const LookBackAnswer = z.object({
  records: z.array(JobRecord),
  /** Closed jobs that are not reckoned yet: asked again, the next come. */
  left: Count,
  lost: z.array(
    z.object({
      id: z.string(),
      title: z.string(),
      cents: z.int().nullable(),
      on: z.string(),
      why: z.string(),
    }),
  ),
  /** The firm’s values of today, beside which the records are read. */
  edition: Count,
  values: Settings.shape.values,
  likelihood_overrides: Settings.shape.likelihood_overrides,
})
export type LookBackAnswer = z.infer<typeof LookBackAnswer>

export const HandedOverAnswer = z.object({ sent_at: Moment })
