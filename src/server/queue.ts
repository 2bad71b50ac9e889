import 'server-only'
import PgBoss from 'pg-boss'
import { remindOwners } from './reminders'

/** Every morning, in the time of the server. */
const EVERY_MORNING = '0 7 * * *'
export const REMINDERS_QUEUE = 'remind-owners'

/**
 * Work that is done by the clock, asked for by a queue kept in the database: however many servers there are, one of them does it.
 * What fails is tried again by the queue and said on the log.
 *
 * @param url the database as the queue’s own role, which sees nothing of the firms
 */
export async function startQueue(url: string, say: (error: Error) => void): Promise<PgBoss> {
  // Its schema is made by our migrations, for a role that may not make one.
  const boss = new PgBoss({ connectionString: url, schema: 'queue', max: 2 })
  boss.on('error', say)
  await boss.start()
  await boss.createQueue(REMINDERS_QUEUE, {
    name: REMINDERS_QUEUE,
    policy: 'singleton',
    retryLimit: 3,
    retryBackoff: true,
  })
  await boss.work(REMINDERS_QUEUE, async () => {
    await remindOwners()
  })
  await boss.schedule(REMINDERS_QUEUE, EVERY_MORNING)
  return boss
}
