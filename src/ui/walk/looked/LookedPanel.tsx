'use client'

import { partName } from '../../../core/catalogue'
import { useState } from 'react'
import {
  areaWords,
  PERMISSION_LEVELS,
  PERMISSION_WORDS,
  type AreaCoverage,
  type LookState,
  type NotLookedReason,
} from '../../../core/coverage'
import { HOW_KNOWN, WAYS_TO_LOOK, type AreaId } from '../../../core/job'
import { formatCents } from '../../../core/measure'
import { FigureTree } from '../../price/FigureTree'
import { Button, Notice, Panel, SelectField, TextField, PANES } from '../../look'
import { useJob } from '../../state/useJob'
import { CoveragePanel, LookChoices } from './CoveragePanel'
import { freshFinding } from '../findings/fresh'
import { sameSpot } from '../../../core/walk'
import { SightLinePanel } from './SightLinePanel'

/** The walk as a route with what is recorded at each stop, the areas that are no walls, permission, and everything held. */
export function LookedPanel() {
  const { derived, sideId } = useJob()
  const side = derived.job.sides.find((each) => each.id === sideId) ?? derived.job.sides[0] ?? null
  return (
    <div className={`grid grid-cols-[260px_minmax(0,1fr)_minmax(0,1.2fr)] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <RoutePanel />
      <div className="flex flex-col gap-4">
        {side ? <CoveragePanel side={side} /> : null}
        {side ? <SightLinePanel side={side} /> : null}
        <AreasPanel />
      </div>
      <div className="flex flex-col gap-4">
        <HoldsPanel />
        <PermissionPanel />
      </div>
    </div>
  )
}

function RoutePanel() {
  const { derived, chooseSide } = useJob()
  const { route } = derived
  const next = route.find((stop) => stop.done < stop.of)
  return (
    <Panel title="The way round">
      <ol>
        {route.map((stop) => {
          const row = (
            <>
              <span
                aria-hidden
                className={`size-3 shrink-0 border ${stop.done >= stop.of ? 'border-moss bg-moss' : stop.done > 0 ? 'border-ink bg-tape' : 'border-quiet'}`}
              />
              <span className="grow text-left">
                {stop.name}
                {stop.first ? <span className="block text-[13px] text-pencil-text">{stop.first}</span> : null}
              </span>
              <span className="shrink-0 text-[13px] whitespace-nowrap text-quiet">
                {stop.id === next?.id ? 'next' : `${stop.done} of ${stop.of}`}
              </span>
            </>
          )
          const look = `flex min-h-9 w-full items-center gap-2 px-1 font-head text-[15px] touch:min-h-12 ${stop.id === next?.id ? 'bg-paper font-semibold' : ''}`
          return (
            <li key={stop.id} className="border-b border-rule">
              {stop.side_id ? (
                <button type="button" className={look} onClick={() => chooseSide(stop.side_id!)}>
                  {row}
                </button>
              ) : (
                <div className={look}>{row}</div>
              )}
            </li>
          )
        })}
      </ol>
    </Panel>
  )
}

const BELOW_FIRST: ReadonlySet<AreaId> = new Set<AreaId>(['deck', 'rooms'])

function valueOf(state: LookState): string {
  return state.kind === 'looked' ? state.how : state.kind === 'not-looked' ? state.reason : ''
}

function AreasPanel() {
  const { derived, store } = useJob()
  const [room, setRoom] = useState('')
  function record(area: AreaCoverage, value: string, from_below_first: boolean | null): void {
    const how = HOW_KNOWN.find((each) => each === value)
    store.addFact({
      kind: 'area-look',
      area: area.area,
      name: area.name,
      looked: how ? { yes: true, how } : { yes: false, reason: value as NotLookedReason },
      from_below_first,
    })
  }
  return (
    <Panel title="Besides the walls">
      {derived.coverage.areas.map((area) => {
        const name = areaWords(area)
        const asks = BELOW_FIRST.has(area.area)
        return (
          <div key={`${area.area}:${area.name}`} className="border-b border-rule">
            <LookChoices
              label={name}
              state={area.state}
              onChoose={(value) => record(area, value, area.from_below_first)}
            />
            {asks && area.state.kind === 'looked' ? (
              <label className="flex min-h-8 items-center gap-2 pl-5 text-[14px] touch:min-h-11">
                <input
                  type="checkbox"
                  className="size-5 accent-spruce"
                  checked={area.from_below_first === true}
                  onChange={(event) => record(area, valueOf(area.state), event.target.checked)}
                />
                looked at from below first
              </label>
            ) : null}
          </div>
        )
      })}
      <form
        className="flex items-end gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (room.trim() === '') return
          store.addFact({
            kind: 'area-look',
            area: 'rooms',
            name: room.trim(),
            looked: { yes: true, how: 'seen-close' },
            from_below_first: null,
          })
          setRoom('')
        }}
      >
        <div className="grow">
          <TextField label="A room by name" value={room} onChange={setRoom} />
        </div>
        <Button type="submit">Seen</Button>
      </form>
    </Panel>
  )
}

const FROM_WORDS = { noted: 'noted', unseen: 'not seen', suspected: 'suspected' } as const

/** Everything to look at yet, with a way and a price to look. */
function HoldsPanel() {
  const { derived, store, view } = useJob()
  const { coverage, looks, job } = derived
  const priced = looks.kind === 'priced' ? looks : null
  return (
    <Panel
      title={`To look at yet: ${coverage.holds.length}`}
      aside={
        priced && priced.lines.length > 0 ? <span>all of it {formatCents(priced.total_cents)}</span> : null
      }
    >
      {coverage.holds.length === 0 ? (
        <p className="py-2 text-quiet">
          Nothing is held. A zone you cannot see, or a part suspected from its look-alikes, comes here by
          itself with a price to look.
        </p>
      ) : null}
      {(
        priced?.lines ??
        [...new Set(coverage.holds.map((hold) => hold.way))].map((way) => ({
          way,
          holds: coverage.holds.filter((hold) => hold.way === way),
          sell_cents: null,
          figure: null,
        }))
      ).map((line) => (
        <section key={line.way} aria-label={WAYS_TO_LOOK[line.way]} className="border-b border-rule py-1.5">
          <div className="flex items-baseline justify-between gap-3">
            <h3 className="text-[15px]">
              <span
                aria-hidden
                className="mr-1.5 inline-block size-2.5 rotate-45 border border-ink bg-pencil"
              />
              {WAYS_TO_LOOK[line.way]}
            </h3>
            {line.sell_cents === null ? null : (
              <span className="font-head font-semibold">{formatCents(line.sell_cents)}</span>
            )}
          </div>
          <ul className="text-[14px]">
            {line.holds.map((hold) => (
              <li key={hold.id} className="flex items-center gap-2 pl-4">
                <span className="grow">{hold.why}</span>
                <span className="text-[13px] text-quiet">{FROM_WORDS[hold.from]}</span>
              </li>
            ))}
          </ul>
          {line.figure ? (
            <details className="pl-4">
              <summary className="font-head text-[13px] text-chalk-text underline touch:min-h-11 touch:py-3">
                arithmetic
              </summary>
              <FigureTree figure={line.figure} />
            </details>
          ) : null}
        </section>
      ))}
      {priced && priced.missing.length > 0 ? (
        <div className="pt-2">
          <Notice tone="waiting">
            No rate for {priced.missing.join(', ')}: add it to the rates, or say the hire at cost.
          </Notice>
        </div>
      ) : null}
      {coverage.alikes.length > 0 ? (
        <div className="pt-2">
          <p className="text-[14px]">
            {coverage.alikes.length} part{coverage.alikes.length === 1 ? ' is' : 's are'} like others that
            were soft when touched:{' '}
            {[...new Set(coverage.alikes.map((alike) => partName(alike.component)))].join(', ')}. They count
            as suspected.
          </p>
          <Button
            onClick={() => {
              for (const alike of coverage.alikes) {
                const like = job.findings.find((each) => each.id === alike.like[0])
                const to = job.features.find((each) => each.id === alike.feature_id)
                if (!like || !to) continue
                const { place } = like
                const from =
                  place.kind === 'side'
                    ? (job.features.find((each) => each.id === place.feature_id) ?? null)
                    : null
                store.create('finding', {
                  ...freshFinding({ place: sameSpot(like, from, to, job), by: view.member.name }),
                  component: alike.component,
                  suspected: true,
                  how_known: 'from-ground',
                })
              }
            }}
          >
            Write them down as suspected
          </Button>
        </div>
      ) : null}
    </Panel>
  )
}

/** Three levels, each with who gave it. Opening needs the third, and only the owner or their agent gives it. */
function PermissionPanel() {
  const { derived, store, job } = useJob()
  const { permission, notPermitted } = derived.coverage
  const people = job.people.filter((person) => person.roles.includes('may-permit') && person.name)
  const [level, setLevel] = useState('look-and-touch')
  const [given_by, setGivenBy] = useState(people[0]?.name ?? '')
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <Panel title="Permission">
      <p className="py-1.5 text-[14px]">
        {permission
          ? `Noted: ${PERMISSION_WORDS[permission.level]}, from ${permission.given_by} on ${permission.at.slice(0, 10)}.`
          : 'None noted yet. Opening needs the owner or their agent.'}
      </p>
      {notPermitted.length > 0 ? (
        <Notice tone="waiting">Opened without a permission noted: {notPermitted.join(', ')}.</Notice>
      ) : null}
      <form
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2 pt-1"
        onSubmit={(event) => {
          event.preventDefault()
          if (given_by.trim() === '') return setWrong('Say who gave it.')
          setWrong(
            store.addFact({
              kind: 'permission',
              level: PERMISSION_LEVELS.find((each) => each === level) ?? 'look-and-touch',
              given_by: given_by.trim(),
            }),
          )
        }}
      >
        <SelectField
          label="For"
          value={level}
          onChange={setLevel}
          choices={PERMISSION_LEVELS.map((value) => ({ value, label: PERMISSION_WORDS[value] }))}
        />
        <TextField label="Given by" value={given_by} onChange={setGivenBy} error={wrong} />
        <Button type="submit">Note it</Button>
      </form>
    </Panel>
  )
}
