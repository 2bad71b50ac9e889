-- Up Migration
-- The app's roles: neither is superuser nor may it pass by row-level security. Passwords are set outside migrations.
do $$
begin
  if not exists (select from pg_roles where rolname = 'detrimus_app') then
    create role detrimus_app login nosuperuser nobypassrls nocreatedb nocreaterole;
  end if;
  if not exists (select from pg_roles where rolname = 'detrimus_auth') then
    create role detrimus_auth login nosuperuser nobypassrls nocreatedb nocreaterole;
  end if;
end
$$;

create schema app;
create schema auth;
grant usage on schema app to detrimus_app;
grant usage on schema auth to detrimus_auth;
alter role detrimus_auth set search_path = auth;
alter role detrimus_app set search_path = app;

-- Down Migration
drop schema auth;
drop schema app;
