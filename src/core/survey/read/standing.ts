import type { SurveyRead } from './surveyRead'

const overlaps = (a: SurveyRead['at'], b: SurveyRead['at']): boolean =>
  a.kind !== 'side' || b.kind !== 'side' || (a.from_ft <= b.to_ft && b.from_ft <= a.to_ft)

/** One that was only begun says nothing, and stands for nothing. */
export const isBegun = (read: SurveyRead): boolean => read.computed.length > 0 || read.measures.length > 0

/**
 * The surveys that stand: a later one of a kind stands for the earlier ones of the same wall, floor, deck or space. Two stretches of one
 * wall are two places, and every crack is one of its own.
 *
 * @returns by day, the earliest first
 */
export function standing(reads: readonly SurveyRead[]): SurveyRead[] {
  const byDay = [...reads].sort((a, b) => (a.day < b.day ? -1 : 1))
  return byDay.filter(
    (read, index) =>
      read.kind === 'crack' ||
      !byDay
        .slice(index + 1)
        .some(
          (later) =>
            later.kind === read.kind &&
            later.where === read.where &&
            isBegun(later) &&
            overlaps(later.at, read.at),
        ),
  )
}
