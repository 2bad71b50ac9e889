import 'server-only'
import { availableParallelism } from 'node:os'
import path from 'node:path'
import { Piscina } from 'piscina'
import type { HeavyName, HeavyTasks } from '../heavy/tasks'
import { Refused } from './problem'

/** Tasks that may wait for a thread; beyond it a request is told to come back. */
const MOST_WAITING = 16
const IDLE_MS = 60_000

let threads: Piscina | null = null

function pool(): Piscina {
  threads ??= new Piscina({
    filename: path.join(process.cwd(), '.next', 'detrimus', 'heavy.mjs'),
    maxThreads: Math.max(1, Math.min(4, availableParallelism())),
    minThreads: 0,
    idleTimeout: IDLE_MS,
    maxQueue: MOST_WAITING,
    // How this process was started says nothing of how the threads' own program is to be read.
    execArgv: [],
    // One hostile file may end its own thread, never the process.
    resourceLimits: { maxOldGenerationSizeMb: 2048 },
  })
  return threads
}

/**
 * Runs a task in a thread, so that it holds nobody else up. What is handed over is not copied, and is empty here afterwards.
 *
 * @throws Refused `busy` when too many wait already.
 */
export async function inThread<N extends HeavyName>(
  name: N,
  input: Parameters<HeavyTasks[N]>[0],
  handedOver: readonly ArrayBuffer[] = [],
): Promise<Awaited<ReturnType<HeavyTasks[N]>>> {
  const waiting = pool()
  if (waiting.queueSize >= MOST_WAITING) throw new Refused({ kind: 'busy' })
  return (await waiting.run(input, { name, transferList: [...handedOver] })) as Awaited<
    ReturnType<HeavyTasks[N]>
  >
}

export async function endThreads(): Promise<void> {
  const ended = threads
  threads = null
  await ended?.destroy()
}
