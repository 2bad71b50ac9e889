-- Up Migration
create table app.bid (
  company_id uuid not null,
  id uuid not null,
  job_id text not null,
  number integer not null check (number > 0),
  -- Canonical JSON (RFC 8785) of what was sent; the hash is over these very bytes.
  snapshot text not null,
  snapshot_sha256 text not null check (snapshot_sha256 ~ '^[0-9a-f]{64}$'),
  pdf bytea not null,
  pdf_sha256 text not null check (pdf_sha256 ~ '^[0-9a-f]{64}$'),
  total_cents bigint not null,
  sent_at timestamptz not null default now(),
  sent_by uuid not null,
  superseded_at timestamptz,
  primary key (company_id, id),
  unique (company_id, job_id, number),
  foreign key (company_id, job_id) references app.job
);

-- Pictures as they left, without a place in them, frozen with the bid.
create table app.bid_picture (
  company_id uuid not null,
  bid_id uuid not null,
  sha256 text not null,
  media_type text not null,
  bytes bytea not null,
  primary key (company_id, bid_id, sha256),
  foreign key (company_id, bid_id) references app.bid
);

-- Only the hash of a token is kept: whoever reads this table cannot open a bid.
create table app.owner_link (
  company_id uuid not null,
  id uuid not null,
  bid_id uuid not null,
  token_hash text not null unique check (token_hash ~ '^[0-9a-f]{64}$'),
  created_at timestamptz not null default now(),
  expires_at timestamptz not null,
  revoked_at timestamptz,
  primary key (company_id, id),
  foreign key (company_id, bid_id) references app.bid
);

-- At most one for a bid: accepting twice is one acceptance.
create table app.acceptance (
  company_id uuid not null,
  bid_id uuid not null,
  id uuid not null,
  name text not null check (length(trim(name)) between 2 and 120),
  role text not null,
  item_ids jsonb not null,
  snapshot_sha256 text not null,
  accepted_at timestamptz not null default now(),
  primary key (company_id, bid_id),
  foreign key (company_id, bid_id) references app.bid
);

-- The outbox of the mail stand-in: what would have been sent.
create table app.mail (
  company_id uuid not null references app.company,
  id uuid not null,
  job_id text not null,
  bid_id uuid,
  to_address text not null,
  subject text not null,
  body text not null,
  created_at timestamptz not null default now(),
  primary key (company_id, id),
  foreign key (company_id, job_id) references app.job
);

-- A sent bid is frozen: nothing of it changes but the day a newer one took its place.
create function app.bid_is_frozen() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' then
    raise exception 'a sent bid is kept' using errcode = 'DT001';
  end if;
  if (to_jsonb(new) - 'superseded_at') is distinct from (to_jsonb(old) - 'superseded_at')
    or old.superseded_at is not null then
    raise exception 'a sent bid is frozen' using errcode = 'DT001';
  end if;
  return new;
end
$$;
create trigger frozen before update or delete on app.bid for each row execute function app.bid_is_frozen();

do $$
declare
  name text;
begin
  foreach name in array array['bid', 'bid_picture', 'owner_link', 'acceptance', 'mail'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;

-- The owner's link sees itself, always, so that it can say it has run out; and its frozen bid while it stands.
create policy owner_reads_link on app.owner_link for select
  using (token_hash = nullif(current_setting('app.owner_token_hash', true), ''));
create policy owner_reads_bid on app.bid for select using (exists (
  select from app.owner_link l
  where l.company_id = bid.company_id and l.bid_id = bid.id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
create policy owner_reads_picture on app.bid_picture for select using (exists (
  select from app.owner_link l
  where l.company_id = bid_picture.company_id and l.bid_id = bid_picture.bid_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
create policy owner_reads_acceptance on app.acceptance for select using (exists (
  select from app.owner_link l
  where l.company_id = acceptance.company_id and l.bid_id = acceptance.bid_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()));
create policy owner_accepts on app.acceptance for insert with check (exists (
  select from app.owner_link l join app.bid b on b.company_id = l.company_id and b.id = l.bid_id
  where l.company_id = acceptance.company_id and l.bid_id = acceptance.bid_id
    and l.token_hash = nullif(current_setting('app.owner_token_hash', true), '')
    and l.revoked_at is null and l.expires_at > now()
    and b.superseded_at is null and b.snapshot_sha256 = acceptance.snapshot_sha256));

grant select, insert on app.bid, app.bid_picture, app.owner_link, app.acceptance, app.mail to detrimus_app;
grant update (superseded_at) on app.bid to detrimus_app;
grant update (revoked_at) on app.owner_link to detrimus_app;

-- Down Migration
drop table app.mail, app.acceptance, app.owner_link, app.bid_picture, app.bid;
drop function app.bid_is_frozen();
