'use client'

import { useState } from 'react'
import type { Source } from '../../core/trace'
import { Button, CheckField, Panel, PANES } from '../look'
import { useJob } from '../state/useJob'
import { ChecksPanel } from './ChecksPanel'
import { GuardList } from './GuardList'
import { GuessedWords, GuessPanel } from './GuessPanel'
import { RankedPanel } from './RankedPanel'
import { SourceList } from './SourceList'
import { sourceInView } from './sourceInView'
import { SourcePanel } from './SourcePanel'
import { useGuess } from './useGuess'
import { whenShown } from '../state/whenShown'

const KnowCauseDialog = whenShown(() => import('./KnowCauseDialog').then((file) => file.KnowCauseDialog))

/** Sources behind the findings, why they are thought so, what to check next, and the word of whoever knows better. */
export function TraceTab() {
  const { derived, chosen, pickedSource: picked } = useJob()
  const { trace } = derived
  const [know, setKnow] = useState(false)
  const guess = useGuess()
  const source =
    sourceInView(trace.sources, chosen, picked) ?? (chosen.length === 0 ? trace.sources[0] : undefined)
  const finding =
    chosen.length === 1 ? trace.findings.find((each) => each.finding_id === chosen[0]) : undefined
  const about = chosen.length > 0 ? chosen : (source?.finding_ids ?? [])
  const isHidden = (of: Source): boolean => guess.on && !of.finding_ids.some((id) => guess.guesses[id])
  const hidden = guess.on && about.length > 0 && !about.some((id) => guess.guesses[id])
  return (
    <div
      className={`grid grid-cols-[minmax(0,5fr)_minmax(0,6fr)_minmax(0,5fr)] gap-6 max-lg:grid-cols-1 ${PANES}`}
    >
      <div>
        <SourceList active={source} hidden={isHidden} />
        <div className="pt-2">
          <CheckField
            label="Guess first: hide answers until I have made mine"
            checked={guess.on}
            onChange={guess.turn}
          />
        </div>
      </div>
      <div>
        {hidden ? (
          <GuessPanel key={about.join()} ids={about} guess={guess} />
        ) : source ? (
          <>
            <GuessedWords source={source} guess={guess} />
            <SourcePanel source={source} know={() => setKnow(true)} />
          </>
        ) : (
          <Panel title={finding ? 'Not explained yet' : 'Reasons'}>
            <p className="py-3 text-quiet">
              {finding ? 'No sign so far speaks for a cause here.' : 'Choose a source or a finding.'}
            </p>
            {finding ? <Button onClick={() => setKnow(true)}>I know the cause…</Button> : null}
          </Panel>
        )}
      </div>
      <div>
        <GuardList />
        {hidden ? null : <ChecksPanel />}
        {finding && !hidden ? (
          <div className="pt-4">
            <RankedPanel finding={finding} />
          </div>
        ) : null}
      </div>
      {know ? (
        <KnowCauseDialog key={about.join()} open onClose={() => setKnow(false)} findingIds={about} />
      ) : null}
    </div>
  )
}
