/** Owners reminded of bids that are out: once each, never across firms, by the clock of a queue in the database. */
import { randomUUID } from 'node:crypto'
import { afterAll, expect, test } from '@jest/globals'
import { listMail } from '../../src/db/queries/bids'
import { withTx } from '../../src/db/tx'
import type { Member } from '../../src/server/http'
import { askFirm } from '../../src/server/bids/ownerBid'
import { REMINDERS_QUEUE, startQueue } from '../../src/server/queue'
import { remindOwners } from '../../src/server/reminders'
import { appPool, closePools, migratorPool, newFirm, send, takeAlderHouse } from './support'

afterAll(closePools)

async function sentBid(): Promise<{ member: Member; token: string }> {
  const member = await newFirm()
  const { token } = await send(member, await takeAlderHouse(member))
  return { member, token }
}

const DAY_MS = 86_400_000
const inDays = (days: number): Date => new Date(Date.now() + days * DAY_MS)
const reminders = async (companyId: string): Promise<string[]> => {
  const mail = await withTx(appPool, companyId, listMail)
  return mail.filter(({ subject }) => subject.startsWith('Reminder')).map(({ body }) => body)
}

test('a bid that nobody opened is told of once, to whom it was sent, and its end once more', async () => {
  const { member } = await sentBid()
  await remindOwners(inDays(1))
  expect(await reminders(member.companyId)).toEqual([])
  await remindOwners(inDays(5))
  await remindOwners(inDays(5))
  await remindOwners(inDays(6))
  const [first, ...more] = await reminders(member.companyId)
  expect(first).toContain('it has not been opened yet')
  expect(more).toEqual([])
  await remindOwners(inDays(28))
  const bodies = await reminders(member.companyId)
  expect(bodies).toHaveLength(2)
  expect(bodies.some((body) => body.includes('it soon ends'))).toBe(true)
  // No link leaves the message it was sent with.
  expect(bodies.join()).not.toContain('/o/')
})

test('while his own question waits an owner is not pressed', async () => {
  const { member, token } = await sentBid()
  await askFirm(token, { id: randomUUID(), name: 'Ona Owner', about: null, words: 'When would you come?' })
  await remindOwners(inDays(28))
  expect(await reminders(member.companyId)).toEqual([])
})

test('firms do not see each other’s reminders, and the queue’s role sees nothing of the firms', async () => {
  const [one, other] = [await sentBid(), await newFirm()]
  await remindOwners(inDays(5))
  expect(await reminders(one.member.companyId)).toHaveLength(1)
  expect(await reminders(other.companyId)).toEqual([])
  const may = await migratorPool.query(
    `select table_name from information_schema.role_table_grants where grantee = 'detrimus_queue' and table_schema <> 'queue'`,
  )
  expect(may.rows).toEqual([])
})

test('the queue asks for it, and one of the servers does it', async () => {
  const errors: Error[] = []
  const boss = await startQueue(process.env.DETRIMUS_QUEUE_DATABASE_URL!, (error) => errors.push(error))
  try {
    const id = await boss.send(REMINDERS_QUEUE, {})
    expect(id).not.toBeNull()
    for (let tries = 0; tries < 60; tries += 1) {
      const job = await boss.getJobById(REMINDERS_QUEUE, id!)
      if (job?.state === 'completed') break
      await new Promise((resolve) => setTimeout(resolve, 250))
    }
    expect(await boss.getJobById(REMINDERS_QUEUE, id!)).toMatchObject({ state: 'completed' })
    expect(await boss.getSchedules()).toMatchObject([{ name: REMINDERS_QUEUE }])
    expect(errors).toEqual([])
  } finally {
    await boss.stop({ graceful: false })
  }
})
