'use client'

import { useState } from 'react'
import { whereOf } from '../../core/caution'
import { WAYS_TO_LOOK, type WayToLook } from '../../core/job'
import { formatCents, type Cents } from '../../core/measure'
import type { NextCheck } from '../../core/nextCheck'
import { priceOfLook } from '../../core/price/priceLooks'
import { CHECKS, signOf } from '../../core/trace'
import { Button, Panel } from '../look'
import { useJob } from '../state/useJob'
import { PermissionToOpen } from '../walk/looked/CoveragePanel'
import { causeName, numberOf } from './words'

const PERMITS = {
  look: 'Looking is enough',
  probe: 'Needs probing',
  open: 'Needs the owner’s word to open',
  trade: 'Needs a licensed trade',
} as const

/** What to look at next: what may change the bid most for the time it takes. An answer counts at once. */
export function ChecksPanel() {
  const { checks } = useJob()
  return (
    <Panel title="Check next" aside="most change of the bid a minute first">
      <FirstLooks />
      {checks === null ? <p className="py-3 text-quiet">Reckoning…</p> : null}
      {checks?.length === 0 ? (
        <p className="py-3 text-quiet">
          No check would change much: what is found is sure enough, or somebody stated it.
        </p>
      ) : null}
      <ol>
        {checks?.map((each) => (
          <CheckRow key={`${each.check}-${each.sign}-${each.finding_id}`} check={each} />
        ))}
      </ol>
    </Panel>
  )
}

/** What the trade looks at first, for what was seen: plain words and the findings they are for. */
function FirstLooks() {
  const { derived, choose } = useJob()
  const { firstLooks, job } = derived
  if (firstLooks.length === 0) return null
  return (
    <ul aria-label="Looks that come first" className="border-b border-rule">
      {firstLooks.map((each) => (
        <li key={each.id} className="py-1.5">
          {each.says} <LookPrice way={each.way} />
          <Button look="quiet" onClick={() => choose(each.finding_ids)}>
            {each.finding_ids.map((id) => numberOf(id, job)).join(', ')}
          </Button>
        </li>
      ))}
    </ul>
  )
}

/** What it costs to look so, where the office reads it. */
function LookPrice({ way }: { way: WayToLook }) {
  const { job } = useJob().derived
  const cents = priceOfLook(way, job.rates, job.settings)
  return cents === null ? null : (
    <span className="text-[13px] text-quiet" title={`to look ${WAYS_TO_LOOK[way]}`}>
      {formatCents(cents)} to look{' '}
    </span>
  )
}

/** What an answer would mean; where both mean the same cause, how sure it would be. */
function outcomeWords(check: NextCheck, answer: 'ifYes' | 'ifNo'): string {
  const { cause, certainty } = check[answer]
  const isSame = check.ifYes.cause === check.ifNo.cause && certainty !== null
  return `${causeName(cause)}${isSame ? ` (${certainty})` : ''}`
}

function CheckRow({ check }: { check: NextCheck }) {
  const { derived, store, choose } = useJob()
  const { job } = derived
  const [asking, setAsking] = useState<boolean | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const finding = job.findings.find((each) => each.id === check.finding_id)
  if (!finding) return null
  const known = CHECKS[check.check]
  const says = signOf(check.sign).says
  const number = numberOf(finding.id, job)

  function answer(present: boolean): void {
    setWrong(
      store.addFact({
        kind: 'test',
        about: { kind: 'finding', finding_id: check.finding_id },
        check: check.check,
        result: present ? says : `not so: ${says}`,
        sign: check.sign,
        present,
      }),
    )
  }
  const ask = (present: boolean): void => {
    if (check.permit === 'open' && !check.permitted) setAsking(present)
    else answer(present)
  }
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-baseline justify-between gap-2">
        <span className="font-semibold">{known.name}</span>
        <span className="shrink-0 font-head text-[14px]">
          {check.minutes} min{check.waits_days > 0 ? ` + ${check.waits_days} days` : ''}
        </span>
      </div>
      <p>
        Is it so: {says}?{' '}
        <button
          type="button"
          className="text-left text-chalk-text underline touch:min-h-11"
          onClick={() => choose([finding.id])}
        >
          finding {number}, {whereOf(finding, job)}
        </button>
      </p>
      <p className="text-[13px] text-quiet">
        Yes: {outcomeWords(check, 'ifYes')}. No: {outcomeWords(check, 'ifNo')}. {PERMITS[check.permit]}
        {check.permitted || check.permit === 'look' ? '' : check.permit === 'trade' ? '' : ' (not given yet)'}
        .
        {check.change_hours >= 0.05
          ? ` May change the bid by about ${check.change_cents === null ? `${check.change_hours.toFixed(1)} h` : formatCents((Math.round(check.change_cents / 100) * 100) as Cents)} (our judgement).`
          : ''}
      </p>
      <div className="mt-1 flex gap-2">
        <Button aria-label={`Yes: ${says}, finding ${number}`} onClick={() => ask(true)}>
          Yes
        </Button>
        <Button aria-label={`No: ${says}, finding ${number}`} onClick={() => ask(false)}>
          No
        </Button>
      </div>
      {wrong ? <p role="alert">{wrong}</p> : null}
      {asking === null ? null : (
        <PermissionToOpen
          onClose={() => setAsking(null)}
          onGiven={() => {
            answer(asking)
            setAsking(null)
          }}
        />
      )}
    </li>
  )
}
