import * as z from 'zod'
import { Id, type EntityStamp } from '../../core/job'
import { Invoice, Payment } from '../../core/job/closed'
import { many, maybeOne, run, type Tx } from '../tx'

/** `bigint` comes as text; sequences of a job stay far below 2^53. */
const Counter = z.union([z.string(), z.number()]).transform(Number)

const JobRow = z.object({ id: z.string(), sequence: Counter, next_finding_number: z.number() })
export type JobRow = z.infer<typeof JobRow>

/** The job's counters; `lock` holds the row until the transaction ends, so that sequences never fork. */
export async function findJob(tx: Tx, id: string, options: { lock: boolean }): Promise<JobRow | null> {
  // An address can hold anything; what is no id is nobody's, and is not asked for.
  if (!Id.safeParse(id).success) return null
  return maybeOne(
    tx,
    JobRow,
    options.lock
      ? 'select id, sequence, next_finding_number from app.job where company_id = $1 and id = $2 for update'
      : 'select id, sequence, next_finding_number from app.job where company_id = $1 and id = $2',
    [tx.companyId, id],
  )
}

export async function insertJob(
  tx: Tx,
  of: { id: string; createdBy: string; nextFindingNumber: number },
): Promise<boolean> {
  const inserted = await run(
    tx,
    `insert into app.job (company_id, id, created_by, next_finding_number) values ($1, $2, $3, $4)
     on conflict do nothing`,
    [tx.companyId, of.id, of.createdBy, of.nextFindingNumber],
  )
  return inserted === 1
}

export async function saveCounters(tx: Tx, of: JobRow): Promise<void> {
  await run(
    tx,
    'update app.job set sequence = $3, next_finding_number = $4 where company_id = $1 and id = $2',
    [tx.companyId, of.id, of.sequence, of.next_finding_number],
  )
}

const EntityRow = z.object({
  kind: z.string(),
  id: z.string(),
  revision: Counter,
  stamps: z.record(z.string(), z.object({ sequence: z.number(), device: z.string() })),
  /** Shape the body was written in. */
  schema: z.number(),
  body: z.unknown(),
})
export type EntityRow = z.infer<typeof EntityRow>

/** The time zone of a job, in which its days are days. */
export async function findTimeZone(tx: Tx, jobId: string): Promise<string> {
  const row = await maybeOne(
    tx,
    z.object({ time_zone: z.string() }),
    `select coalesce(body ->> 'time_zone', 'UTC') as time_zone from app.job_entity
     where company_id = $1 and job_id = $2 and kind = 'job'`,
    [tx.companyId, jobId],
  )
  return row?.time_zone ?? 'UTC'
}

/** Entities of a job in the order of their creation; kinds named in `without` stay out. */
export function listEntities(
  tx: Tx,
  jobId: string,
  of: { since: number; without: readonly string[] },
): Promise<EntityRow[]> {
  return many(
    tx,
    EntityRow,
    `select kind, id, revision, stamps, schema, body from app.job_entity
     where company_id = $1 and job_id = $2 and revision >= $3 and not (kind = any ($4))
     order by position`,
    [tx.companyId, jobId, of.since, of.without],
  )
}

export async function saveEntity(
  tx: Tx,
  jobId: string,
  of: { kind: string; id: string; stamp: EntityStamp; schema: number; body: unknown },
): Promise<void> {
  await run(
    tx,
    `insert into app.job_entity (company_id, job_id, kind, id, revision, stamps, schema, body)
     values ($1, $2, $3, $4, $5, $6, $7, $8)
     on conflict (company_id, job_id, kind, id)
     do update set revision = excluded.revision, stamps = excluded.stamps, schema = excluded.schema, body = excluded.body`,
    [
      tx.companyId,
      jobId,
      of.kind,
      of.id,
      of.stamp.revision,
      JSON.stringify(of.stamp.fields),
      of.schema,
      JSON.stringify(of.body),
    ],
  )
}

const FactRow = z.object({ body: z.unknown(), schema: z.number(), sequence: Counter })

/** Those of the named facts that are there: a change needs no others, however many a job has. */
export function findFacts(tx: Tx, jobId: string, ids: readonly string[]): Promise<z.infer<typeof FactRow>[]> {
  return many(
    tx,
    FactRow,
    `select body, schema, sequence from app.job_fact
     where company_id = $1 and job_id = $2 and id = any ($3) order by position`,
    [tx.companyId, jobId, ids],
  )
}

