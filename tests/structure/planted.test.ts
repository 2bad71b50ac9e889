import { beforeEach, expect, jest, test } from '@jest/globals'

/** A row of each kind, planted in its one place, is in everything that reads the rows. The modules are loaded anew with it. */
beforeEach(() => {
  jest.resetModules()
})

type Module = Record<string, unknown>
async function plant(file: string, rows: (real: Module) => Module): Promise<void> {
  const url = new URL(`../../src/core/${file}`, import.meta.url).pathname
  const real = (await import(url)) as Module
  jest.resetModules()
  jest.unstable_mockModule(url, () => ({ ...real, ...rows(real) }))
}
const DAY = '2026-05-04'

test('a planted part is chosen from lists, carries a finding, is pieced, priced, and named in the bid', async () => {
  await plant('catalogue/parts/roofEdge.ts', (real) => ({
    ROOF_EDGE: [
      ...(real.ROOF_EDGE as object[]),
      {
        ...(real.ROOF_EDGE as object[])[0],
        id: 'gutter-board',
        name: 'gutter board',
        keepOff: null,
        plain: 'board behind the gutter',
      },
    ],
  }))
  const { PARTS } = await import('../../src/core/catalogue')
  const { derive } = await import('../../src/core/pipeline')
  const { readJob } = await import('../../src/core/job')
  const { finding, smallHouse, workItem } = await import('../support/jobs')
  const board = finding({
    n: 1,
    words: '',
    component: 'gutter-board',
    at: { side: 'a', ft: 15, up_in: 110 },
    length_in: 24,
    grade: 3,
  })
  const job = smallHouse({
    findings: [board],
    work_items: [workItem('r', { method: 'piece-in', component: 'gutter-board', finding_ids: [board.id] })],
  })
  expect(PARTS.some((part) => part.id === 'gutter-board')).toBe(true)
  expect(readJob(JSON.parse(JSON.stringify(job))).ok).toBe(true)
  const { bid, price, scope } = derive(job, DAY)
  expect(scope.advice[0]?.methods[0]).toMatchObject({ method: 'piece-in', verdict: 'recommended' })
  expect(bid.items[0]).toMatchObject({ title: 'Board behind the gutter: a new piece let in' })
  expect(price.kind === 'priced' && price.lines[0]!.lacks).toEqual([])
  expect(bid.findings[0]?.part).toBe('gutter board')
})

test('a planted method is advised by its own rule, reckoned by its own recipe, and printed with the rows', async () => {
  await plant('catalogue/methods/finish.ts', (real) => ({
    FINISH: [
      ...(real.FINISH as object[]),
      {
        ...(real.FINISH as { id: string }[]).find(({ id }) => id === 're-seal'),
        id: 'brush-borate',
        name: 'Brush borate',
        cures: 'soaked with borate, twice',
        we: 'We soak the {part} with borate, twice.',
        brief: 'soaked with borate',
        advice: [
          { verdict: 'recommended', when: { grade: [1, 1] }, says: 'Surface only, and wet at times.' },
        ],
      },
    ],
  }))
  const { derive } = await import('../../src/core/pipeline')
  const { catalogueRows } = await import('../../src/core/print/catalogueRows')
  const { sillNose, smallHouse, workItem } = await import('../support/jobs')
  const nose = sillNose({ stated_grade: 1 })
  const item = workItem('r', { method: 'brush-borate', component: 'sill-nose', finding_ids: [nose.id] })
  const { bid, scope, takeoff } = derive(smallHouse({ findings: [nose], work_items: [item] }), DAY)
  const mine = scope.advice[0]?.methods.find((each) => each.method === 'brush-borate')
  expect(mine).toMatchObject({ verdict: 'recommended', reasons: ['Surface only, and wet at times.'] })
  expect(takeoff.items[0]?.tasks[0]).toMatchObject({ task: 'sealant', quantity: 2 })
  expect(bid.items[0]).toMatchObject({
    title: 'Front edge of the sill: soaked with borate',
    done: 'We soak the front edge of the sill with borate, twice.',
  })
  expect(JSON.stringify(catalogueRows())).toContain('brush-borate')
})

