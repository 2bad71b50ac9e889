'use client'

import { partName } from '../../../core/catalogue'
import { whereOf } from '../../../core/caution'
import { drawnLength } from '../../../core/geometry'
import { findingNumber } from '../../../core/house'
import {} from '../../../core/job'
import { formatLength } from '../../../core/measure'
import { limitWords, outsideScope, outsideWords, SCOPE_WORDS, scopeLineWords } from '../../../core/scope'
import { Button, Panel, SavedTextField } from '../../look'
import { useJob } from '../../state/useJob'

/** Where the work starts and stops: drawn on the strip, listed here, told as it will stand in the bid. */
export function ScopeLinePanel() {
  const { derived, job, store, walk } = useJob()
  const stretches = derived.job.scope_stretches
  const outside = derived.job.findings.flatMap((finding) => {
    const where = outsideScope(finding, derived.job)
    return where ? [{ finding, words: outsideWords(where) }] : []
  })
  const open = (id: string): void => {
    const stretch = stretches.find((each) => each.id === id)
    if (stretch) walk.setStretch({ id, side_id: stretch.side_id, from: stretch.from, to: stretch.to })
  }
  return (
    <div className="grid grid-cols-3 gap-6 max-lg:grid-cols-1">
      <Panel
        title="Stretches"
        aside={
          <Button
            look="quiet"
            aria-pressed={walk.drawsScope}
            onClick={() => walk.setDrawsScope(!walk.drawsScope)}
          >
            {walk.drawsScope ? 'Done drawing' : 'Draw on the strip'}
          </Button>
        }
      >
        <p className="py-2 text-[14px] text-quiet">
          {derived.job.sides.length === 0
            ? 'Set up a side first, or tell the line in words.'
            : walk.drawsScope
              ? 'Draw along a wall on the strip: it catches on corners, openings and studs. A tap takes the whole side.'
              : 'With a stretch of ours, only those are in. Without one every wall is, but for what is left out.'}
        </p>
        <ul>
          {stretches.map((stretch) => {
            const side = derived.job.sides.find((each) => each.id === stretch.side_id)
            return (
              <li key={stretch.id} className="border-b border-rule">
                <button
                  type="button"
                  className="flex min-h-10 w-full items-baseline gap-2 px-1 text-left hover:bg-paper touch:min-h-12"
                  onClick={() => open(stretch.id)}
                >
                  <span className="font-head text-[15px] font-semibold">
                    {side?.letter} {formatLength(stretch.from)} to {formatLength(stretch.to)}
                    {limitWords(stretch)}
                  </span>
                  <span className="grow truncate">
                    {SCOPE_WORDS[stretch.kind]}
                    {stretch.reason ? `: ${stretch.reason}` : ''}
                  </span>
                </button>
              </li>
            )
          })}
        </ul>
        <div className="flex flex-wrap gap-2 pt-2">
          {derived.job.sides.map((side) => (
            <Button
              key={side.id}
              onClick={() =>
                walk.setStretch({
                  id: null,
                  side_id: side.id,
                  from: 0 as never,
                  to: drawnLength(side, derived.job),
                })
              }
            >
              On {side.letter}
            </Button>
          ))}
        </div>
      </Panel>
      <Panel title="Outside the line">
        {outside.length === 0 ? (
          <p className="py-2 text-quiet">No finding lies outside it.</p>
        ) : (
          <ul>
            {outside.map(({ finding, words }) => (
              <li key={finding.id} className="border-b border-rule py-1.5">
                <span className="font-head font-semibold text-crayon-text">
                  {findingNumber(finding, derived.job)}
                </span>{' '}
                {finding.component ? partName(finding.component) : finding.words || 'no word yet'},{' '}
                {whereOf(finding, derived.job)}
                <span className="block text-[13px] text-quiet">{words}</span>
              </li>
            ))}
          </ul>
        )}
      </Panel>
      <Panel title="As the bid will say it">
        <div className="flex flex-col gap-3 pt-2">
          <SavedTextField
            lines={3}
            label="In your words, first"
            value={job.job.scope_line}
            onSave={(scope_line) => void store.set('job', 'job', { scope_line })}
          />
          <p className="border-y border-rule py-2">{scopeLineWords(derived.job) || 'Nothing said yet.'}</p>
        </div>
      </Panel>
    </div>
  )
}
