import { expect, test } from '@jest/globals'
import { clientAddress, proxyRanges } from './address'

const proxies = proxyRanges('10.0.0.0/8, 2001:db8::7')

test.each([
  ['no proxy of ours: what is said is not believed', '203.0.113.9', '1.2.3.4', '203.0.113.9'],
  ['our proxy says whose request it hands on', '10.1.2.3', '198.51.100.4', '198.51.100.4'],
  ['a client that put a lie in front of it', '10.1.2.3', '6.6.6.6, 198.51.100.4', '198.51.100.4'],
  ['two proxies of ours in a row', '10.1.2.3', '198.51.100.4, 10.9.9.9', '198.51.100.4'],
  ['a proxy that says nothing', '10.1.2.3', undefined, '10.1.2.3'],
  ['a proxy that says nonsense', '10.1.2.3', 'somebody', '10.1.2.3'],
  ['an IPv4 address in IPv6 clothes', '::ffff:10.1.2.3', '198.51.100.4', '198.51.100.4'],
  ['a proxy by its IPv6 address', '2001:db8::7', '198.51.100.4', '198.51.100.4'],
])('%s', (_, socket, forwarded, address) => {
  expect(clientAddress({ socket, forwarded, proxies })).toBe(address)
})

test('what is no address stops the start, by name', () => {
  expect(() => proxyRanges('10.0.0.0/8 proxy.example')).toThrow('proxy.example')
  expect(proxyRanges('')).toEqual([])
})
