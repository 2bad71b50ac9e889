/** Rows that an older program kept: moved to their kind of today by the migration, raised when they are read, edited in today's shape. */
import { JOB_VERSION } from '../../src/core/job'
import { readFileSync } from 'node:fs'
import { afterAll, expect, test } from '@jest/globals'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { createJob, readJobSnapshot } from '../../src/server/jobs/readJobs'
import { closePools, migratorPool, newFirm } from './support'

afterAll(closePools)

/** The statement of the migration that moves rows to their new kind, as it is written there. */
const MOVE = /update app\.job_entity set kind = 'work_item'[^;]*;/.exec(
  readFileSync(new URL('../../src/db/migrations/0007_work_items.sql', import.meta.url), 'utf8'),
)![0]

const OLD = [
  {
    kind: 'repair',
    id: 'old-repair',
    body: {
      id: 'old-repair',
      removed: false,
      finding_ids: [],
      method: 'replace-course',
      component: 'lap-siding',
      material: 'clear-cedar',
      place: { kind: 'words', words: 'back' },
      extent: { value: 4608, how: 'taped', low: null, high: null },
      count: 3,
      note: 'as it was said',
    },
  },
  {
    kind: 'area_work',
    id: 'old-paint',
    body: {
      id: 'old-paint',
      removed: false,
      kind: 'paint-side',
      side_id: 'side-a',
      condition: 'heavy',
      share_peeling_percent: 45,
      note: '',
    },
  },
]

async function asMigrator(sql: string, values: unknown[] = []): Promise<void> {
  const client = await migratorPool.connect()
  try {
    await client.query('begin')
    await client.query('alter table app.job_entity no force row level security')
    await client.query(sql, values)
    await client.query('alter table app.job_entity force row level security')
    await client.query('commit')
  } catch (error) {
    await client.query('rollback')
    throw error
  } finally {
    client.release()
  }
}

test('repairs and area work of version 4 are work items with their ids, and take an edit', async () => {
  const member = await newFirm()
  await createJob(member, { id: 'old', title: 'Old', timeZone: 'Etc/UTC' })
  for (const { kind, id, body } of OLD) {
    await asMigrator(
      `insert into app.job_entity (company_id, job_id, kind, id, revision, stamps, schema, body)
       values ($1, 'old', $2, $3, 0, '{}', 4, $4)`,
      [member.companyId, kind, id, JSON.stringify(body)],
    )
  }
  await asMigrator(MOVE)
  const { job } = await readJobSnapshot(member, 'old')
  expect(job.work_items).toMatchObject([
    {
      id: 'old-repair',
      note: 'as it was said',
      state: 'ours',
      places: [{ at: { kind: 'words', words: 'back' }, size: { kind: 'courses', courses: 3 } }],
    },
    { id: 'old-paint', method: 'paint-side', condition: 'heavy', places: [{ at: { side_id: 'side-a' } }] },
  ])
  await applyChanges(member, 'old', {
    known: 0,
    changes: [
      {
        id: 'an-edit',
        schema: JOB_VERSION,
        made_at: '2026-11-27T12:00:00Z',
        device: 'd',
        op: 'set',
        entity: { kind: 'work_item', id: 'old-repair' },
        base: 0,
        fields: { state: 'optional' },
      },
    ],
  })
  const after = await readJobSnapshot(member, 'old')
  expect(after.job.work_items.find((item) => item.id === 'old-repair')).toMatchObject({
    state: 'optional',
    note: 'as it was said',
    places: [{ size: { courses: 3 } }],
  })
})
