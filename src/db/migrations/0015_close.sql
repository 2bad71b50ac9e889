-- Up Migration
-- The end of a job: why a bid was lost, what a job says to the next one, and the paper that hands the work over.

alter table app.job_standing add column why text not null default '' check (length(why) <= 200);

-- What a job took beside what had been reckoned. Reckoned from the job and thrown away without loss.
create table app.job_record (
  company_id uuid not null,
  job_id text not null,
  -- What it follows from: the same as long as none of that has changed.
  stamp text not null,
  body jsonb not null,
  primary key (company_id, job_id),
  foreign key (company_id, job_id) references app.job
);

-- What was handed over, frozen as the owner got it: of several of one bid the last counts.
create table app.handover (
  company_id uuid not null,
  id uuid not null,
  job_id text not null,
  bid_id uuid not null,
  snapshot text not null,
  snapshot_sha256 text not null check (snapshot_sha256 ~ '^[0-9a-f]{64}$'),
  pdf bytea not null,
  pdf_sha256 text not null check (pdf_sha256 ~ '^[0-9a-f]{64}$'),
  sent_at timestamptz not null default clock_timestamp(),
  sent_by uuid not null,
  primary key (company_id, id),
  foreign key (company_id, job_id) references app.job,
  foreign key (company_id, bid_id) references app.bid
);
create index handover_by_bid on app.handover (company_id, bid_id, sent_at);

do $$
declare
  name text;
begin
  foreach name in array array['job_record', 'handover'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;
-- Whoever holds a standing link of a bid reads what was handed over of it.
create policy owner_reads_handover on app.handover for select using (exists (
  select from app.owner_link l
  where l.company_id = handover.company_id and l.bid_id = handover.bid_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));

grant select, insert, update, delete on app.job_record to detrimus_app;
grant select on app.handover to detrimus_app;
-- Never changed, never taken away.
grant insert (company_id, id, job_id, bid_id, snapshot, snapshot_sha256, pdf, pdf_sha256, sent_by) on app.handover to detrimus_app;

-- Down Migration
drop table app.handover, app.job_record;
alter table app.job_standing drop column why;
