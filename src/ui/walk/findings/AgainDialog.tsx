'use client'

import { partName } from '../../../core/catalogue'
import { useState } from 'react'
import { newId } from '../../../client/newId'
import { type Finding } from '../../../core/job'
import { sameAgain } from '../../../core/walk'
import { Button, CheckField, Notice } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { FEATURE_NAMES } from '../house/freshFeature'

/** One fault on many openings at once: a finding each, bound together as one detail of the house. */
export function AgainDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const { derived, store, choose } = useJob()
  const { job } = derived
  const own = finding.place.kind === 'side' ? finding.place.feature_id : null
  const source = job.features.find((each) => each.id === own)
  const candidates = job.features.filter(
    (each) => each.id !== own && (!source || each.kind === source.kind) && each.kind !== 'outline',
  )
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set())
  const [touched, setTouched] = useState(true)
  const [wrong, setWrong] = useState<string | null>(null)
  const letterOf = (sideId: string): string => job.sides.find((side) => side.id === sideId)?.letter ?? ''
  const part = finding.component ? partName(finding.component) : 'this fault'

  function keep(): void {
    const detailId = finding.detail_id ?? newId()
    const again = sameAgain(
      finding,
      candidates.filter((each) => picked.has(each.id)),
      job,
      { detailId, touched, newId },
    )
    for (const each of again) {
      const said = store.create('finding', each)
      if (said) return setWrong(said)
    }
    if (finding.detail_id === null) store.set('finding', finding.id, { detail_id: detailId })
    choose([finding.id, ...again.map((each) => each.id)])
    return onClose()
  }

  return (
    <Dialog open onClose={onClose} title={`Same again: ${part}`}>
      <div className="flex flex-col gap-3">
        <div className="flex gap-2">
          <Button onClick={() => setPicked(new Set(candidates.map((each) => each.id)))}>All</Button>
          <Button onClick={() => setPicked(new Set())}>None</Button>
        </div>
        <ul className="grid max-h-72 grid-cols-2 gap-x-4 overflow-y-auto" tabIndex={0} aria-label="On which">
          {candidates.map((each) => (
            <li key={each.id}>
              <CheckField
                label={`${FEATURE_NAMES[each.kind]} ${letterOf(each.side_id)}${each.number}`}
                checked={picked.has(each.id)}
                onChange={(on) => {
                  const next = new Set(picked)
                  if (on) next.add(each.id)
                  else next.delete(each.id)
                  setPicked(next)
                }}
              />
            </li>
          ))}
        </ul>
        {candidates.length === 0 ? (
          <p className="text-quiet">There is no other opening on the house yet.</p>
        ) : null}
        <CheckField
          label="Touched there too, as bad as here (else they are suspected)"
          checked={touched}
          onChange={setTouched}
        />
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button look="main" disabled={picked.size === 0} onClick={keep}>
            {picked.size === 0 ? 'Pick some' : `Add ${picked.size}`}
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
