'use client'

import { useState } from 'react'
import {
  featureBox,
  findingsOnPart,
  openingParts,
  placeOnPart,
  type OpeningPart,
} from '../../../core/geometry'
import { GRADE_NAMES, gradeOf, type Feature } from '../../../core/job'
import { formatLength } from '../../../core/measure'
import { Awl, Button, Notice, Panel } from '../../look'
import { useJob } from '../../state/useJob'
import { FEATURE_NAMES } from './freshFeature'
import { freshFinding } from '../findings/fresh'
import { whenShown } from '../../state/whenShown'

const Notes = whenShown(() => import('../looked/Notes').then((file) => file.Notes))
const FeatureDialog = whenShown(() => import('./FeatureDialog').then((file) => file.FeatureDialog))

const GRADES = [0, 1, 2, 3, 4] as const

/**
 * An opening drawn large: tap a part, tap how bad it is. A sound part is noted with the same two taps, and all the others at once
 * with one. Other features: their size, and a finding at them.
 */
export function FeaturePanel({ feature }: { feature: Feature }) {
  const { derived, store, view, walk, choose, draft } = useJob()
  const { job } = derived
  const [key, setKey] = useState<string | null>(null)
  const [editing, setEditing] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const letter = job.sides.find((side) => side.id === feature.side_id)?.letter ?? ''
  const parts = openingParts(feature, job)
  const picked = parts.find((part) => part.key === key) ?? null
  const box = featureBox(feature, job)
  const untouched = parts.filter((part) => findingsOnPart(feature, part, job).length === 0)

  function note(part: OpeningPart, grade: number | null): string | null {
    const [held] = findingsOnPart(feature, part, job)
    if (held)
      return store.set('finding', held.id, { stated_grade: grade, suspected: false, how_known: 'touched' })
    const fresh = freshFinding({ place: placeOnPart(feature, part, job), by: view.member.name })
    return store.create('finding', {
      ...fresh,
      component: part.component,
      stated_grade: grade,
      how_known: grade === null ? 'from-ground' : 'touched',
      suspected: grade === null,
    })
  }

  return (
    <Panel
      title={`${FEATURE_NAMES[feature.kind]} ${letter}${feature.number}`}
      aside={
        <span className="flex gap-2">
          <Notes
            about={{ kind: 'feature', feature_id: feature.id }}
            name={`${FEATURE_NAMES[feature.kind]} ${letter}${feature.number}`}
          />
          <Button look="quiet" onClick={() => setEditing(true)}>
            Size, another, remove
          </Button>
          <Button look="quiet" onClick={() => walk.chooseFeature(null)}>
            Close
          </Button>
        </span>
      }
    >
      <p className="pt-2 text-[13px] text-quiet">
        {formatLength(feature.width)} wide, its left end at {formatLength(feature.station)}. Drag it on the
        strip, or use the arrow keys there.
      </p>
      {parts.length > 0 ? (
        <div className="grid grid-cols-[200px_minmax(0,1fr)] gap-4 pt-2 max-sm:grid-cols-1">
          <PartsPicture feature={feature} parts={parts} picked={key} onPick={setKey} box={box} />
          <div>
            <ul aria-label="Parts" className="grid grid-cols-2 gap-1.5">
              {parts.map((part) => {
                const [held] = findingsOnPart(feature, part, job)
                const grade = held ? gradeOf(held) : null
                return (
                  <li key={part.key}>
                    <button
                      type="button"
                      aria-pressed={part.key === key}
                      onClick={() => setKey(part.key)}
                      className={`flex min-h-11 w-full items-center gap-2 rounded-(--radius) border px-2 text-left font-head text-[15px] touch:min-h-13 ${part.key === key ? 'border-2 border-ink bg-white' : 'border-rule bg-paper'}`}
                    >
                      <span className="grow">{part.name}</span>
                      {held ? (
                        <>
                          <Awl grade={grade} word={false} />
                          <span className="text-[13px] text-quiet">
                            {grade === null ? 'suspected' : GRADE_NAMES[grade]}
                          </span>
                        </>
                      ) : (
                        <span className="text-[13px] text-quiet">not noted</span>
                      )}
                    </button>
                  </li>
                )
              })}
            </ul>
            {picked ? (
              <fieldset className="pt-3">
                <legend className="font-head text-[15px] font-semibold">
                  {picked.name}: thumb or awl says
                </legend>
                <div className="mt-1 grid grid-cols-3 gap-1.5">
                  {GRADES.map((grade) => (
                    <button
                      key={grade}
                      type="button"
                      className="flex min-h-13 items-center justify-center gap-1.5 rounded-(--radius) border border-ink bg-paper px-1 font-head text-[15px]"
                      onClick={() => {
                        const said = note(picked, grade)
                        setWrong(said)
                        if (said) return
                        const next = parts[parts.indexOf(picked) + 1]
                        setKey(next?.key ?? null)
                      }}
                    >
                      <Awl grade={grade} word={false} />
                      {GRADE_NAMES[grade]}
                    </button>
                  ))}
                  <button
                    type="button"
                    className="min-h-13 rounded-(--radius) border border-dashed border-ink bg-paper px-1 font-head text-[15px]"
                    onClick={() => setWrong(note(picked, null))}
                  >
                    suspected
                  </button>
                </div>
              </fieldset>
            ) : null}
            <div className="flex flex-wrap gap-2 pt-3">
              {untouched.length > 0 ? (
                <Button
                  onClick={() =>
                    setWrong(untouched.map((part) => note(part, 0)).find((said) => said !== null) ?? null)
                  }
                >
                  {untouched.length === parts.length ? 'All sound' : 'The others are sound'}
                </Button>
              ) : null}
              {picked && findingsOnPart(feature, picked, job)[0] ? (
                <Button onClick={() => choose([findingsOnPart(feature, picked, job)[0]!.id])}>
                  Open this finding
                </Button>
              ) : null}
            </div>
          </div>
        </div>
      ) : (
        <div className="flex gap-2 pt-3">
          <Button
            onClick={() =>
              draft({
                kind: 'side',
                side_id: feature.side_id,
                station: box.left,
                height: { value: box.bottom, from: 'grade' },
                feature_id: feature.id,
              })
            }
          >
            A finding here
          </Button>
        </div>
      )}
      {wrong ? (
        <div className="pt-3">
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        </div>
      ) : null}
      {editing ? (
        <FeatureDialog sideId={feature.side_id} featureId={feature.id} onClose={() => setEditing(false)} />
      ) : null}
    </Panel>
  )
}

