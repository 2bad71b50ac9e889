-- Up Migration
-- Work of a firm's own, kept by its name for the next job. A job that took one keeps no tie to it.
create table app.company_kit (
  company_id uuid not null references app.company,
  name text not null check (name <> '' and length(name) <= 200),
  body jsonb not null,
  kept_by text not null,
  kept_at timestamptz not null default now(),
  primary key (company_id, name)
);
alter table app.company_kit enable row level security;
alter table app.company_kit force row level security;
create policy company on app.company_kit
  using (company_id = nullif(current_setting('app.company_id', true), '')::uuid);
grant select, insert, update, delete on app.company_kit to detrimus_app;

-- Down Migration
drop table app.company_kit;
