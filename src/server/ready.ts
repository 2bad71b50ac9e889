import 'server-only'
import { context } from './context'
import { log } from './log'

const WITHIN_MS = 3000

/** Whether the database answers both roles, soon. */
export async function isReady(): Promise<boolean> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('the database did not answer in time')), WITHIN_MS)
  })
  try {
    const { pool, authPool } = await context()
    await Promise.race([
      Promise.all([
        pool.query('select 1 from app.company limit 1'),
        authPool.query('select 1 from auth."user" limit 1'),
      ]),
      late,
    ])
    return true
  } catch (error) {
    log.error({ err: error }, 'not ready')
    return false
  } finally {
    clearTimeout(timer)
  }
}
