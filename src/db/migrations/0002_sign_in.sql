-- Up Migration
-- Tables of the sign-in library, in a schema and with a role of its own; written by its own schema compiler for the
-- settings in src/server/auth/options.ts.
create table auth."user" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "name" text not null, "email" text not null unique, "email_verified" boolean not null, "image" text, "created_at" timestamptz default CURRENT_TIMESTAMP not null, "updated_at" timestamptz default CURRENT_TIMESTAMP not null);
create table auth."session" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "expires_at" timestamptz not null, "token" text not null unique, "created_at" timestamptz default CURRENT_TIMESTAMP not null, "updated_at" timestamptz not null, "ip_address" text, "user_agent" text, "user_id" uuid not null references auth."user" ("id") on delete cascade, "active_organization_id" text);
create table auth."account" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "account_id" text not null, "provider_id" text not null, "user_id" uuid not null references auth."user" ("id") on delete cascade, "access_token" text, "refresh_token" text, "id_token" text, "access_token_expires_at" timestamptz, "refresh_token_expires_at" timestamptz, "scope" text, "password" text, "created_at" timestamptz default CURRENT_TIMESTAMP not null, "updated_at" timestamptz not null);
create table auth."verification" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "identifier" text not null, "value" text not null, "expires_at" timestamptz not null, "created_at" timestamptz default CURRENT_TIMESTAMP not null, "updated_at" timestamptz default CURRENT_TIMESTAMP not null);
create table auth."organization" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "name" text not null, "slug" text not null unique, "logo" text, "created_at" timestamptz not null, "metadata" text);
create table auth."member" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "organization_id" uuid not null references auth."organization" ("id") on delete cascade, "user_id" uuid not null references auth."user" ("id") on delete cascade, "role" text not null, "created_at" timestamptz not null);
create table auth."invitation" ("id" uuid default pg_catalog.gen_random_uuid() not null primary key, "organization_id" uuid not null references auth."organization" ("id") on delete cascade, "email" text not null, "role" text, "status" text not null, "expires_at" timestamptz not null, "created_at" timestamptz default CURRENT_TIMESTAMP not null, "inviter_id" uuid not null references auth."user" ("id") on delete cascade);
create index "session_user_id_idx" on auth."session" ("user_id");
create index "account_user_id_idx" on auth."account" ("user_id");
create index "verification_identifier_idx" on auth."verification" ("identifier");
create index "member_organization_id_idx" on auth."member" ("organization_id");
create index "member_user_id_idx" on auth."member" ("user_id");
create index "invitation_organization_id_idx" on auth."invitation" ("organization_id");
create index "invitation_email_idx" on auth."invitation" ("email");
grant select, insert, update, delete on all tables in schema auth to detrimus_auth;

-- Down Migration
drop table auth."invitation", auth."member", auth."organization", auth."verification", auth."account", auth."session", auth."user";
