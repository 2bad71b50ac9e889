-- Up Migration
-- Owners are reminded of bids they have not answered. The queue that asks for it every morning is a library's, with a role and a schema
-- of its own; it sees nothing of the firms.
do $$
begin
  if not exists (select from pg_roles where rolname = 'detrimus_queue') then
    create role detrimus_queue login nosuperuser nobypassrls nocreatedb nocreaterole;
  end if;
end
$$;
create schema queue;
grant usage, create on schema queue to detrimus_queue;
alter role detrimus_queue set search_path = queue;
-- The library makes sure of its schema at every start, and may not ask that without this.
do $$ begin execute format('grant create on database %I to detrimus_queue', current_database()); end $$;

-- Of which bid an owner was reminded, and of what: once each.
create table app.reminder (
  company_id uuid not null,
  bid_id uuid not null,
  kind text not null check (kind in ('unseen', 'unanswered', 'runs-out')),
  made_at timestamptz not null default now(),
  primary key (company_id, bid_id, kind),
  foreign key (company_id, bid_id) references app.bid
);
alter table app.reminder enable row level security;
alter table app.reminder force row level security;
create policy company on app.reminder
  using (company_id = nullif(current_setting('app.company_id', true), '')::uuid)
  with check (company_id = nullif(current_setting('app.company_id', true), '')::uuid);
grant select, insert on app.reminder to detrimus_app;

grant create on schema app to detrimus_keeper;
grant select, insert on app.reminder to detrimus_keeper;
create policy keeper on app.reminder to detrimus_keeper using (true) with check (true);

-- Firms with a bid that is out: their names in numbers and nothing else, so that each is then looked at as itself.
create function app.firms_with_bids_out() returns setof uuid
language sql stable security definer set search_path = pg_catalog, app as $$
  select distinct l.company_id from app.owner_link l
  where l.revoked_at is null and l.expires_at > now()
$$;
alter function app.firms_with_bids_out() owner to detrimus_keeper;
revoke all on function app.firms_with_bids_out() from public;
grant execute on function app.firms_with_bids_out() to detrimus_app;
revoke create on schema app from detrimus_keeper;

-- Down Migration
drop function app.firms_with_bids_out();
drop table app.reminder;
drop schema queue cascade;
