'use client'

import { useState } from 'react'
import { sideMeasures } from '../../../core/geometry'
import type { Figure } from '../../../core/explain/figure'
import {
  diagonalCheck,
  exposureOf,
  feet,
  formatLength,
  gableArea,
  heightFromCourses,
  inches,
  rakeLength,
  toFeet,
  toSquareFeet,
  type Length,
} from '../../../core/measure'
import { Button, LengthField, Panel, PANES } from '../../look'
import { NumberField, PitchField } from '../../look/ReadField'
import { FigureTree } from '../../price/FigureTree'
import { useJob } from '../../state/useJob'

const FT_IN_M = 0.3048

/** Exact factors: the foot is 0.3048 m by definition. */
function inMetres(figure: Figure): string {
  if (figure.unit === 'ft²') return `${(figure.value * FT_IN_M * FT_IN_M).toFixed(2)} m²`
  if (figure.unit === 'ft') return `${(figure.value * FT_IN_M).toFixed(2)} m`
  return ''
}

/** What every side measures, each figure open to its arithmetic; and the small sums one does at the wall. */
export function MeasuresPanel() {
  const { derived } = useJob()
  const { job } = derived
  const [metric, setMetric] = useState(false)
  const all = job.sides.map((side) => ({ side, measures: sideMeasures(side, job) }))
  const total = (pick: (measures: (typeof all)[number]['measures']) => Figure): number =>
    all.reduce((sum, each) => sum + pick(each.measures).value, 0)
  return (
    <div className={`grid grid-cols-[minmax(0,1fr)_340px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <Panel
        title="Measures by side"
        aside={
          <label className="flex items-center gap-2 touch:min-h-11">
            <input
              type="checkbox"
              className="size-4 accent-spruce"
              checked={metric}
              onChange={(e) => setMetric(e.target.checked)}
            />
            metric beside
          </label>
        }
      >
        {all.length === 0 ? <p className="py-2 text-quiet">Set up a side in Find first.</p> : null}
        {all.map(({ side, measures }) => {
          const { gross, net, openings, eave, rakes, soffit, corners, casings, base } = measures
          const figures = [gross, net, openings, eave, rakes, soffit, corners, casings, base].filter(
            (figure) => figure.value > 0,
          )
          return (
            <section key={side.id} aria-label={`Side ${side.letter}`} className="pt-2">
              <h3 className="text-[15px]">
                {side.letter} {side.facing}
              </h3>
              {figures.map((figure) => (
                <details key={figure.label} className="border-b border-rule">
                  <summary className="grid min-h-8 grid-cols-[1fr_auto_auto] items-center gap-x-4 touch:min-h-11">
                    <span className="font-head text-[15px]">{figure.label}</span>
                    <span className="text-right font-head font-semibold">
                      {figure.value.toFixed(1)} {figure.unit}
                    </span>
                    {metric ? <span className="w-24 text-right text-quiet">{inMetres(figure)}</span> : null}
                  </summary>
                  <div className="pb-2 pl-3">
                    <FigureTree figure={figure} />
                  </div>
                </details>
              ))}
            </section>
          )
        })}
        {all.length > 1 ? (
          <p className="pt-3 font-head font-semibold">
            All sides: {total((each) => each.gross).toFixed(0)} ft² gross,{' '}
            {total((each) => each.net).toFixed(0)} ft² net for material
          </p>
        ) : null}
      </Panel>
      <div className="flex flex-col gap-5">
        <CoursesHelper />
        <GableHelper />
        <DiagonalHelper />
      </div>
    </div>
  )
}

/** Height by counting courses of siding, brick or block; the exposure itself from a taped run. */
function CoursesHelper() {
  const { derived, store } = useJob()
  const { job } = derived
  const [many, setMany] = useState<number | null>(null)
  const [exposure, setExposure] = useState<Length>(inches(4))
  const [run, setRun] = useState<Length | null>(null)
  const height = many === null ? null : heightFromCourses(many, exposure)
  const measured = run === null ? null : exposureOf(run, 10)
  return (
    <Panel title="Height from courses">
      <div className="grid grid-cols-2 gap-2 pt-2">
        <NumberField
          label="Courses counted"
          range={{ least: 0.5, most: 999 }}
          value={many}
          onChange={setMany}
          onClear={() => setMany(null)}
        />
        <LengthField
          label="Exposure of one"
          value={exposure}
          onChange={(value) => value && setExposure(value)}
        />
        <LengthField label="Ten courses, taped" optional value={run} onChange={setRun} />
        <div className="flex flex-wrap items-end gap-1">
          {measured ? (
            <Button onClick={() => setExposure(measured)}>Use {formatLength(measured)}</Button>
          ) : null}
          <Button aria-label="Brick: three courses in 8 inches" onClick={() => setExposure(inches(8 / 3))}>
            brick
          </Button>
          <Button aria-label="Block: one course in 8 inches" onClick={() => setExposure(inches(8))}>
            block
          </Button>
        </div>
      </div>
      {height !== null && many !== null ? (
        <>
          <p className="pt-2">
            <span className="font-head text-[17px] font-semibold">{formatLength(height)}</span>{' '}
            <span className="text-[13px] text-quiet">
              {many} × {formatLength(exposure)}, counted
            </span>
          </p>
          <div className="flex flex-wrap gap-1 pt-1">
            {job.sides.map((side) => (
              <Button
                key={side.id}
                onClick={() => store.set('side', side.id, { wall_height: height, height_how: 'counted' })}
              >
                Wall of {side.letter}
              </Button>
            ))}
          </div>
        </>
      ) : null}
    </Panel>
  )
}

function GableHelper() {
  const [width, setWidth] = useState<Length>(feet(24))
  const [pitch_in_12, setPitch] = useState(6)
  const [overhang, setOverhang] = useState<Length>(inches(12))
  return (
    <Panel title="Gable and rake">
      <div className="grid grid-cols-3 gap-2 pt-2">
        <LengthField label="Width" bare="feet" value={width} onChange={(value) => value && setWidth(value)} />
        <PitchField label="Pitch in 12" value={pitch_in_12} onChange={setPitch} />
        <LengthField
          label="Overhang"
          value={overhang}
          onChange={(value) => value !== null && setOverhang(value)}
        />
      </div>
      <p className="pt-2">
        <span className="font-head text-[17px] font-semibold">
          {toSquareFeet(gableArea(width, pitch_in_12)).toFixed(1)} ft²
        </span>
        , each rake{' '}
        <span className="font-head text-[17px] font-semibold">
          {formatLength(rakeLength({ run: (width / 2) as Length, pitch_in_12, overhang }))}
        </span>
        <span className="block text-[13px] text-quiet">
          half the width {toFeet((width / 2) as Length).toFixed(2)} ft × rise ÷ 2, twice; rake by Pythagoras
          over the overhang
        </span>
      </p>
    </Panel>
  )
}

function DiagonalHelper() {
  const [a, setA] = useState<Length>(feet(3))
  const [b, setB] = useState<Length>(feet(4))
  const [diagonal, setDiagonal] = useState<Length>(feet(5))
  const found = diagonalCheck(a, b, diagonal)
  return (
    <Panel title="Is the corner square?">
      <div className="grid grid-cols-3 gap-2 pt-2">
        <LengthField label="One leg" bare="feet" value={a} onChange={(value) => value && setA(value)} />
        <LengthField label="The other" bare="feet" value={b} onChange={(value) => value && setB(value)} />
        <LengthField
          label="Diagonal"
          bare="feet"
          value={diagonal}
          onChange={(value) => value && setDiagonal(value)}
        />
      </div>
      <p className="pt-2">
        {found.ok
          ? Math.abs(found.value.off_deg) < 0.05
            ? 'Square.'
            : `Off by ${Math.abs(found.value.off_deg).toFixed(1)}°, ${found.value.off_deg > 0 ? 'wider' : 'tighter'} than square; square would be ${formatLength(found.value.square_diagonal)}.`
          : 'No corner has these three lengths. Tape them again.'}
      </p>
    </Panel>
  )
}
