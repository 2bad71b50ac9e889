import type { ScopeItem } from './scopeJob'

/** Whether the work takes the surface off, so that what is behind it is seen. */
export const opensSurface = ({ row, spots }: ScopeItem): boolean =>
  row !== null &&
  row.sells &&
  row.does === 'mends' &&
  row.answers === 'findings' &&
  !row.hidesDecay &&
  row.rebuilds !== 'assembly' &&
  spots.some(({ standing }) => standing === 'ours')
