'use client'

import { featureBox, findingBox } from '../../../core/geometry'
import { useJob } from '../../state/useJob'
import { Grips } from './Grips'
import type { On } from './on'
import { ScopeDrawing } from './ScopeDrawing'

/** What the walk adds to the strip: grips on what is chosen, or the scope line being drawn. */
export function StripTools(on: On) {
  // The job as edited this instant: two quick keys must not both start from the same place.
  const { job, walk, chosen, store } = useJob()
  if (walk.drawsScope) return <ScopeDrawing {...on} />
  const feature = job.features.find((each) => each.id === walk.featureId)
  const finding = chosen.length === 1 ? job.findings.find((each) => each.id === chosen[0]) : undefined
  const thing = feature ? { feature } : finding ? { finding } : null
  const box = feature ? featureBox(feature, job) : finding ? findingBox(finding, job) : null
  const side = job.sides.find((each) => each.id === box?.side_id)
  const span = on.drawing.sides.find((each) => each.id === box?.side_id)
  if (!thing || !box || !side || !span) return null
  return (
    <Grips
      key={feature?.id ?? finding?.id}
      {...on}
      thing={thing}
      box={box}
      side={side}
      span={span}
      onRemove={() => {
        if (feature) store.set('feature', feature.id, { removed: true })
        if (finding) store.set('finding', finding.id, { removed: true })
        walk.chooseFeature(null)
      }}
    />
  )
}
