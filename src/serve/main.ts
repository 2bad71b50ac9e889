/**
 * The web process: the framework behind a door of ours. The door says where a request came from, turns away what no page of ours
 * asks for, gives each page its policy, logs without personal data, and lets running requests end when the process is told to stop.
 *
 * Environment: HOST, PORT, DETRIMUS_BASE_URL, DETRIMUS_TRUSTED_PROXIES, DETRIMUS_LOG_LEVEL.
 */
import next from 'next'
import { randomBytes } from 'node:crypto'
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import { pino } from 'pino'
import { clientAddress, proxyRanges } from './address'
import { contentPolicy, routeOf, turnedAway, usualHeaders } from './gate'

const ADDRESS_HEADER = 'x-detrimus-address'
/** A request that has not come whole by then is a picture on a very poor line, or nobody. */
const REQUEST_TIMEOUT_MS = 300_000
const HEADERS_TIMEOUT_MS = 20_000
/** Longer than the usual proxy's, so that it never reuses a connection we are closing. */
const KEEP_ALIVE_MS = 75_000
const STOP_WITHIN_MS = 15_000

const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 4610)
const baseUrl = process.env.DETRIMUS_BASE_URL ?? `http://${host}:${port}`
const isHttps = baseUrl.startsWith('https:')
const proxies = proxyRanges(process.env.DETRIMUS_TRUSTED_PROXIES ?? '')
const usual = Object.entries(usualHeaders(isHttps))
const log = pino(
  {
    level: process.env.DETRIMUS_LOG_LEVEL ?? 'info',
    base: { pid: process.pid },
    timestamp: pino.stdTimeFunctions.isoTime,
  },
  pino.destination({ dest: 2, sync: false }),
)

const app = next({ dev: false, dir: process.cwd(), hostname: host, port })
let stopping = false

function refuse(response: ServerResponse, status: number, detail: string): void {
  response.writeHead(status, {
    'content-type': 'application/problem+json',
    'cache-control': 'no-store',
    ...(status === 405 ? { allow: 'GET, HEAD, POST, PUT, DELETE, OPTIONS' } : {}),
  })
  response.end(
    JSON.stringify({ type: 'urn:detrimus:problem:turned-away', title: 'turned away', status, detail }),
  )
}

/** Takes out what a client says of itself and writes in what we know. */
function introduce(request: IncomingMessage): string {
  const { headers } = request
  const forwarded = headers['x-forwarded-for']
  const address = clientAddress({
    socket: request.socket.remoteAddress ?? '',
    forwarded: Array.isArray(forwarded) ? forwarded.join(',') : forwarded,
    proxies,
  })
  for (const name of [
    'x-forwarded-for',
    'x-forwarded-host',
    'x-forwarded-proto',
    'x-forwarded-port',
    'forwarded',
  ])
    // eslint-disable-next-line @typescript-eslint/no-dynamic-delete -- names of headers, from the list above
    delete headers[name]
  headers['x-forwarded-for'] = address
  headers[ADDRESS_HEADER] = address
  return address
}

function take(
  request: IncomingMessage,
  response: ServerResponse,
  handle: ReturnType<typeof app.getRequestHandler>,
): void {
  const begun = process.hrtime.bigint()
  const { method = 'GET', url = '/' } = request
  response.on('close', () => {
    const ms = Number((process.hrtime.bigint() - begun) / 1_000_000n)
    const line = {
      method,
      route: routeOf(url),
      status: response.statusCode,
      ms,
      cut: !response.writableFinished,
    }
    if (response.statusCode >= 500) log.error(line, 'request')
    else log.info(line, 'request')
  })
  for (const [name, value] of usual) response.setHeader(name, value)
  const away = turnedAway(method, url)
  if (away) {
    // What follows is not read: the connection ends with the answer.
    response.setHeader('connection', 'close')
    refuse(response, away.status, away.detail)
    return
  }
  if (url === '/health') {
    response.writeHead(stopping ? 503 : 200, {
      'content-type': 'application/json',
      'cache-control': 'no-store',
    })
    response.end(JSON.stringify({ up: !stopping }))
    return
  }
  introduce(request)
  const policy = contentPolicy(randomBytes(16).toString('base64'), isHttps)
  request.headers['content-security-policy'] = policy
  response.setHeader('content-security-policy', policy)
  handle(request, response).catch((error: unknown) => {
    log.error({ err: error }, 'the framework failed')
    if (!response.headersSent)
      refuse(response, 500, 'Something broke on our side. Nothing was changed; try again.')
    else response.destroy()
  })
}

await app.prepare()
const handle = app.getRequestHandler()
const server = createServer(
  { requestTimeout: REQUEST_TIMEOUT_MS, headersTimeout: HEADERS_TIMEOUT_MS },
  (request, response) => take(request, response, handle),
)
server.keepAliveTimeout = KEEP_ALIVE_MS
server.on('clientError', (_error, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nconnection: close\r\n\r\n')
})
server.listen(port, host, () => log.info({ host, port }, 'up'))

function stop(): void {
  if (stopping) return
  stopping = true
  log.info('stopping')
  server.close(() => process.exit(0))
  server.closeIdleConnections()
  setTimeout(() => process.exit(0), STOP_WITHIN_MS).unref()
}
process.on('SIGTERM', stop)
process.on('SIGINT', stop)
