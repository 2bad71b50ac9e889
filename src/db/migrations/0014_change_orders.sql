-- Up Migration
-- A change order is frozen like a bid: what was put to the owner, against the bid he accepted. He answers it by a link of that bid, or on
-- the phone of somebody of the firm, which is kept apart.
create table app.change_order (
  company_id uuid not null,
  -- The job's own id of it: made on a phone, often without a signal.
  id text not null check (length(id) between 1 and 64),
  job_id text not null,
  bid_id uuid not null,
  number integer not null check (number > 0),
  -- Canonical JSON (RFC 8785) of what was put to him; the hash is over these very bytes.
  snapshot text not null,
  snapshot_sha256 text not null check (snapshot_sha256 ~ '^[0-9a-f]{64}$'),
  pdf bytea not null,
  pdf_sha256 text not null check (pdf_sha256 ~ '^[0-9a-f]{64}$'),
  total_cents bigint not null,
  sent_at timestamptz not null default now(),
  sent_by uuid not null,
  withdrawn_at timestamptz,
  primary key (company_id, id),
  unique (company_id, bid_id, number),
  foreign key (company_id, job_id) references app.job,
  foreign key (company_id, bid_id) references app.bid
);
create index change_order_by_job on app.change_order (company_id, job_id, number);

create table app.order_picture (
  company_id uuid not null,
  order_id text not null,
  sha256 text not null,
  media_type text not null,
  bytes bytea not null,
  bytes_sha256 text not null,
  primary key (company_id, order_id, sha256),
  foreign key (company_id, order_id) references app.change_order
);

-- At most one for an order: whoever says it first is heard, on whichever phone.
create table app.order_answer (
  company_id uuid not null,
  order_id text not null,
  id text not null check (length(id) between 1 and 64),
  says text not null check (says in ('yes', 'no')),
  name text not null check (length(trim(name)) between 2 and 120),
  role text not null,
  snapshot_sha256 text not null,
  signature jsonb check (octet_length(signature::text) <= 60000),
  -- Who of the firm held the phone; null: he said it by his own link.
  taken_by uuid,
  -- When it was said, as that phone has it; what came by the link is of the moment it came.
  said_at timestamptz not null default now(),
  received_at timestamptz not null default now(),
  primary key (company_id, order_id),
  foreign key (company_id, order_id) references app.change_order
);

-- Orders that could not be put to the owner, each with its reason: two phones asked the same, or the bid was replaced.
create table app.order_refused (
  company_id uuid not null,
  order_id text not null,
  job_id text not null,
  why text not null,
  refused_at timestamptz not null default now(),
  primary key (company_id, order_id),
  foreign key (company_id, job_id) references app.job
);

alter table app.owner_link add column order_id text;
alter table app.owner_link add foreign key (company_id, order_id) references app.change_order;

create function app.order_is_frozen() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' then
    raise exception 'a change order is kept' using errcode = 'DT001';
  end if;
  if (to_jsonb(new) - 'withdrawn_at') is distinct from (to_jsonb(old) - 'withdrawn_at') or old.withdrawn_at is not null then
    raise exception 'a change order is frozen' using errcode = 'DT001';
  end if;
  if exists (select from app.order_answer a where a.company_id = old.company_id and a.order_id = old.id) then
    raise exception 'a change order that was answered stays so' using errcode = 'DT001';
  end if;
  new.withdrawn_at := now();
  return new;
end
$$;
create trigger frozen before update or delete on app.change_order for each row execute function app.order_is_frozen();

create function app.picture_goes_with_order() returns trigger language plpgsql as $$
begin
  if not exists (
    select from app.change_order o where o.company_id = new.company_id and o.id = new.order_id
      and o.xmin = pg_current_xact_id()::xid) then
    raise exception 'a change order is frozen' using errcode = 'DT001';
  end if;
  return new;
end
$$;
create trigger goes_with_order before insert or update on app.order_picture
  for each row execute function app.picture_goes_with_order();

-- Nothing is answered that was withdrawn, or that was not read as it is.
create function app.answer_fits() returns trigger language plpgsql as $$
begin
  if tg_op <> 'INSERT' then
    raise exception 'an answer is kept' using errcode = 'DT001';
  end if;
  if not exists (
    select from app.change_order o where o.company_id = new.company_id and o.id = new.order_id
      and o.withdrawn_at is null and o.snapshot_sha256 = new.snapshot_sha256) then
    raise exception 'this change order cannot be answered' using errcode = 'DT001';
  end if;
  return new;
end
$$;
create trigger fits before insert or update or delete on app.order_answer for each row execute function app.answer_fits();

do $$
declare
  name text;
