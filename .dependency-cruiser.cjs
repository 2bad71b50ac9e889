/** The arrows between the folders. An import against them is a failing test, not a remark in a review. */
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: '^src/', pathNot: allowed },
})

module.exports = {
  forbidden: [
    only('core-imports-core', '^src/core/', '^src/core/'),
    {
      name: 'core-imports-zod-alone',
      comment: 'and what everybody uses for lines of equal height, calendar files and searching words',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: 'node_modules/(zod|delaunator|ical\\.js|minisearch|stemmer)/',
      },
    },
    only('db-imports-core', '^src/db/', '^src/(db|core)/'),
    only('server-imports-db-core', '^src/server/', '^src/(server|db|core|heavy/tasks)'),
    only('heavy-imports-core-and-paper', '^src/heavy/', '^src/(heavy|core|ui)/'),
    only('serve-imports-itself', '^src/serve/', '^src/serve/'),
    only('client-imports-core', '^src/client/', '^src/(client|core)/'),
    only('ui-imports-client-core', '^src/ui/', '^src/(ui|client|core|workers)/'),
    only('app-imports-faces', '^src/app/', '^src/(app|ui|client|server|core|sim)/'),
    only('sim-imports-client-core', '^src/sim/', '^src/(sim|client|core)/'),
    only('workers-import-core', '^src/workers/', '^src/(workers|core)/'),
    only('cli-imports-core', '^src/cli/', '^src/(cli|core)/'),
    {
      name: 'look-knows-no-client',
      severity: 'error',
      from: { path: '^src/ui/look/' },
      to: { path: '^src/client/' },
    },
    {
      name: 'later-stages-read-earlier-ones',
      comment: 'job, geometry, coverage, trace, caution, scope, takeoff, cut, price, bid: never the reverse',
      severity: 'error',
      from: {
        path: '^src/core/(job|geometry|coverage|trace|caution|scope|takeoff|cut|price)/',
        pathNot: '\\.test\\.ts$',
      },
      to: { path: '^src/core/(bid|ballpark)/' },
    },
    {
      name: 'trace-reads-no-later-stage',
      severity: 'error',
      from: { path: '^src/core/(job|geometry|coverage|trace)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/(scope|takeoff|cut|price|bid|house)/' },
    },
    {
      name: 'scope-reads-no-later-stage',
      severity: 'error',
      from: { path: '^src/core/(caution|scope)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/(takeoff|cut|price|bid|ballpark)/' },
    },
    { name: 'no-circles', severity: 'error', from: { path: '^src/' }, to: { circular: true } },
    {
      name: 'nothing-imports-bench',
      severity: 'error',
      from: { path: '^(src|tests|demo|scripts)/' },
      to: { path: '^bench/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mjs', '.js'] },
  },
}
