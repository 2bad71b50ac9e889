import { isSureEnough, type Source } from '../trace'
import type { Stages } from './stages'

/** Sources a bid names: those that are sure enough, and those whose fix somebody decided on. */
export function saidSources({ trace, scope }: Pick<Stages, 'trace' | 'scope'>): Source[] {
  return trace.sources.filter(
    ({ letter, certainty }) =>
      letter !== null && (isSureEnough(certainty) || (scope.fixes[letter] ?? 'open') !== 'open'),
  )
}