test('a planted keep-off sign is raised, stops the work, and is first in the bid', async () => {
  await plant('catalogue/cautions/cautions.ts', (real) => ({
    KEEP_OFF_BY_SIGN: [
      ...(real.KEEP_OFF_BY_SIGN as object[]),
      { part: 'stair-tread', sign: 'open-joint', says: 'tread loose' },
    ],
  }))
  const { derive } = await import('../../src/core/pipeline')
  const { finding, smallHouse, workItem } = await import('../support/jobs')
  const tread = finding({
    n: 1,
    words: '',
    component: 'stair-tread',
    at: { side: 'c', ft: 4, up_in: 8 },
    grade: 1,
    signs: ['open-joint'],
  })
  const item = workItem('r', { method: 're-seal', component: 'stair-tread', finding_ids: [tread.id] })
  const { bid, price, scope } = derive(smallHouse({ findings: [tread], work_items: [item] }), DAY)
  expect(bid.hazards[0]).toMatchObject({ keep_off: true, what: 'tread loose' })
  expect(scope.items[0]?.standing).toBe('stopped')
  expect(price).toMatchObject({ total_cents: 0 })
})

test('a planted clause prints where its caution is raised, and nowhere else', async () => {
  await plant('catalogue/clauses/clauses.ts', (real) => ({
    CLAUSES: [
      ...(real.CLAUSES as object[]),
      {
        id: 'lead-records',
        name: 'Lead records',
        source: 'common practice',
        number: 40,
        heading: 'Lead records',
        words: { kind: 'fixed', text: 'Records of lead-safe work are handed over with the last invoice.' },
        onlyWith: 'lead',
      },
    ],
  }))
  const { derive } = await import('../../src/core/pipeline')
  const { sillNose, smallHouse } = await import('../support/jobs')
  const job = smallHouse({ findings: [sillNose()] })
  const old = { ...job, house: { ...job.house!, year_built: { kind: 'unknown' } as const } }
  const headings = (of: typeof job): string[] => derive(of, DAY).bid.clauses.map((clause) => clause.heading)
  expect(headings(old)).toContain('Lead records')
  expect(headings(job)).not.toContain('Lead records')
})

test('every clause that is told has a teller, and every one from settings a setting', async () => {
  const { CLAUSES } = await import('../../src/core/catalogue')
  const { TELLERS } = await import('../../src/core/bid/clauses')
  const { Settings } = await import('../../src/core/job')
  const settings = Object.keys(Settings.shape.clauses.shape)
  for (const { id, words } of CLAUSES) {
    if (words.kind === 'told') expect([id, words.teller in TELLERS]).toEqual([id, true])
    if (words.kind === 'setting') expect([id, settings.includes(words.setting)]).toEqual([id, true])
  }
})

test('a planted role may do what the table says, gets no money unless it says so, and nothing else', async () => {
  await plant('firm/roles.ts', (real) => {
    const table = real.PERMISSIONS as Record<string, readonly string[]>
    return {
      ROLES: [...(real.ROLES as string[]), 'surveyor'],
      PERMISSIONS: { ...table, 'edit-work': [...table['edit-work']!, 'surveyor'] },
    }
  })
  const { ACTIONS, actionToWrite, isRole, may, withheldKinds } = await import('../../src/core/firm')
  const { ENTITY_KIND_NAMES, ENTITY_KINDS } = await import('../../src/core/job')
  const surveyor = 'surveyor' as never
  expect(isRole('surveyor')).toBe(true)
  expect(ACTIONS.filter((action) => may(surveyor, action))).toEqual(['edit-work'])
  const money = ENTITY_KIND_NAMES.filter((kind) => ENTITY_KINDS[kind].money)
  expect(withheldKinds(surveyor)).toEqual(money)
  expect(may(surveyor, actionToWrite('finding'))).toBe(true)
  for (const kind of [...money, 'settings' as const]) expect(may(surveyor, actionToWrite(kind))).toBe(false)
})
