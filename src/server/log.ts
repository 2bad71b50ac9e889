import 'server-only'
import { pino } from 'pino'

/**
 * The log of the web process: a line of JSON each, to standard error. No personal data: no names, addresses, words, tokens or bodies;
 * a request is its method, its route with ids taken out, its status and how long it took.
 */
export const log = pino(
  {
    level: process.env.DETRIMUS_LOG_LEVEL ?? (process.env.NODE_ENV === 'test' ? 'silent' : 'info'),
    base: { pid: process.pid },
    timestamp: pino.stdTimeFunctions.isoTime,
    redact: { paths: ['err.parameters', 'err.detail', 'err.where', 'err.query'], remove: true },
  },
  pino.destination({ dest: 2, sync: false }),
)
