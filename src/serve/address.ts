import ipaddr from 'ipaddr.js'

type Range = [ipaddr.IPv4 | ipaddr.IPv6, number]

/**
 * Addresses of proxies in front of us, as written in the environment: `10.0.0.4, 192.168.7.0/24`.
 *
 * @throws Error naming the one that is no address: a proxy half trusted is worse than a server that does not start
 */
export function proxyRanges(text: string): Range[] {
  return text
    .split(/[\s,]+/)
    .filter((each) => each !== '')
    .map((each): Range => {
      try {
        if (each.includes('/')) return ipaddr.parseCIDR(each)
        const one = ipaddr.process(each)
        return [one, one.kind() === 'ipv4' ? 32 : 128]
      } catch {
        throw new Error(`DETRIMUS_TRUSTED_PROXIES holds ${each}, which is no address or range.`)
      }
    })
}

function isWithin(address: string, ranges: readonly Range[]): boolean {
  if (!ipaddr.isValid(address)) return false
  const parsed = ipaddr.process(address)
  return ranges.some((range) => parsed.kind() === range[0].kind() && parsed.match(range))
}

/**
 * Where a request came from. What it says of itself is believed only as far as proxies of ours said it: read from the end, the first
 * address that is none of theirs.
 *
 * @example
 * clientAddress({ socket: '203.0.113.9', forwarded: '1.2.3.4', proxies: [] }) // => '203.0.113.9'
 */
export function clientAddress(of: {
  socket: string
  forwarded: string | undefined
  proxies: readonly Range[]
}): string {
  const socket = ipaddr.isValid(of.socket) ? ipaddr.process(of.socket).toString() : 'unknown'
  if (!isWithin(socket, of.proxies)) return socket
  const said = (of.forwarded ?? '').split(',').map((each) => each.trim())
  for (const each of said.reverse()) {
    if (!ipaddr.isValid(each)) return socket
    if (!isWithin(each, of.proxies)) return ipaddr.process(each).toString()
  }
  return socket
}
