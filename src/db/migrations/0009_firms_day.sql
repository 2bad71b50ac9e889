-- Up Migration
-- The list of jobs as the firm's day: what the office says of a job, when an owner first opened his bid, and figures kept for the list.

-- Put away: out of the list, whole as it was.
alter table app.job add column archived_at timestamptz;
grant update (archived_at) on app.job to detrimus_app;

-- What no bid says: a date set, the work done, an owner who said no. At most one of a job.
create table app.job_standing (
  company_id uuid not null,
  job_id text not null,
  state text not null check (state in ('scheduled', 'closed', 'declined')),
  on_day date not null,
  said_by text not null,
  said_at timestamptz not null default now(),
  primary key (company_id, job_id),
  foreign key (company_id, job_id) references app.job
);

-- What a job came to at one of its changes. Reckoned from the job and thrown away without loss.
create table app.job_reckoned (
  company_id uuid not null,
  job_id text not null,
  sequence bigint not null,
  edition text not null,
  total_cents bigint,
  open integer not null,
  lacks integer not null,
  keep_off boolean not null,
  primary key (company_id, job_id),
  foreign key (company_id, job_id) references app.job
);

-- Openings of an owner's link.
create table app.owner_view (
  company_id uuid not null,
  link_id uuid not null,
  first_at timestamptz not null default now(),
  last_at timestamptz not null default now(),
  times integer not null default 1,
  primary key (company_id, link_id),
  foreign key (company_id, link_id) references app.owner_link
);

do $$
declare
  name text;
begin
  foreach name in array array['job_standing', 'job_reckoned', 'owner_view'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;
grant select, insert, update, delete on app.job_standing, app.job_reckoned to detrimus_app;
grant select on app.owner_view to detrimus_app;

-- Only whoever has the token itself is an owner looking: the firm cannot say it for him.
grant create on schema app to detrimus_keeper;
grant select, insert, update on app.owner_view to detrimus_keeper;
create policy keeper on app.owner_view to detrimus_keeper using (true) with check (true);
create function app.owner_saw(owner_token text) returns void language plpgsql security definer set search_path = pg_catalog, app as $$
begin
  insert into app.owner_view (company_id, link_id)
  select l.company_id, l.id from app.owner_link l
  where l.token_hash = encode(sha256(convert_to(owner_token, 'UTF8')), 'hex')
    and l.revoked_at is null and l.expires_at > now()
  on conflict (company_id, link_id) do update set last_at = now(), times = app.owner_view.times + 1;
end
$$;
alter function app.owner_saw owner to detrimus_keeper;
revoke all on function app.owner_saw from public;
grant execute on function app.owner_saw to detrimus_app;
revoke create on schema app from detrimus_keeper;

-- Down Migration
drop function app.owner_saw;
drop table app.owner_view, app.job_reckoned, app.job_standing;
alter table app.job drop column archived_at;