begin
  foreach name in array array['change_order', 'order_picture', 'order_answer', 'order_refused'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    if name <> 'order_answer' then
      execute format(
        'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
        name
      );
    end if;
  end loop;
end
$$;
-- The firm reads every answer, and writes only those that somebody took on a phone of its own, by name.
create policy company on app.order_answer for select
  using (company_id = nullif(current_setting('app.company_id', true), '')::uuid);
create policy company_writes on app.order_answer for insert
  with check (company_id = nullif(current_setting('app.company_id', true), '')::uuid and taken_by is not null);

-- Whoever holds a standing link of a bid reads the changes of that bid.
create policy owner_reads_order on app.change_order for select using (exists (
  select from app.owner_link l
  where l.company_id = change_order.company_id and l.bid_id = change_order.bid_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
create policy owner_reads_order_picture on app.order_picture for select using (exists (
  select from app.owner_link l join app.change_order o on o.company_id = l.company_id and o.bid_id = l.bid_id
  where o.company_id = order_picture.company_id and o.id = order_picture.order_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
create policy owner_reads_order_answer on app.order_answer for select using (exists (
  select from app.owner_link l join app.change_order o on o.company_id = l.company_id and o.bid_id = l.bid_id
  where o.company_id = order_answer.company_id and o.id = order_answer.order_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));

grant select on app.change_order, app.order_picture, app.order_answer, app.order_refused to detrimus_app;
grant insert (company_id, id, job_id, bid_id, number, snapshot, snapshot_sha256, pdf, pdf_sha256, total_cents, sent_by)
  on app.change_order to detrimus_app;
grant update (withdrawn_at) on app.change_order to detrimus_app;
grant insert on app.order_picture to detrimus_app;
grant insert (company_id, order_id, id, says, name, role, snapshot_sha256, signature, taken_by, said_at)
  on app.order_answer to detrimus_app;
grant insert (company_id, order_id, job_id, why) on app.order_refused to detrimus_app;
grant insert (order_id) on app.owner_link to detrimus_app;

grant create on schema app to detrimus_keeper;
grant select on app.change_order, app.order_answer to detrimus_keeper;
grant insert on app.order_answer to detrimus_keeper;
create policy keeper on app.change_order to detrimus_keeper using (true) with check (true);
create policy keeper on app.order_answer to detrimus_keeper using (true) with check (true);

-- Answers a change order. Only whoever has the token itself can. Answering twice is one answer: the first stays.
-- Says how it ended: answered, already, withdrawn, superseded, differs, no-link.
create function app.answer_order(
  owner_token text, asked_id text, answer_id text, answer text, person text, person_role text, seen_sha256 text, drawn jsonb,
  message_id uuid, message_to text, message_subject text, message_body text
) returns text language plpgsql security definer set search_path = pg_catalog, app as $$
declare
  link app.owner_link;
  asked app.change_order;
begin
  select * into link from app.owner_link l
  where l.token_hash = encode(sha256(convert_to(owner_token, 'UTF8')), 'hex')
    and l.revoked_at is null and l.expires_at > now();
  if not found then return 'no-link'; end if;
  select * into asked from app.change_order o
  where o.company_id = link.company_id and o.id = asked_id and o.bid_id = link.bid_id;
  if not found then return 'no-link'; end if;
  perform from app.job j where j.company_id = asked.company_id and j.id = asked.job_id for update;
  select * into asked from app.change_order o where o.company_id = link.company_id and o.id = asked_id;
  if exists (select from app.order_answer a where a.company_id = asked.company_id and a.order_id = asked.id) then
    return 'already';
  end if;
  if asked.withdrawn_at is not null then return 'withdrawn'; end if;
  if not exists (
    select from app.acceptance a
    where a.company_id = asked.company_id and a.bid_id = asked.bid_id and a.replaced_at is null) then
    return 'superseded';
  end if;
  if asked.snapshot_sha256 <> seen_sha256
    or encode(sha256(convert_to(asked.snapshot, 'UTF8')), 'hex') <> asked.snapshot_sha256 then
    return 'differs';
  end if;
  insert into app.order_answer (company_id, order_id, id, says, name, role, snapshot_sha256, signature)
  values (asked.company_id, asked.id, answer_id, answer, person, person_role, asked.snapshot_sha256, drawn);
  insert into app.mail (company_id, id, job_id, bid_id, to_address, subject, body)
  values (asked.company_id, message_id, asked.job_id, asked.bid_id, message_to, message_subject, message_body);
  return 'answered';
end
$$;
alter function app.answer_order owner to detrimus_keeper;
revoke all on function app.answer_order from public;
grant execute on function app.answer_order to detrimus_app;
revoke create on schema app from detrimus_keeper;

-- Down Migration
drop function app.answer_order;
alter table app.owner_link drop column order_id;
drop table app.order_refused, app.order_answer, app.order_picture, app.change_order;
drop function app.order_is_frozen(), app.picture_goes_with_order(), app.answer_fits();
