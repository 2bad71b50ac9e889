-- Up Migration
-- The firm's own calendar: its crews, and the days on which nobody works.
create table app.firm_calendar (
  company_id uuid not null references app.company,
  body jsonb not null,
  said_by text not null,
  said_at timestamptz not null default now(),
  primary key (company_id)
);

-- The days of a planned job, reckoned from it and from the jobs before it, and thrown away without loss: `stamp` says from which.
create table app.job_planned (
  company_id uuid not null,
  job_id text not null,
  stamp text not null,
  body jsonb not null,
  primary key (company_id, job_id),
  foreign key (company_id, job_id) references app.job
);

do $$
declare
  name text;
begin
  foreach name in array array['firm_calendar', 'job_planned'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;
grant select, insert, update, delete on app.firm_calendar, app.job_planned to detrimus_app;

-- Down Migration
drop table app.job_planned, app.firm_calendar;
