'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { tellSource } from '../../core/bid'
import { FEATURE_WORDS } from '../../core/job'
import { formatCents } from '../../core/measure'
import { decisionOn, itemForFix } from '../../core/scope'
import { causeOf, unprobedLike, type Source } from '../../core/trace'
import { Button, Panel, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'
import { useStateCause } from './useStateCause'
import { causeName, numberOf, reasonWords } from './words'
import { whenShown } from '../state/whenShown'

const WeightsDialog = whenShown(() => import('./WeightsDialog').then((file) => file.WeightsDialog))

/** One source: reasons for and against, what it follows from, the second best, what if only the rot is repaired, and the fix. */
export function SourcePanel({ source, know }: { source: Source; know: () => void }) {
  const { derived } = useJob()
  const { job, chains } = derived
  const [weights, setWeights] = useState(false)
  const state = useStateCause()
  const cause = causeOf(source.cause)
  const chain = source.letter ? (chains[source.letter] ?? []) : []
  return (
    <Panel
      title={`${source.letter ? `${source.letter}  ` : ''}${cause.name}`}
      aside={source.repeated ? 'one habit, many places' : source.seat_words}
    >
      <Reasons source={source} />
      {chain.map((each) => (
        <p key={each.first} className="py-1">
          <b>First link:</b> {causeName(each.first)}
          {each.letter ? ` (source ${each.letter})` : ', by the signs noted here'}. Without that fix this
          comes back; it needs its own repair as well.
        </p>
      ))}
      {source.also_ids.length > 0 ? (
        <p className="py-1">
          It reaches {source.also_ids.map((id) => numberOf(id, job)).join(', ')} as well, beside another
          source.
        </p>
      ) : null}
      <LookAlikes source={source} />
      <SecondBest source={source} />
      <h3 className="mt-2 text-[15px]">If only the rot is repaired</h3>
      <p>{cause.ifOnlyEffect} Our judgement.</p>
      {cause.fix ? <Fix source={source} /> : null}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        {source.certainty === 'stated' ? null : (
          <Button onClick={() => state(source.cause, source.finding_ids)}>That is it</Button>
        )}
        <Button onClick={know}>I know the cause…</Button>
        <Button look="quiet" onClick={() => setWeights(true)}>
          Weights…
        </Button>
        <a
          className="inline-flex min-h-9 items-center text-chalk-text underline touch:min-h-11"
          href={`/handbook/causes#${source.cause}`}
          target="_blank"
          rel="noreferrer"
        >
          In the handbook
        </a>
      </div>
      {weights ? (
        <WeightsDialog key={source.cause} source={source} open onClose={() => setWeights(false)} />
      ) : null}
      <details className="mt-2">
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          In plain words, for the owner
        </summary>
        <p className="border-l border-rule py-1 pl-3">{tellSource(source, chain, job)}</p>
      </details>
    </Panel>
  )
}

function Reasons({ source }: { source: Source }) {
  const { derived, store } = useJob()
  const { job } = derived
  const opposing = source.reasons.filter((reason) => reason.counted < 1)
  const stated = job.judgements.filter((each) =>
    each.finding_ids.some((id) => source.finding_ids.includes(id)),
  )
  const speaking = source.reasons.filter((reason) => reason.counted > 1)
  const bySign = new Map<string, { words: string; numbers: string[] }>()
  for (const reason of speaking) {
    const words = reasonWords(reason)
    const held = bySign.get(words) ?? { words, numbers: [] }
    held.numbers.push(numberOf(reason.finding_id, job))
    bySign.set(words, held)
  }
  return (
    <dl className="grid grid-cols-[64px_1fr] gap-y-1.5 py-2.5">
      {[...bySign.values()].map(({ words, numbers }) => (
        <Why key={words} side="for" words={`${words} (${[...new Set(numbers)].join(', ')})`} />
      ))}
      {opposing.map((reason) => (
        <Why
          key={`${reason.sign}-${reason.finding_id}`}
          side="against"
          words={`${reasonWords(reason)} (${numberOf(reason.finding_id, job)})`}
        />
      ))}
      {stated.map((judgement) => (
        <div key={judgement.id} className="contents">
          <Why side="said" words={`${judgement.by}: ${judgement.reason || 'no reason given'}`} />
          <dd className="col-start-2">
            <Button look="quiet" onClick={() => store.set('judgement', judgement.id, { removed: true })}>
              Take this word back
            </Button>
          </dd>
        </div>
      ))}
    </dl>
  )
}

function Why({ side, words }: { side: 'for' | 'against' | 'said'; words: string }) {
  return (
    <>
      <dt className="font-head text-[14px] text-quiet">{side}</dt>
      <dd>{words}</dd>
    </>
  )
}

/** A habit is likely at the others too: those nobody looked at, each to be opened in Walk with a tap. */
function LookAlikes({ source }: { source: Source }) {
  const { derived } = useJob()
  const like = unprobedLike(source, derived.job)
  if (like.length === 0) return null
  const names = like.map((each) => {
    const letter = derived.job.sides.find((side) => side.id === each.side_id)?.letter ?? ''
    return `${FEATURE_WORDS[each.kind]} ${letter}${each.number}`
  })
  return (
    <p className="py-1">
      <b>Not probed yet, and alike:</b> {names.join(', ')}. Suspect them until somebody looks.
    </p>
  )
}

/** The next best explanation beside the first, with the odds between them on demand. */
function SecondBest({ source }: { source: Source }) {
  const { runnerUp } = source
  if (!runnerUp || source.certainty === 'stated') return null
  const others = runnerUp.causes.map(causeName).join(', ')
  return (
    <div className="grid grid-cols-2 gap-x-3 border-y border-rule py-1.5">
      <div>
        <h3 className="text-[14px] text-quiet">What stands</h3>
        <p>{causeName(source.cause)}</p>
      </div>
      <div>
        <h3 className="text-[14px] text-quiet">Second best</h3>
        <p>{others}</p>
      </div>
      <details className="col-span-2">
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          Figures (our judgement)
        </summary>
        <p>
          {runnerUp.odds > 99 ? 'more than 99' : runnerUp.odds.toFixed(1)} to 1 for the first; chance that
          this source is there, by our reckoning: {(source.probability * 100).toFixed(0)} %.
        </p>
      </details>
    </div>
  )
}

/** What the fix would be on this bid, before it is taken. */
function FixPrice({ letter }: { letter: string }) {
  const { derived } = useJob()
  const prices = useCompare(derived, { kind: 'fixes' })
  const mine = prices?.find((each) => each.letter === letter)
  if (!mine) return null
  return (
    <p className="text-[14px]">
      {mine.cents !== null
        ? `On this bid it is ${formatCents(mine.cents)}, ${mine.hours.toFixed(1)} h of work.`
        : (mine.lacks[0] ?? '')}
    </p>
  )
}

/** The owner takes the source fix or declines it; taking it puts our method into Scope. */
function Fix({ source }: { source: Source }) {
  const { derived, store, view } = useJob()
  const { job, scope } = derived
  const [declining, setDeclining] = useState(false)
  const [reason, setReason] = useState('')
  const { fix } = causeOf(source.cause)
  if (!fix) return null
  const standing = source.letter === null ? 'open' : (scope.fixes[source.letter] ?? 'open')
  const fixed = standing === 'fixed'
  const decision = decisionOn(source, job)
  function decide(what: 'accepted' | 'declined', why: string): void {
    store.create('source_decision', {
      id: newId(),
      removed: false,
      cause: source.cause,
      finding_ids: [...source.finding_ids],
      decision: what,
      by: view.member.name,
      reason: why,
    })
    const repair =
      what === 'accepted' && standing !== 'fixed' && standing !== 'named'
        ? itemForFix(source, job, newId())
        : null
    if (repair) store.create('work_item', repair)
  }
  return (
    <>
      <h3 className="mt-2 text-[15px]">Source fix</h3>
      <p>
        {fix.words}.{' '}
        {fixed
          ? 'It is in the scope.'
          : standing === 'named'
            ? 'It is named in the scope, and not in the price yet: see it there.'
            : decision?.decision === 'declined'
              ? `Declined by ${decision.by}${decision.reason ? `: ${decision.reason}` : ''}. The warranty there is limited to the workmanship.`
              : decision?.decision === 'accepted'
                ? 'Taken, and nothing in the scope does it: take it again.'
                : ''}
      </p>
      {source.letter && !fixed && standing !== 'named' ? <FixPrice letter={source.letter} /> : null}
      {source.letter && !fixed ? (
        <div className="flex flex-wrap gap-2">
          {decision?.decision !== 'accepted' || standing === 'taken' ? (
            <Button onClick={() => decide('accepted', '')}>Take the fix</Button>
          ) : null}
          {decision?.decision !== 'declined' ? (
            <Button look="quiet" onClick={() => setDeclining(true)}>
              Owner declines it…
            </Button>
          ) : null}
        </div>
      ) : null}
      <Dialog open={declining} onClose={() => setDeclining(false)} title="Owner declines the source fix">
        <div className="flex flex-col gap-3">
          <p>{causeOf(source.cause).ifOnlyEffect} The bid says so, and limits the warranty there.</p>
          <TextField label="Why, in the owner’s words" value={reason} onChange={setReason} />
          <div className="flex justify-end gap-2">
            <Button onClick={() => setDeclining(false)}>Leave it</Button>
            <Button
              look="main"
              onClick={() => {
                decide('declined', reason)
                setDeclining(false)
              }}
            >
              Declined
            </Button>
          </div>
        </div>
      </Dialog>
    </>
  )
}
