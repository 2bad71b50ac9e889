import { BID_SAYS } from '../catalogue/sentences/bid'
import type { JobDocument } from '../job'
import type { FixStanding } from '../scope'
import { causeOf } from '../trace'
import type { BidModel } from './bidModel'
import { numbersOf } from './numbersOf'
import { ownerTitle } from './ownerWords'
import { saidSources } from './saidSources'
import type { Stages } from './stages'

/** How the fix of a source stands, for whoever reads the bid. */
const FIX_WORDS: Readonly<Record<FixStanding, (fix: string) => string>> = {
  fixed: BID_SAYS.fixFixed,
  named: BID_SAYS.fixNamed,
  taken: BID_SAYS.fixTaken,
  declined: BID_SAYS.fixDeclined,
  open: BID_SAYS.fixOpen,
}

/** What is done about a source: the items of the bid that cure it, as they are called there. */
function doneBy(letter: string, { scope }: Stages): string {
  const names = scope.items
    .filter((item) => item.fixes.includes(letter) && item.spots.some(({ standing }) => standing === 'ours'))
    .map(ownerTitle)
    .map((name) => `${name[0]!.toLowerCase()}${name.slice(1)}`)
  return [...new Set(names)].join('; ') || 'handed over by whoever does it'
}

/** How sure that is, and who says so: found consistent with a cause, never caused by it. */
function sureWords({ certainty, by }: Stages['trace']['sources'][number]): string {
  if (certainty === 'stated') return BID_SAYS.sureStated(by ?? BID_SAYS.estimator)
  return certainty === 'shown' ? BID_SAYS.sureShown : BID_SAYS.sureTraced(certainty)
}

/** Sources with their fixes, and how each stands. */
export function sourcePairs(stages: Stages, job: JobDocument): BidModel['source_pairs'] {
  return saidSources(stages).flatMap((source) => {
    if (source.letter === null) return []
    const { name, fix } = causeOf(source.cause)
    const standing = stages.scope.fixes[source.letter] ?? 'open'
    return [
      {
        source: `${name}, ${source.seat_words}`,
        sure: sureWords(source),
        fix: fix?.words ?? 'none needed',
        findings: numbersOf(source.finding_ids, job).join(', '),
        fixed: standing === 'fixed',
        standing: FIX_WORDS[standing](
          standing === 'fixed' ? doneBy(source.letter, stages) : (fix?.words ?? 'none needed'),
        ),
      },
    ]
  })
}
