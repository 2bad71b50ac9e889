import type { NextConfig } from 'next'

const config: NextConfig = {
  turbopack: { root: import.meta.dirname },
  serverExternalPackages: ['pg', 'sharp', 'exifr', 'better-auth', 'piscina', 'pino', 'pg-boss'],
  experimental: { turbopackFileSystemCacheForBuild: false },
  // Types are checked by `npm test` on their own; a build that did it again would take half as long once more.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  // Headers of every answer, and each page's policy, are set by src/serve: they hold for what the framework refuses too.
  headers: () =>
    Promise.resolve([{ source: '/sw.js', headers: [{ key: 'cache-control', value: 'no-cache' }] }]),
}

export default config
