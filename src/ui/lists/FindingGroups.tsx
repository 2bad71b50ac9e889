'use client'

import { useMemo, type ReactNode } from 'react'
import type { Finding } from '../../core/job'
import { useJob } from '../state/useJob'
import { GroupHead, Hidden, ListTools } from './ListTools'
import { FINDING_FILTERS, FINDING_ORDERS, orderFindings, type FindingGroup } from './orderFindings'
import { useListView } from './useListView'

/** The findings under their heads, each as the stage shows it. */
export function FindingGroups(props: {
  readonly groups: readonly FindingGroup[]
  readonly row: (finding: Finding) => ReactNode
}) {
  return props.groups.map((group) => (
    <section key={group.id} aria-label={group.name ?? 'All findings'}>
      {group.name === null ? null : <GroupHead name={group.name} count={group.findings.length} />}
      <ul>{group.findings.map(props.row)}</ul>
    </section>
  ))
}

/** The findings of a job in the order and the narrowness that a stage was last given on this device, with the means to change both. */
export function OrderedFindings({
  stage,
  row,
}: {
  readonly stage: 'walk' | 'scope'
  readonly row: (finding: Finding) => ReactNode
}) {
  const { derived } = useJob()
  const [order, setOrder] = useListView(`${stage}.order`, FINDING_ORDERS, 'found')
  const [filter, setFilter] = useListView(`${stage}.filter`, FINDING_FILTERS, 'all')
  const { groups, ...count } = useMemo(
    () => orderFindings(derived, { order, filter }),
    [derived, order, filter],
  )
  return (
    <>
      {count.all > 1 ? (
        <>
          <ListTools
            of="findings"
            orders={FINDING_ORDERS}
            order={[order, setOrder]}
            filters={FINDING_FILTERS}
            filter={[filter, setFilter]}
          />
          <Hidden {...count} only={FINDING_FILTERS[filter]} onAll={() => setFilter('all')} />
        </>
      ) : null}
      <FindingGroups groups={groups} row={row} />
    </>
  )
}
