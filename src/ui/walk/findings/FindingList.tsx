'use client'

import { partName } from '../../../core/catalogue'
import { GroupHead, Hidden, ListTools } from '../../lists/ListTools'
import { FINDING_FILTERS, FINDING_ORDERS, orderFindings, type FindingGroup } from '../../lists/orderFindings'
import { useListView } from '../../lists/useListView'
import { memo, useMemo, useState } from 'react'
import { whereOf } from '../../../core/caution'
import { gradeOf, type Finding } from '../../../core/job'
import { findingNumber } from '../../../core/house'
import { outsideScope } from '../../../core/scope/scopeLine'
import { Awl, Button, Panel } from '../../look'
import { useJob } from '../../state/useJob'
import { useIsPhone } from '../../state/useIsPhone'
import { PhotoAndWord } from './PhotoAndWord'

/** Every finding in the order asked for; on a phone those of the side in view, the last one first, and how many are elsewhere. */
export function FindingList() {
  const { derived, chosen, choose, draft, near } = useJob()
  const isPhone = useIsPhone()
  const [showsAll, setShowsAll] = useState(false)
  const { job } = derived
  // Worked out once for a job as reckoned: choosing and typing change none of it.
  const rows = useMemo(
    () =>
      job.findings.map((finding) => ({
        finding,
        number: findingNumber(finding, job),
        where: whereOf(finding, job),
        isOutside: outsideScope(finding, job) !== null,
      })),
    [job],
  )
  const [order, setOrder] = useListView('walk.order', FINDING_ORDERS, 'found')
  const [filter, setFilter] = useListView('walk.filter', FINDING_FILTERS, 'all')
  const ordered = useMemo(() => orderFindings(derived, { order, filter }), [derived, order, filter])
  const side = near.side
  const here = rows.filter(({ finding: { place } }) => place.kind === 'side' && place.side_id === side?.id)
  const narrows = isPhone && side !== null && !showsAll && job.sides.length > 1
  const groups: readonly FindingGroup[] = isPhone
    ? [{ id: 'all', name: null, findings: (narrows ? here : rows).map((row) => row.finding).toReversed() }]
    : ordered.groups
  const byId = useMemo(() => new Map(rows.map((row) => [row.finding.id, row])), [rows])
  const hidden = rows.length - here.length
  return (
    <Panel
      title={narrows ? `Findings, ${side.letter} ${side.facing}` : 'Findings'}
      aside={
        <Button look="quiet" onClick={() => draft({ kind: 'none' })}>
          Add by form
        </Button>
      }
    >
      {isPhone ? null : <PhotoAndWord />}
      {isPhone && side !== null && job.sides.length > 1 && hidden > 0 ? (
        <Button look="quiet" aria-pressed={showsAll} onClick={() => setShowsAll(!showsAll)}>
          {showsAll
            ? `only ${side.letter} ${side.facing}`
            : `${here.length} here, ${hidden} elsewhere: show all`}
        </Button>
      ) : null}
      {job.findings.length === 0 ? (
        <p className="py-3 text-quiet">
          Nothing found yet. Begin with a photo and a word; the house can wait. With sides set up, tap a wall
          where it is soft.
        </p>
      ) : null}
      {!isPhone && job.findings.length > 1 ? (
        <>
          <ListTools
            of="findings"
            orders={FINDING_ORDERS}
            order={[order, setOrder]}
            filters={FINDING_FILTERS}
            filter={[filter, setFilter]}
          />
          <Hidden {...ordered} only={FINDING_FILTERS[filter]} onAll={() => setFilter('all')} />
        </>
      ) : null}
      {groups.map((group) => (
        <section key={group.id} aria-label={group.name ?? 'All findings'}>
          {group.name === null ? null : <GroupHead name={group.name} count={group.findings.length} />}
          <ul>
            {group.findings.map(({ id }) => {
              const row = byId.get(id)!
              return <FindingRow key={id} {...row} isActive={chosen.includes(id)} choose={choose} />
            })}
          </ul>
        </section>
      ))}
    </Panel>
  )
}

type RowProps = {
  readonly finding: Finding
  readonly number: string
  readonly where: string
  readonly isOutside: boolean
  readonly isActive: boolean
  readonly choose: (ids: readonly string[]) => void
}

/** One finding; drawn again only when something of it changed. */
const FindingRow = memo(function FindingRow({
  finding,
  number,
  where,
  isOutside,
  isActive,
  choose,
}: RowProps) {
  const grade = gradeOf(finding)
  return (
    <li className="border-b border-rule [contain-intrinsic-size:auto_41px] [content-visibility:auto]">
      <button
        type="button"
        aria-current={isActive ? 'true' : undefined}
        onClick={() => choose([finding.id])}
        className={`flex min-h-10 w-full items-center gap-2.5 px-1.5 py-0.5 text-left leading-tight touch:min-h-12 ${isActive ? 'bg-paper' : 'hover:bg-paper'}`}
      >
        <span className="w-7 shrink-0 font-head text-[15px] font-semibold text-crayon-text">{number}</span>
        <span className="min-w-0 grow">
          <span className="block truncate">
            {finding.component ? partName(finding.component) : finding.words || 'no word yet'}
            {finding.suspected ? ', suspected' : ''}
            {isOutside ? ', outside the line' : ''}
          </span>
          <span className="block truncate text-[13px] text-quiet">{where}</span>
        </span>
        <Awl grade={grade} word={false} />
        <span className="sr-only">{grade === null ? 'not touched' : `grade ${grade}`}</span>
      </button>
    </li>
  )
})