export function listFacts(tx: Tx, jobId: string, since: number): Promise<z.infer<typeof FactRow>[]> {
  return many(
    tx,
    FactRow,
    `select body, schema, sequence from app.job_fact
     where company_id = $1 and job_id = $2 and sequence >= $3 order by position`,
    [tx.companyId, jobId, since],
  )
}

export async function insertFact(
  tx: Tx,
  jobId: string,
  of: { id: string; sequence: number; schema: number; body: unknown },
): Promise<void> {
  await run(
    tx,
    'insert into app.job_fact (company_id, job_id, id, sequence, schema, body) values ($1, $2, $3, $4, $5, $6)',
    [tx.companyId, jobId, of.id, of.sequence, of.schema, JSON.stringify(of.body)],
  )
}

const ChangeRow = z.object({
  sequence: Counter,
  id: z.string(),
  author_name: z.string(),
  received_at: z.date(),
  body: z.unknown(),
  before: z.record(z.string(), z.unknown()),
  overruled: z.record(z.string(), z.object({ value: z.unknown(), sequence: z.number() })),
})
export type ChangeRow = z.infer<typeof ChangeRow>

/** Those of the changes that are already in: a queue sent twice counts once. */
export function findChanges(tx: Tx, jobId: string, ids: readonly string[]): Promise<ChangeRow[]> {
  return many(
    tx,
    ChangeRow,
    `select sequence, id, author_name, received_at, body, before, overruled from app.job_change
     where company_id = $1 and job_id = $2 and id = any ($3)`,
    [tx.companyId, jobId, ids],
  )
}

/** The latest changes, newest first. */
export function listChanges(tx: Tx, jobId: string, limit: number): Promise<ChangeRow[]> {
  return many(
    tx,
    ChangeRow,
    `select sequence, id, author_name, received_at, body, before, overruled from app.job_change
     where company_id = $1 and job_id = $2 order by sequence desc limit $3`,
    [tx.companyId, jobId, limit],
  )
}

