-- Up Migration
-- The shape a body was written in: rows, queues and files of any age are raised by the same steps (core/job/raise.ts).
alter table app.job_entity add column schema integer not null default 1 check (schema > 0);
alter table app.job_fact add column schema integer not null default 1 check (schema > 0);

-- Voice notes and short films lie beside the pictures, as they came.
alter table app.blob drop constraint blob_rendition_check;
alter table app.blob add constraint blob_rendition_check
  check (rendition in ('original', 'screen', 'thumbnail', 'clip'));

-- Pieces of a picture on its way in, so that a cut connection goes on where it stopped.
create table app.upload_part (
  company_id uuid not null references app.company,
  upload_id text not null check (upload_id ~ '^[A-Za-z0-9_-]{8,64}$'),
  at_byte integer not null check (at_byte >= 0),
  bytes bytea not null,
  received_at timestamptz not null default now(),
  primary key (company_id, upload_id, at_byte)
);

-- What a firm's people mean by a word: learnt from a correction, once.
create table app.company_word (
  company_id uuid not null references app.company,
  phrase text not null check (phrase <> '' and length(phrase) <= 80),
  means jsonb not null,
  taught_by text not null,
  taught_at timestamptz not null default now(),
  primary key (company_id, phrase)
);

do $$
declare
  name text;
begin
  foreach name in array array['upload_part', 'company_word'] loop
    execute format('alter table app.%I enable row level security', name);
    execute format('alter table app.%I force row level security', name);
    execute format(
      'create policy company on app.%I using (company_id = nullif(current_setting(''app.company_id'', true), '''')::uuid)',
      name
    );
  end loop;
end
$$;
grant select, insert, delete on app.upload_part to detrimus_app;
grant select, insert, update, delete on app.company_word to detrimus_app;

-- Down Migration
drop table app.company_word, app.upload_part;
alter table app.blob drop constraint blob_rendition_check;
alter table app.blob add constraint blob_rendition_check check (rendition in ('original', 'screen', 'thumbnail'));
alter table app.job_fact drop column schema;
alter table app.job_entity drop column schema;
