-- Up Migration
-- What has left the building cannot be made up afterwards, not even by the app's own role: acceptances are written by a function of
-- another role, times come from the database, and triggers hold what only goes one way.
do $$
begin
  if not exists (select from pg_roles where rolname = 'detrimus_keeper') then
    create role detrimus_keeper nologin nosuperuser nobypassrls nocreatedb nocreaterole;
  end if;
end
$$;
grant detrimus_keeper to current_user;
grant usage, create on schema app to detrimus_keeper;

-- A further bid over an accepted one says which it replaces; it counts once its owner accepts it.
alter table app.bid add column replaces_bid_id uuid;
alter table app.bid add foreign key (company_id, replaces_bid_id) references app.bid;

-- One acceptance of a job counts; an earlier one stays on record with the day it was replaced.
alter table app.acceptance add column job_id text;
alter table app.acceptance add column replaced_at timestamptz;
alter table app.acceptance no force row level security;
alter table app.bid no force row level security;
update app.acceptance a set job_id = b.job_id from app.bid b where b.company_id = a.company_id and b.id = a.bid_id;
update app.acceptance a set replaced_at = now() where exists (
  select from app.acceptance o
  where o.company_id = a.company_id and o.job_id = a.job_id and o.accepted_at > a.accepted_at);
alter table app.bid force row level security;
alter table app.acceptance force row level security;
alter table app.acceptance alter column job_id set not null;
create unique index acceptance_counts on app.acceptance (company_id, job_id) where replaced_at is null;

-- The bytes of a frozen picture have a seal of their own; the old key names the original it was made from.
alter table app.bid_picture add column bytes_sha256 text;
alter table app.bid_picture no force row level security;
update app.bid_picture set bytes_sha256 = encode(sha256(bytes), 'hex');
alter table app.bid_picture force row level security;
alter table app.bid_picture alter column bytes_sha256 set not null;

-- Messages to the firm itself, and notices to an account, belong to no bid.
alter table app.mail alter column job_id drop not null;

-- Times are the database's: the app's role may write every column but these.
do $$
declare
  name text;
  columns text;
begin
  foreach name in array array['company', 'settings_edition', 'job', 'job_entity', 'job_fact', 'job_change', 'blob', 'bid',
    'bid_picture', 'owner_link', 'acceptance', 'mail', 'upload_part', 'company_word'] loop
    execute format('revoke insert on app.%I from detrimus_app', name);
    select string_agg(quote_ident(a.attname), ', ' order by a.attnum) into columns
    from pg_attribute a
    where a.attrelid = format('app.%I', name)::regclass and a.attnum > 0 and not a.attisdropped
      and a.attgenerated = '' and a.attidentity = ''
      and a.attname not in ('created_at', 'received_at', 'sent_at', 'superseded_at', 'accepted_at', 'replaced_at',
        'revoked_at', 'taught_at');
    if name <> 'acceptance' then
      execute format('grant insert (%s) on app.%I to detrimus_app', columns, name);
    end if;
  end loop;
end
$$;
revoke update on app.job from detrimus_app;
grant update (sequence, next_finding_number) on app.job to detrimus_app;
revoke update on app.job_entity from detrimus_app;
grant update (revision, stamps, schema, body) on app.job_entity to detrimus_app;
revoke update on app.company_word from detrimus_app;
grant update (means, taught_by, taught_at) on app.company_word to detrimus_app;

-- A job's counters only rise, and it says when it was last touched.
alter table app.job add column touched_at timestamptz not null default now();
alter table app.job no force row level security;
alter table app.job_change no force row level security;
update app.job j set touched_at = coalesce(
  (select max(c.received_at) from app.job_change c where c.company_id = j.company_id and c.job_id = j.id), j.created_at);
alter table app.job_change force row level security;
alter table app.job force row level security;
create index job_by_touch on app.job (company_id, touched_at desc, id);
create index job_entity_by_revision on app.job_entity (company_id, job_id, revision);
create index job_fact_by_sequence on app.job_fact (company_id, job_id, sequence);
create index bid_by_job on app.bid (company_id, job_id, number desc);
create index owner_link_by_bid on app.owner_link (company_id, bid_id);

create function app.job_only_rises() returns trigger language plpgsql as $$
begin
  if new.sequence < old.sequence or new.next_finding_number < old.next_finding_number then
    raise exception 'the counters of a job only rise' using errcode = 'DT002';
  end if;
  if new.sequence > old.sequence then
    new.touched_at := now();
  end if;
  return new;
end
$$;
create trigger only_rises before update on app.job for each row execute function app.job_only_rises();

create function app.entity_only_rises() returns trigger language plpgsql as $$
begin
  if new.revision < old.revision then
    raise exception 'the revision of an entity only rises' using errcode = 'DT002';
  end if;
  return new;