export async function insertChange(
  tx: Tx,
  jobId: string,
  of: {
    sequence: number
    id: string
    author: string
    authorName: string
    body: unknown
    before: unknown
    overruled: unknown
  },
): Promise<void> {
  await run(
    tx,
    `insert into app.job_change (company_id, job_id, sequence, id, author, author_name, body, before, overruled)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      tx.companyId,
      jobId,
      of.sequence,
      of.id,
      of.author,
      of.authorName,
      JSON.stringify(of.body),
      JSON.stringify(of.before),
      JSON.stringify(of.overruled),
    ],
  )
}

/** Id of the change at a sequence; null when the job has none there. */
export async function findChangeAt(tx: Tx, jobId: string, sequence: number): Promise<string | null> {
  const row = await maybeOne(
    tx,
    z.object({ id: z.string() }),
    'select id from app.job_change where company_id = $1 and job_id = $2 and sequence = $3',
    [tx.companyId, jobId, sequence],
  )
  return row?.id ?? null
}

const JobSummary = z.object({
  id: z.string(),
  title: z.string(),
  address: z.string(),
  findings: Counter,
  touched_at: z.date(),
  /** The same moment to the microsecond, for the next page to begin after. */
  touched: z.string(),
  sent: Counter,
  accepted: z.boolean(),
  photo: z.string().nullable(),
  owner: z.string().nullable(),
  chosen: Counter,
  bid_cents: Counter.nullable(),
  sent_at: z.date().nullable(),
  seen_at: z.date().nullable(),
  until: z.string().nullable(),
  accepted_at: z.date().nullable(),
  in_part: z.boolean(),
  asked_at: z.date().nullable(),
  standing: z.enum(['scheduled', 'closed', 'declined']).nullable(),
  standing_on: z.string().nullable(),
  look: z.object({ what: z.string(), due: z.string() }).nullable(),
  /** Invoices that stand and what came in, as far as it takes to tell what is owed; null: none. */
  invoices: z
    .array(Invoice.pick({ id: true, number: true, due_on: true, total_cents: true }).strip())
    .nullable(),
  payments: z.array(Payment.pick({ invoice_id: true, cents: true, on: true }).strip()).nullable(),
  archived: z.boolean(),
  /** The figures kept of it are of the job as it is now. */
  is_reckoned: z.boolean(),
  total_cents: Counter.nullable(),
  open: z.number().nullable(),
  lacks: z.number().nullable(),
  keep_off: z.boolean().nullable(),
})
export type JobSummary = z.infer<typeof JobSummary>

/**
 * A page of the firm's jobs, the one last touched first; `words` finds them in title, address, id and the people's names. `edition` is
 * that of the catalogue: figures reckoned with another are out of date.
 */
export function listJobs(
  tx: Tx,
  of: {
    words: string
    after: { touched: string; id: string } | null
    limit: number
    archived: boolean
    edition: string
  },
): Promise<JobSummary[]> {
  // What a person types is no pattern.
  const pattern = of.words === '' ? null : `%${of.words.replaceAll(/[\\%_]/g, '\\$&')}%`
  return many(
    tx,
    JobSummary,
    `select j.id, e.body ->> 'title' as title, e.body ->> 'address' as address, j.touched_at, j.touched_at::text as touched,
       (select count(*) from app.job_entity f where f.company_id = j.company_id and f.job_id = j.id and f.kind = 'finding' and not f.removed) as findings,
       (select count(*) from app.bid b where b.company_id = j.company_id and b.job_id = j.id) as sent,
       a.accepted_at is not null as accepted, a.accepted_at,
       coalesce(jsonb_array_length(a.choice -> 'left') + jsonb_array_length(a.choice -> 'taken') + jsonb_array_length(a.choice -> 'looks') > 0, false) as in_part,
       (select max(m.written_at) filter (where m.from_owner) from app.owner_message m where m.company_id = j.company_id and m.job_id = j.id
        having max(m.written_at) filter (where m.from_owner) > coalesce(max(m.written_at) filter (where not m.from_owner), '-infinity')) as asked_at,
       (select count(*) from app.job_entity w where w.company_id = j.company_id and w.job_id = j.id and w.kind = 'work_item' and not w.removed) as chosen,
       (select o.body ->> 'name' from app.job_entity o where o.company_id = j.company_id and o.job_id = j.id and o.kind = 'person' and not o.removed
        order by (o.body -> 'roles') ? 'may-approve' desc, o.position limit 1) as owner,
       coalesce(a.total_cents, b.total_cents) as bid_cents, b.sent_at, b.until, b.seen_at, s.state as standing, s.on_day::text as standing_on,
       (select jsonb_build_object('what', l.body -> 'what', 'due', l.body -> 'due') from app.job_entity l
        where l.company_id = j.company_id and l.job_id = j.id and l.kind = 'follow_up' and not l.removed and l.body ->> 'done_on' is null
        order by l.body ->> 'due' limit 1) as look,
       (select jsonb_agg(i.body) from app.job_entity i
        where i.company_id = j.company_id and i.job_id = j.id and i.kind = 'invoice' and not i.removed) as invoices,
       (select jsonb_agg(p.body) from app.job_entity p
        where p.company_id = j.company_id and p.job_id = j.id and p.kind = 'payment' and not p.removed) as payments,
       j.archived_at is not null as archived,
       coalesce(r.sequence = j.sequence and r.edition = $7, false) as is_reckoned, r.total_cents, r.open, r.lacks, r.keep_off,
       (select p.body ->> 'sha256' from app.job_entity p where p.company_id = j.company_id and p.job_id = j.id and p.kind = 'photo' and not p.removed order by p.position limit 1) as photo
     from app.job j
     join app.job_entity e on e.company_id = j.company_id and e.job_id = j.id and e.kind = 'job'
     left join app.acceptance a on a.company_id = j.company_id and a.job_id = j.id and a.replaced_at is null
     left join app.job_standing s on s.company_id = j.company_id and s.job_id = j.id
     left join app.job_reckoned r on r.company_id = j.company_id and r.job_id = j.id
     left join lateral (
       select b.total_cents, b.sent_at, b.snapshot::jsonb ->> 'valid_until' as until,
         (select min(v.first_at) from app.owner_view v join app.owner_link l on l.company_id = v.company_id and l.id = v.link_id
          where l.company_id = b.company_id and l.bid_id = b.id) as seen_at
       from app.bid b where b.company_id = j.company_id and b.job_id = j.id order by b.number desc limit 1) b on true
     where j.company_id = $1 and (j.archived_at is not null) = $6
       and ($2::timestamptz is null or j.touched_at < $2::timestamptz or (j.touched_at = $2::timestamptz and j.id > $3::text))
       and ($4::text is null or e.body ->> 'title' ilike $4 or e.body ->> 'address' ilike $4 or j.id ilike $4
         or exists (select from app.job_entity o where o.company_id = j.company_id and o.job_id = j.id and o.kind = 'person' and not o.removed and o.body ->> 'name' ilike $4))
     order by j.touched_at desc, j.id limit $5`,
    [
      tx.companyId,
      of.after?.touched ?? null,
      of.after?.id ?? null,
      pattern,
      of.limit,
      of.archived,
      of.edition,
    ],
  )
}

const SentJobRow = z.object({
  first_sent_at: z.date(),
  total_cents: Counter,
  accepted_at: z.date().nullable(),
  until: z.string().nullable(),
  standing: z.enum(['scheduled', 'closed', 'declined']).nullable(),
})

/** The firm's jobs whose first bid went out since a day, put away or not, with how each stands. */
export function listSentJobs(tx: Tx, since: string): Promise<z.infer<typeof SentJobRow>[]> {
  return many(
    tx,
    SentJobRow,
    `select f.sent_at as first_sent_at, coalesce(a.total_cents, ab.total_cents, b.total_cents) as total_cents, a.accepted_at,
       b.snapshot::jsonb ->> 'valid_until' as until, s.state as standing
     from (select job_id, min(sent_at) as sent_at, max(number) as number from app.bid where company_id = $1 group by job_id) f
     join app.bid b on b.company_id = $1 and b.job_id = f.job_id and b.number = f.number
     left join app.acceptance a on a.company_id = $1 and a.job_id = f.job_id and a.replaced_at is null
     left join app.bid ab on ab.company_id = $1 and ab.id = a.bid_id
     left join app.job_standing s on s.company_id = $1 and s.job_id = f.job_id
     where f.sent_at >= $2::date order by f.sent_at`,
    [tx.companyId, since],
  )
}

/** Puts a job away, or back into the list. @returns whether there is such a job. */
export async function archiveJob(tx: Tx, jobId: string, away: boolean): Promise<boolean> {
  const changed = await run(
    tx,
    'update app.job set archived_at = case when $3 then coalesce(archived_at, now()) end where company_id = $1 and id = $2',
    [tx.companyId, jobId, away],
  )
  return changed > 0
}

/** What the office says of a job; null takes it back. */
export async function saveStanding(
  tx: Tx,
  jobId: string,
  of: { state: string; on: string; by: string; why: string } | null,
): Promise<void> {
  if (of === null) {
    await run(tx, 'delete from app.job_standing where company_id = $1 and job_id = $2', [tx.companyId, jobId])
    return
  }
  await run(
    tx,
    `insert into app.job_standing (company_id, job_id, state, on_day, said_by, why) values ($1, $2, $3, $4, $5, $6)
     on conflict (company_id, job_id)
     do update set state = excluded.state, on_day = excluded.on_day, said_by = excluded.said_by, why = excluded.why, said_at = now()`,
    [tx.companyId, jobId, of.state, of.on, of.by, of.why],
  )
}

/** Keeps what a job came to at one of its changes. */
export async function saveReckoned(
  tx: Tx,
  of: {
    jobId: string
    sequence: number
    edition: string
    total_cents: number | null
    open: number
    lacks: number
    keep_off: boolean
  },
): Promise<void> {
  await run(
    tx,
    `insert into app.job_reckoned (company_id, job_id, sequence, edition, total_cents, open, lacks, keep_off)
     values ($1, $2, $3, $4, $5, $6, $7, $8)
     on conflict (company_id, job_id) do update set sequence = excluded.sequence, edition = excluded.edition,
       total_cents = excluded.total_cents, open = excluded.open, lacks = excluded.lacks, keep_off = excluded.keep_off`,
    [tx.companyId, of.jobId, of.sequence, of.edition, of.total_cents, of.open, of.lacks, of.keep_off],
  )
}
