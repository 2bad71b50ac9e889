import { findingNumber } from '../house'
import type { JobDocument } from '../job'
import { causeOf, type Chain, type Source } from '../trace'

function listed(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)!}`
}

/**
 * One source in plain words for the owner: what was found is *consistent with* a cause, never *caused by* it; how sure, who judged, what
 * the fix is, and what happens without it.
 */
export function tellSource(source: Source, chain: readonly Chain[], job: JobDocument): string {
  const cause = causeOf(source.cause)
  const numbers = job.findings
    .filter((finding) => source.finding_ids.includes(finding.id))
    .map((finding) => findingNumber(finding, job))
  const what = numbers.length === 1 ? `Finding ${numbers[0]!} is` : `Findings ${listed(numbers)} are`
  const sure =
    source.certainty === 'stated'
      ? `in the judgement of ${source.by ?? 'the estimator'}`
      : source.certainty === 'shown'
        ? 'as a test or an opening showed'
        : `${source.certainty} in our judgement`
  const name = `${cause.name[0]!.toLowerCase()}${cause.name.slice(1)}`
  if (source.letter === null) return `${what} consistent with ${name}, ${sure}. ${cause.ifOnlyEffect}`
  const where = source.repeated
    ? `, the same way at each place (${source.seat_words})`
    : ` (${source.seat_words})`
  const first = chain[0]
  const before = first
    ? ` It comes of ${causeOf(first.first).name.toLowerCase()}: without that fix it comes back.`
    : ''
  const fix = cause.fix
    ? ` The fix at the source: ${cause.fix.words[0]!.toLowerCase()}${cause.fix.words.slice(1)}.`
    : ''
  return `${what} consistent with ${name}${where}, ${sure}. ${cause.mechanism}${before}${fix} If only the damage is repaired: ${cause.ifOnlyEffect[0]!.toLowerCase()}${cause.ifOnlyEffect.slice(1)}`
}