end
$$;
create trigger only_rises before update on app.job_entity for each row execute function app.entity_only_rises();

-- A link that was taken back stays so, from the moment it was.
create function app.link_stays_revoked() returns trigger language plpgsql as $$
begin
  if old.revoked_at is not null then
    raise exception 'a link taken back stays so' using errcode = 'DT002';
  end if;
  new.revoked_at := now();
  return new;
end
$$;
create trigger stays_revoked before update on app.owner_link for each row execute function app.link_stays_revoked();

-- Pictures go into a bid with the bid itself, and never later.
create function app.picture_goes_with_bid() returns trigger language plpgsql as $$
begin
  if not exists (
    select from app.bid b where b.company_id = new.company_id and b.id = new.bid_id
      and b.xmin = pg_current_xact_id()::xid) then
    raise exception 'a sent bid is frozen' using errcode = 'DT001';
  end if;
  return new;
end
$$;
create trigger goes_with_bid before insert or update on app.bid_picture
  for each row execute function app.picture_goes_with_bid();

-- What is frozen stays so; the bid that was accepted gives way only when its acceptance was replaced.
create or replace function app.bid_is_frozen() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' then
    raise exception 'a sent bid is kept' using errcode = 'DT001';
  end if;
  if (to_jsonb(new) - 'superseded_at') is distinct from (to_jsonb(old) - 'superseded_at')
    or old.superseded_at is not null then
    raise exception 'a sent bid is frozen' using errcode = 'DT001';
  end if;
  if exists (select from app.acceptance a where a.company_id = old.company_id and a.bid_id = old.id and a.replaced_at is null) then
    raise exception 'an accepted bid stays the accepted one' using errcode = 'DT001';
  end if;
  new.superseded_at := now();
  return new;
end
$$;

-- The keeper sees what a link belongs to, and nothing else is asked of it.
grant select on app.owner_link, app.bid, app.acceptance, app.job to detrimus_keeper;
grant update on app.job to detrimus_keeper;
grant update (superseded_at) on app.bid to detrimus_keeper;
grant update (replaced_at) on app.acceptance to detrimus_keeper;
grant insert on app.acceptance, app.mail to detrimus_keeper;
do $$
declare
  name text;
begin
  foreach name in array array['owner_link', 'bid', 'acceptance', 'job', 'mail'] loop
    execute format('create policy keeper on app.%I to detrimus_keeper using (true) with check (true)', name);
  end loop;
end
$$;
drop policy owner_accepts on app.acceptance;

-- Accepts the bid of a link. Only whoever has the token itself can: its hash, which the firm's rows hold, opens nothing here.
-- Accepting twice is one acceptance. Says how it ended: accepted, already, superseded, differs, no-link.
create function app.accept_bid(
  owner_token text, acceptance_id uuid, person text, person_role text, seen_sha256 text,
  message_id uuid, message_to text, message_subject text, message_body text
) returns text language plpgsql security definer set search_path = pg_catalog, app as $$
declare
  link app.owner_link;
  bid app.bid;
begin
  select * into link from app.owner_link l
  where l.token_hash = encode(sha256(convert_to(owner_token, 'UTF8')), 'hex')
    and l.revoked_at is null and l.expires_at > now();
  if not found then return 'no-link'; end if;
  -- One acceptance of a job at a time, and none while a further bid is being sent.
  perform from app.job j
  where j.company_id = link.company_id
    and j.id = (select b.job_id from app.bid b where b.company_id = link.company_id and b.id = link.bid_id)
  for update;
  select * into bid from app.bid b where b.company_id = link.company_id and b.id = link.bid_id;
  if exists (select from app.acceptance a where a.company_id = bid.company_id and a.bid_id = bid.id) then
    return 'already';
  end if;
  if bid.superseded_at is not null then return 'superseded'; end if;
  if bid.snapshot_sha256 <> seen_sha256
    or encode(sha256(convert_to(bid.snapshot, 'UTF8')), 'hex') <> bid.snapshot_sha256 then
    return 'differs';
  end if;
  if exists (
    select from app.acceptance a where a.company_id = bid.company_id and a.job_id = bid.job_id
      and a.replaced_at is null and a.bid_id is distinct from bid.replaces_bid_id) then
    return 'superseded';
  end if;
  update app.acceptance a set replaced_at = now()
  where a.company_id = bid.company_id and a.job_id = bid.job_id and a.replaced_at is null;
  update app.bid b set superseded_at = now()
  where b.company_id = bid.company_id and b.id = bid.replaces_bid_id and b.superseded_at is null;
  insert into app.acceptance (company_id, bid_id, id, name, role, item_ids, snapshot_sha256, job_id)
  values (bid.company_id, bid.id, acceptance_id, person, person_role,
    coalesce((select jsonb_agg(item -> 'id') from jsonb_array_elements(bid.snapshot::jsonb -> 'items') item), '[]'::jsonb),
    bid.snapshot_sha256, bid.job_id);
  insert into app.mail (company_id, id, job_id, bid_id, to_address, subject, body)
  values (bid.company_id, message_id, bid.job_id, bid.id, message_to, message_subject, message_body);
  return 'accepted';
