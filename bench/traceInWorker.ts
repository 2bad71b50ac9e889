import type { JobDocument } from '../src/core/job'
import { traceJob } from '../src/core/trace'

/** Runs in a web worker of a real browser: traces a job so many times and says how long each took, ms. */
self.addEventListener('message', ({ data }: MessageEvent<{ job: JobDocument; runs: number }>) => {
  const times: number[] = []
  for (let run = 0; run < data.runs; run += 1) {
    const start = performance.now()
    traceJob(data.job)
    times.push(performance.now() - start)
  }
  self.postMessage(times)
})
