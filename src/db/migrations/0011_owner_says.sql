-- Up Migration
-- The owner chooses, asks and signs: an acceptance says what of the bid it is, and what owner and firm wrote to each other is kept.

-- What of the bid was accepted. Null: accepted before parts of a bid could be, so the whole of it.
alter table app.acceptance add column choice jsonb check (jsonb_typeof(choice) = 'object');
alter table app.acceptance add column total_cents bigint;
-- Drawn on the glass: strokes of points, as the owner's page sent them.
alter table app.acceptance add column signature jsonb check (octet_length(signature::text) <= 60000);

-- What an owner and the firm wrote to each other, by job: it outlives the bid it was begun on. Nothing of it is changed or taken out.
create table app.owner_message (
  company_id uuid not null,
  id uuid not null,
  job_id text not null,
  bid_id uuid not null,
  -- The piece of work or the option it is about.
  about text check (length(about) <= 100),
  from_owner boolean not null,
  name text not null check (length(trim(name)) between 2 and 120),
  body text not null check (length(trim(body)) between 1 and 4000),
  written_at timestamptz not null default now(),
  primary key (company_id, id),
  foreign key (company_id, job_id) references app.job,
  foreign key (company_id, bid_id) references app.bid
);
create index owner_message_by_job on app.owner_message (company_id, job_id, written_at);
alter table app.owner_message enable row level security;
alter table app.owner_message force row level security;
-- The firm reads all, and writes only as itself: what an owner says, only his link can say.
create policy company on app.owner_message for select
  using (company_id = nullif(current_setting('app.company_id', true), '')::uuid);
create policy company_writes on app.owner_message for insert
  with check (company_id = nullif(current_setting('app.company_id', true), '')::uuid and not from_owner);
-- The owner reads what belongs to the job of his bid, while his link stands.
create policy owner_reads_message on app.owner_message for select using (exists (
  select from app.owner_link l join app.bid b on b.company_id = l.company_id and b.id = l.bid_id
  where l.company_id = owner_message.company_id and b.job_id = owner_message.job_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
-- When it was written is the database's to say.
grant select on app.owner_message to detrimus_app;
grant insert (company_id, id, job_id, bid_id, about, from_owner, name, body) on app.owner_message to detrimus_app;

grant create on schema app to detrimus_keeper;
grant select, insert on app.owner_message to detrimus_keeper;
create policy keeper on app.owner_message to detrimus_keeper using (true) with check (true);

-- An owner's question, from whoever has the token itself; the firm gets a message. A link writes 100 at most: more is no asking.
create function app.owner_asks(
  owner_token text, message_id uuid, person text, asked_about text, words text,
  mail_id uuid, mail_to text, mail_subject text, mail_body text
) returns text language plpgsql security definer set search_path = pg_catalog, app as $$
declare
  link app.owner_link;
  bid app.bid;
begin
  select * into link from app.owner_link l
  where l.token_hash = encode(sha256(convert_to(owner_token, 'UTF8')), 'hex')
    and l.revoked_at is null and l.expires_at > now();
  if not found then return 'no-link'; end if;
  select * into bid from app.bid b where b.company_id = link.company_id and b.id = link.bid_id;
  if exists (select from app.owner_message m where m.company_id = bid.company_id and m.id = message_id) then
    return 'already';
  end if;
  if (select count(*) from app.owner_message m where m.company_id = bid.company_id and m.job_id = bid.job_id and m.from_owner) >= 100 then
    return 'too-many';
  end if;
  insert into app.owner_message (company_id, id, job_id, bid_id, about, from_owner, name, body)
  values (bid.company_id, message_id, bid.job_id, bid.id, asked_about, true, person, words);
  insert into app.mail (company_id, id, job_id, bid_id, to_address, subject, body)
  values (bid.company_id, mail_id, bid.job_id, bid.id, mail_to, mail_subject, mail_body);
  return 'asked';
end
$$;
alter function app.owner_asks owner to detrimus_keeper;
revoke all on function app.owner_asks from public;
grant execute on function app.owner_asks to detrimus_app;

drop function app.accept_bid;
-- As before, and with what of the bid is accepted, what it comes to, and the signature.
create function app.accept_bid(
  owner_token text, acceptance_id uuid, person text, person_role text, seen_sha256 text,
  chosen jsonb, chosen_ids jsonb, chosen_cents bigint, drawn jsonb,
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
  -- Nothing is accepted that this bid does not hold.
  if exists (
    select from jsonb_array_elements_text(chosen_ids) id
    where not exists (
      select from jsonb_array_elements(
        (bid.snapshot::jsonb -> 'items') || coalesce(bid.snapshot::jsonb -> 'beside', '[]'::jsonb)
          || coalesce(bid.snapshot::jsonb -> 'looks', '[]'::jsonb)) of where of ->> 'id' = id)) then
    return 'differs';
  end if;
  insert into app.acceptance (company_id, bid_id, id, name, role, item_ids, snapshot_sha256, job_id, choice, total_cents, signature)
  values (bid.company_id, bid.id, acceptance_id, person, person_role, chosen_ids, bid.snapshot_sha256, bid.job_id,
    chosen, chosen_cents, drawn);
  insert into app.mail (company_id, id, job_id, bid_id, to_address, subject, body)
  values (bid.company_id, message_id, bid.job_id, bid.id, message_to, message_subject, message_body);
  return 'accepted';
end
$$;
alter function app.accept_bid owner to detrimus_keeper;
revoke all on function app.accept_bid from public;
grant execute on function app.accept_bid to detrimus_app;
revoke create on schema app from detrimus_keeper;

-- Down Migration
grant create on schema app to detrimus_keeper;
drop function app.accept_bid;
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
drop function app.owner_asks;
drop table app.owner_message;
alter table app.acceptance drop column choice, drop column total_cents, drop column signature;
