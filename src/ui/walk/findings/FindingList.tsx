'use client'

import { partName } from '../../../core/catalogue'
import { FindingGroups, OrderedFindings } from '../../lists/FindingGroups'
import { memo, useMemo, useState, type ReactNode } from 'react'
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
  const side = near.side
  const here = rows.filter(({ finding: { place } }) => place.kind === 'side' && place.side_id === side?.id)
  const narrows = isPhone && side !== null && !showsAll && job.sides.length > 1
  const lastFirst = (narrows ? here : rows).map(({ finding }) => finding).toReversed()
  const byId = useMemo(() => new Map(rows.map((row) => [row.finding.id, row])), [rows])
  const hidden = rows.length - here.length
  const row = ({ id }: Finding): ReactNode => (
    <FindingRow key={id} {...byId.get(id)!} isActive={chosen.includes(id)} choose={choose} />
  )
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
      {isPhone ? (
        <FindingGroups groups={[{ id: 'all', name: null, findings: lastFirst }]} row={row} />
      ) : (
        <OrderedFindings stage="walk" row={row} />
      )}
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
