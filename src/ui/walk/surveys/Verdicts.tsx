import type { PlaceVerdict } from '../../../core/survey/read'
import type { VerdictId } from '../../../core/survey/verdict'
import { Panel } from '../../look'

export const VERDICT_WORDS: Readonly<Record<VerdictId, string>> = {
  settlement: 'going down',
  lateral: 'pushed in',
  both: 'going down and pushed in',
  heave: 'lifted',
  thrust: 'pushed out by the roof',
  rust: 'lifted by rust',
  rotation: 'tilted as one body',
  'as-built': 'as it was built',
  inconclusive: 'not to be said yet',
}

/** What the surveys of one wall or one floor say together, why, and what to read next. */
export function Verdicts({ verdicts }: { verdicts: readonly PlaceVerdict[] }) {
  if (verdicts.length === 0) return null
  return (
    <div className="pt-4">
      <Panel title="What it does">
        <ul>
          {verdicts.map((each) => (
            <li key={each.where} className="border-b border-rule py-1.5">
              <p className="text-[15px]">
                <span className="font-head font-semibold">{each.where}:</span>{' '}
                {VERDICT_WORDS[each.verdict.id]}
              </p>
              {each.verdict.reasons.length > 0 ? (
                <p className="text-[13px] text-quiet">{each.verdict.reasons.join('; ')}.</p>
              ) : null}
              {each.verdict.nextReading ? (
                <p className="text-[13px] text-chalk-text">Next: {each.verdict.nextReading}</p>
              ) : null}
            </li>
          ))}
        </ul>
        <p className="pt-1 text-[13px] text-quiet">
          A shape and its reasons. What it needs is the engineer’s.
        </p>
      </Panel>
    </div>
  )
}