/** The opening as it stands, each part a target; the list beside it names them for the keyboard. */
function PartsPicture(props: {
  feature: Feature
  parts: readonly OpeningPart[]
  picked: string | null
  onPick: (key: string) => void
  box: ReturnType<typeof featureBox>
}) {
  const { parts, picked, box } = props
  const { derived } = useJob()
  const pad = 64 * 10
  const left = Math.min(...parts.map((part) => part.box.left), box.left) - pad
  const right = Math.max(...parts.map((part) => part.box.right), box.right) + pad
  const top = Math.max(...parts.map((part) => part.box.top), box.top) + pad
  const bottom = Math.min(...parts.map((part) => part.box.bottom), box.bottom) - pad
  const units = 64
  return (
    <svg
      viewBox={`0 0 ${(right - left) / units} ${(top - bottom) / units}`}
      aria-hidden
      className="max-h-64 w-full border border-rule bg-[#EACFA6]"
    >
      <rect
        x={(box.left - left) / units}
        y={(top - box.top) / units}
        width={(box.right - box.left) / units}
        height={(box.top - box.bottom) / units}
        fill={props.feature.kind === 'door' ? '#7E8F86' : '#C9DCE2'}
        stroke="#17232B"
        strokeWidth={0.6}
      />
      {parts.map((part) => {
        const [held] = findingsOnPart(props.feature, part, derived.job)
        const grade = held ? gradeOf(held) : null
        const fill =
          part.key === picked ? '#F7DC8C' : grade === null ? '#FBFAF6' : grade === 0 ? '#CBDDD2' : '#F6D9CE'
        const thin = part.box.top - part.box.bottom < 64 * 3
        return (
          <g key={part.key} className="cursor-pointer" onClick={() => props.onPick(part.key)}>
            <rect
              x={(part.box.left - left) / units}
              y={(top - part.box.top) / units}
              width={(part.box.right - part.box.left) / units}
              height={(part.box.top - part.box.bottom) / units}
              fill={fill}
              stroke={grade !== null && grade > 0 ? '#C93A1C' : '#17232B'}
              strokeWidth={part.key === picked ? 0.9 : 0.5}
            />
            {/* A thin board is a small target: what lies above and below it counts as well. */}
            <rect
              x={(part.box.left - left) / units}
              y={(top - part.box.top) / units - (thin ? 3 : 0)}
              width={(part.box.right - part.box.left) / units}
              height={(part.box.top - part.box.bottom) / units + (thin ? 6 : 0)}
              fill="transparent"
            />
          </g>
        )
      })}
    </svg>
  )
}
