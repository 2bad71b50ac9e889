import type { NextConfig } from 'next'

const config: NextConfig = {
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['pg', 'sharp', '@react-pdf/renderer', 'better-auth'],
  experimental: { turbopackFileSystemCacheForBuild: false },
  poweredByHeader: false,
  headers: () =>
    Promise.resolve([
      { source: '/sw.js', headers: [{ key: 'cache-control', value: 'no-cache' }] },
      {
        source: '/:path*',
        headers: [
          { key: 'x-content-type-options', value: 'nosniff' },
          { key: 'referrer-policy', value: 'no-referrer' },
          { key: 'x-frame-options', value: 'DENY' },
          {
            key: 'content-security-policy',
            // Next writes its own inline scripts without a nonce here; everything else is from this origin.
            value:
              "default-src 'self'; img-src 'self' blob: data:; media-src 'self' blob:; worker-src 'self' blob:; style-src 'self' 'unsafe-inline'; script-src 'self' 'unsafe-inline'; connect-src 'self'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'",
          },
        ],
      },
    ]),
}

export default config
