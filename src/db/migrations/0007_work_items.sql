-- Up Migration
-- Repairs and area work are work items, with the ids they had. Their bodies are raised when they are read (core/job/raise.ts).
alter table app.job_entity no force row level security;
update app.job_entity set kind = 'work_item' where kind in ('repair', 'area_work');
alter table app.job_entity force row level security;

-- A firm's settings are raised like a job's: what was kept under an older shape is read in today's.
alter table app.settings_edition add column schema integer not null default 4 check (schema > 0);
grant insert (schema) on app.settings_edition to detrimus_app;

-- Down Migration
alter table app.settings_edition drop column schema;
-- Bodies of work items cannot be told apart again once they were edited: those never edited since are what they were.
alter table app.job_entity no force row level security;
update app.job_entity set kind = case when body ->> 'kind' = 'paint-side' then 'area_work' else 'repair' end
where kind = 'work_item' and schema < 5;
alter table app.job_entity force row level security;