end
$$;
alter function app.accept_bid owner to detrimus_keeper;
revoke all on function app.accept_bid from public;
grant execute on function app.accept_bid to detrimus_app;
revoke create on schema app from detrimus_keeper;

-- Names are those the firm keeps for its members: a profile that its user may change says nothing in a record.
alter table auth."member" add column display_name text;
update auth."member" m set display_name = u.name from auth."user" u where u.id = m.user_id;
-- A check and not "not null": the sign-in library, which never writes it, refuses to start beside a column it must write.
alter table auth."member" add constraint member_has_name check (display_name is not null);
-- What seals a member's copies on his devices: the same at every sign-in, told to himself alone.
alter table auth."member" add column seal_key text not null
  default encode(sha256(convert_to(gen_random_uuid()::text || gen_random_uuid()::text || gen_random_uuid()::text, 'UTF8')), 'hex')
  check (seal_key ~ '^[0-9a-f]{64}$');
create function auth.name_of_member() returns trigger language plpgsql as $$
begin
  new.display_name := coalesce(new.display_name, (select u.name from auth."user" u where u.id = new.user_id), 'no name kept');
  return new;
end
$$;
create trigger name_of_member before insert on auth."member" for each row execute function auth.name_of_member();
revoke update on auth."member" from detrimus_auth;
grant update (role) on auth."member" to detrimus_auth;

-- The app reads members of the firm it works for, or the memberships of the one person it is asked about.
drop view app.membership;
create view app.membership with (security_barrier) as
select m.organization_id as company_id, m.user_id, m.role, m.display_name as user_name,
  case when m.user_id = nullif(current_setting('app.user_id', true), '')::uuid then m.seal_key end as seal_key
from auth.member m
where m.organization_id = nullif(current_setting('app.company_id', true), '')::uuid
  or m.user_id = nullif(current_setting('app.user_id', true), '')::uuid;
grant select on app.membership to detrimus_app;

-- Counts of failed sign-ins, by account and by address, shared by all web processes.
create table auth.rate_limit (key varchar(255) primary key, points integer not null default 0, expire bigint);
grant select, insert, update, delete on auth.rate_limit to detrimus_auth;

-- A second factor, where the firm's server is set up with one; written by the sign-in library's own schema compiler.
alter table auth."user" add column "two_factor_enabled" boolean default false;
create table auth."two_factor" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "secret" text not null, "backup_codes" text not null, "user_id" uuid not null references auth."user" ("id") on delete cascade, "verified" boolean default true, "failed_verification_count" integer default 0, "locked_until" timestamptz);
create index "two_factor_user_id_idx" on auth."two_factor" ("user_id");
create index "two_factor_secret_idx" on auth."two_factor" ("secret");
grant select, insert, update, delete on auth."two_factor" to detrimus_auth;

-- Down Migration
drop table auth."two_factor";
alter table auth."user" drop column "two_factor_enabled";
drop table auth.rate_limit;
drop view app.membership;
drop trigger name_of_member on auth."member";
drop function auth.name_of_member();
alter table auth."member" drop column display_name, drop column seal_key;
grant update on auth."member" to detrimus_auth;
create view app.membership as
select m.organization_id as company_id, m.user_id, m.role, u.name as user_name
from auth.member m join auth."user" u on u.id = m.user_id;
grant select on app.membership to detrimus_app;
drop function app.accept_bid;
do $$
declare
  name text;
begin
  foreach name in array array['owner_link', 'bid', 'acceptance', 'job', 'mail'] loop
    execute format('drop policy keeper on app.%I', name);
  end loop;
end
$$;
drop trigger goes_with_bid on app.bid_picture;
drop trigger stays_revoked on app.owner_link;
drop trigger only_rises on app.job_entity;
drop trigger only_rises on app.job;
drop function app.picture_goes_with_bid(), app.link_stays_revoked(), app.entity_only_rises(), app.job_only_rises();
drop index app.job_by_touch, app.job_entity_by_revision, app.job_fact_by_sequence, app.bid_by_job, app.owner_link_by_bid;
alter table app.job drop column touched_at;
alter table app.bid_picture drop column bytes_sha256;
alter table app.acceptance drop column job_id, drop column replaced_at;
alter table app.bid drop column replaces_bid_id;
grant insert on app.company, app.settings_edition, app.job, app.job_entity, app.job_fact, app.job_change, app.blob, app.bid,
  app.bid_picture, app.owner_link, app.acceptance, app.mail, app.upload_part, app.company_word to detrimus_app;
grant update on app.job, app.job_entity, app.company_word to detrimus_app;
