'use client'

import { NOT_LOOKED_WORDS } from '../../core/coverage'
import { HOW_KNOWN, ZONES, type Fact, type HowKnown, type Side } from '../../core/job'
import { useJob } from '../state/useJob'

const LOOKS: readonly { how: HowKnown; words: string }[] = [
  { how: 'touched', words: 'touched' },
  { how: 'seen-close', words: 'seen close' },
  { how: 'from-ground', words: 'from the ground' },
  { how: 'opened', words: 'opened' },
  { how: 'instrument', words: 'metered' },
]

/** What was looked at on one side, zone by zone; what nobody recorded is never taken as looked at. */
export function CoveragePanel({ side }: { side: Side }) {
  const { derived, store } = useJob()
  const zones = derived.coverage.zones.filter((each) => each.side_id === side.id)
  function record(zone: (typeof zones)[number]['zone'], value: string): void {
    const how = HOW_KNOWN.find((each) => each === value)
    const fact: Pick<Extract<Fact, { kind: 'coverage' }>, 'looked'> = how
      ? { looked: { yes: true, how } }
      : { looked: { yes: false, reason: value as keyof typeof NOT_LOOKED_WORDS } }
    store.addFact({ kind: 'coverage', side_id: side.id, zone, stood: null, ...fact })
  }
  return (
    <section aria-label={`Looked at on side ${side.letter}`}>
      <h3 className="border-b border-ink pb-0.5 text-[15px]">Looked at, side {side.letter}</h3>
      {zones.map(({ zone, state }) => {
        const value = state.kind === 'looked' ? state.how : state.kind === 'not-looked' ? state.reason : ''
        const mark =
          state.kind === 'looked'
            ? 'bg-moss border-moss'
            : state.kind === 'not-looked'
              ? 'bg-pencil border-ink'
              : 'border-quiet'
        return (
          <label key={zone} className="flex min-h-8 items-center gap-2 border-b border-rule touch:min-h-11">
            <span aria-hidden className={`size-3 border ${mark}`} />
            <span className="grow font-head text-[15px]">{ZONES[zone]}</span>
            <select
              value={value}
              onChange={(event) => record(zone, event.target.value)}
              className="max-w-44 rounded-(--radius) bg-transparent text-right text-[14px] text-quiet"
            >
              <option value="" disabled>
                no look recorded
              </option>
              <optgroup label="Looked at">
                {LOOKS.map((look) => (
                  <option key={look.how} value={look.how}>
                    {look.words}
                  </option>
                ))}
              </optgroup>
              <optgroup label="Not looked at">
                {Object.entries(NOT_LOOKED_WORDS).map(([reason, words]) => (
                  <option key={reason} value={reason}>
                    {words}
                  </option>
                ))}
              </optgroup>
            </select>
          </label>
        )
      })}
    </section>
  )
}
