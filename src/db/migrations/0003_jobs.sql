-- Up Migration
-- Every table is keyed by company first; a policy lets a transaction see one company, set by `app.company_id`.
-- After a transaction the setting reads '' and a bare cast would raise: hence nullif.

create table app.company (
  id uuid primary key,
  name text not null check (name <> ''),
  created_at timestamptz not null default now()
);

create table app.settings_edition (
  company_id uuid not null references app.company,
  edition integer not null check (edition > 0),
  settings jsonb not null,
  rates jsonb not null,
  created_at timestamptz not null default now(),
  primary key (company_id, edition)
);

create table app.job (
  company_id uuid not null references app.company,
  id text not null check (id ~ '^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$'),
  sequence bigint not null default 0 check (sequence >= 0),
  next_finding_number integer not null default 1 check (next_finding_number > 0),
  created_at timestamptz not null default now(),
  created_by uuid not null,
  primary key (company_id, id)
);

create table app.job_entity (
  company_id uuid not null,
  job_id text not null,
  kind text not null,
  id text not null,
  revision bigint not null check (revision >= 0),
  -- Who last wrote each field: {"field": {"sequence": 12, "device": "…"}}.
  stamps jsonb not null,
  body jsonb not null,
  removed boolean not null generated always as ((body ->> 'removed')::boolean) stored,
  -- Order of creation, so that a file comes out as it went in.
  position bigint not null generated always as identity,
  primary key (company_id, job_id, kind, id),
  foreign key (company_id, job_id) references app.job
);

-- Insert-only: facts are never changed, a retraction is a fact too.
create table app.job_fact (
  company_id uuid not null,
  job_id text not null,
  id text not null,
  kind text not null generated always as (body ->> 'kind') stored,
  sequence bigint not null check (sequence >= 0),
  body jsonb not null,
  position bigint not null generated always as identity,
  primary key (company_id, job_id, id),
  foreign key (company_id, job_id) references app.job
);

-- Insert-only: every change with who and when, what it replaced, and what it overruled unseen.
create table app.job_change (
  company_id uuid not null,
  job_id text not null,
  sequence bigint not null check (sequence > 0),
  id text not null,
  author uuid not null,
  author_name text not null,
  received_at timestamptz not null default now(),
  body jsonb not null,
  before jsonb not null,
  overruled jsonb not null,
  primary key (company_id, job_id, sequence),
  unique (company_id, job_id, id),
  foreign key (company_id, job_id) references app.job
);

-- Pictures: the original as it came, and renditions without a place in them.
create table app.blob (
  company_id uuid not null references app.company,
  sha256 text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  rendition text not null check (rendition in ('original', 'screen', 'thumbnail')),
  media_type text not null,
  bytes bytea not null,
  created_at timestamptz not null default now(),
  primary key (company_id, sha256, rendition)
);

alter table app.company enable row level security;
alter table app.company force row level security;
create policy company on app.company
  using (id = nullif(current_setting('app.company_id', true), '')::uuid);

do $$
declare
  name text;
begin
  foreach name in array array['settings_edition', 'job', 'job_entity', 'job_fact', 'job_change', 'blob'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;

grant select, insert on app.company, app.settings_edition, app.job_fact, app.job_change, app.blob to detrimus_app;
grant select, insert, update on app.job, app.job_entity to detrimus_app;

-- Membership lives with the sign-in library; the app reads it through this view and nothing else of it.
create view app.membership as
select m.organization_id as company_id, m.user_id, m.role, u.name as user_name
from auth.member m join auth."user" u on u.id = m.user_id;
grant select on app.membership to detrimus_app;

-- Down Migration
drop view app.membership;
drop table app.blob, app.job_change, app.job_fact, app.job_entity, app.job, app.settings_edition, app.company;
