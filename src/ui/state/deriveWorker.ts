/** The worker that reckons a job, begun while the page still opens the job: loading it is most of what a first look waits for. */

/** A browser without workers, or one that could not load ours, reckons on the page: slower to the touch, never different. */
function begin(): Worker | null {
  try {
    return new Worker(new URL('../../workers/derive.ts', import.meta.url), { type: 'module' })
  } catch {
    return null
  }
}

let ahead: Worker | null = null

/** Begins one for the job that is about to be opened. */
export function beginAhead(): void {
  if (ahead || typeof window === 'undefined') return
  const begun = begin()
  ahead = begun
  begun?.addEventListener('error', () => {
    // Whoever takes the next one hears of it himself.
    if (ahead === begun) ahead = null
  })
}

/** The one that was begun ahead, or a new one; null where there are no workers. */
export function takeWorker(): Worker | null {
  const taken = ahead ?? begin()
  ahead = null
  return taken
}
