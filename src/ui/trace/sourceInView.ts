import type { Source } from '../../core/trace'

/**
 * The source that is looked at, by the findings chosen. A finding may have two sources: the one that was picked goes before the chief
 * one.
 */
export function sourceInView(
  sources: readonly Source[],
  chosen: readonly string[],
  picked: string | null,
): Source | undefined {
  const about = sources.filter((each) => each.finding_ids.some((id) => chosen.includes(id)))
  return (
    about.find((each) => each.letter !== null && each.letter === picked) ??
    about.find((each) => !each.second) ??
    about[0]
  )
}
