-- Up Migration
-- How a person comes to a firm: by a link that works once. And what a firm shows of itself.
create table app.invitation (
  company_id uuid not null references app.company,
  id uuid not null,
  -- The link itself is told once, to whoever made it.
  token_hash text not null unique check (token_hash ~ '^[0-9a-f]{64}$'),
  name text not null check (length(name) <= 200),
  role text not null check (role in ('owner-estimator', 'office', 'crew', 'apprentice')),
  invited_by text not null,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null,
  used_at timestamptz,
  used_by uuid,
  revoked_at timestamptz,
  primary key (company_id, id)
);
alter table app.invitation enable row level security;
alter table app.invitation force row level security;
create policy company on app.invitation
  using (company_id = nullif(current_setting('app.company_id', true), '')::uuid);
-- Whoever holds the link sees his own invitation and the name of the firm it is to, and may use it up.
create policy holder_sees on app.invitation for select
  using (token_hash = nullif(current_setting('app.invitation_hash', true), ''));
create policy holder_uses on app.invitation for update
  using (token_hash = nullif(current_setting('app.invitation_hash', true), ''));
create policy invited on app.company for select using (exists (
  select from app.invitation i
  where i.company_id = company.id and i.token_hash = nullif(current_setting('app.invitation_hash', true), '')));
grant select on app.invitation to detrimus_app;
grant insert (company_id, id, token_hash, name, role, invited_by, expires_at) on app.invitation to detrimus_app;
grant update (used_at, used_by, revoked_at) on app.invitation to detrimus_app;

-- A link that was used or taken back stays so, from the moment it was.
create function app.invitation_ends_once() returns trigger language plpgsql as $$
begin
  if old.used_at is not null or old.revoked_at is not null then
    raise exception 'an invitation that has ended stays so' using errcode = 'DT002';
  end if;
  if new.used_at is not null then new.used_at := now(); end if;
  if new.revoked_at is not null then new.revoked_at := now(); end if;
  return new;
end
$$;
create trigger ends_once before update on app.invitation for each row execute function app.invitation_ends_once();

-- The firm's mark on its bids, by the hash of its picture.
alter table app.company add column logo_sha256 text check (logo_sha256 ~ '^[0-9a-f]{64}$');
grant update (name, logo_sha256) on app.company to detrimus_app;

-- Down Migration
revoke update on app.company from detrimus_app;
alter table app.company drop column logo_sha256;
drop policy invited on app.company;
drop table app.invitation;
drop function app.invitation_ends_once();
