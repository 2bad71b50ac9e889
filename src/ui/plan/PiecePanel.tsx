'use client'

import { dayWords } from '../../core/measure'
import { checksOf } from '../../core/open/coverChecks'
import { nameOfUnit, stepsOfUnit, whereOfUnit, whyWords, type PlannedUnit } from '../../core/plan'
import { stepOf } from '../../core/catalogue/steps'
import { Button, Panel, SelectField } from '../look'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { DayField } from './DayField'
import { shortDay } from './dayNames'
import { usePlanEdits } from './usePlanEdits'

/** The piece of work that is looked at: why it is when it is, what hangs on it, and what one says to it. */
export function PiecePanel() {
  const { derived, planned, job } = useJob()
  const edits = usePlanEdits()
  const { plan, scope } = derived
  const unit = plan.units.find(({ key }) => key === planned.unit)
  if (!unit) return null
  const mark = job.plan_marks.findLast((each) => each.unit === unit.key)
  const wanted = mark?.not_before ?? null
  const after = plan.links
    .filter(({ before }) => before === unit.key)
    .flatMap(({ after: key }) => plan.units.find((each) => each.key === key) ?? [])
    .filter(({ side }) => side !== 'job')
  const now = today(job.job.time_zone)
  const unseen = checksOf({ job: derived.job, scope, units: plan.units }).filter(
    (check) => check.unit === unit.key && check.state !== 'passed',
  )
  return (
    <Panel
      title={nameOfUnit(unit, scope)}
      aside={
        <Button look="quiet" onClick={() => planned.chooseUnit(null)}>
          Close
        </Button>
      }
    >
      <div className="flex flex-col gap-2 py-2 text-[15px]">
        <p>
          {whereOfUnit(unit, derived.job)}: {stepsOfUnit(unit)}.{' '}
          <span className="text-quiet">
            {unit.first === unit.last
              ? shortDay(unit.first)
              : `${shortDay(unit.first)} to ${shortDay(unit.last)}`}
            , {unit.hours.toFixed(2)} h, {peopleWords(unit)}
          </span>
        </p>
        <p>{whyWords(unit.why, derived)}</p>
        {wanted !== null && unit.first > wanted && !unit.done ? (
          <p role="status" className="font-medium text-pencil-text">
            Asked for {dayWords(wanted)}; it cannot be sooner than {dayWords(unit.first)}.
          </p>
        ) : null}
        {unit.gate ? (
          <p className={unit.gate.open ? 'font-medium text-pencil-text' : 'text-moss'}>
            {unit.gate.open ? 'Not before a meter reads' : 'Read dry:'}{' '}
            {unit.gate.open ? `${unit.gate.most_percent} % or less` : `${unit.gate.last} %`}
            {unit.gate.open && unit.gate.last !== null ? `; last read ${unit.gate.last} %.` : '.'}
          </p>
        ) : null}
        {unseen.length > 0 ? (
          <p className="font-medium text-pencil-text">
            Not seen yet before it is covered: {unseen.map(({ point }) => point.name).join('; ')}.{' '}
            <span className="font-normal text-quiet">It is signed in Open up.</span>
          </p>
        ) : null}
        {unit.segments.length > 1 ? (
          <p className="text-[14px] text-quiet">
            {unit.segments.map(({ step, hours }) => `${stepOf(step).name} ${hours.toFixed(2)} h`).join(' · ')}
          </p>
        ) : null}
        {after.length > 0 ? (
          <details>
            <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
              {after.length} piece{after.length === 1 ? ' waits' : 's wait'} for it
            </summary>
            <ul className="pl-3 text-[14px]">
              {after.map((each) => (
                <li key={each.key}>
                  {nameOfUnit(each, scope)}, {stepsOfUnit(each)}
                </li>
              ))}
            </ul>
          </details>
        ) : null}
        <div className="grid grid-cols-2 gap-3">
          <DayField
            label="Not before"
            value={wanted}
            onChange={(day) => edits.mark(unit.key, { not_before: day })}
          />
          {plan.crews.length > 1 ? (
            <SelectField
              label="Crew"
              value={mark?.crew ?? ''}
              onChange={(crew) => edits.mark(unit.key, { crew: crew === '' ? null : crew })}
              choices={[
                { value: '', label: 'whoever is free' },
                ...plan.crews.map(({ id, name }) => ({ value: id, label: name })),
              ]}
            />
          ) : null}
        </div>
        <div>
          {unit.done && !mark?.done_on ? (
            <p className="text-[14px] text-moss">Done, as it is said under Close.</p>
          ) : unit.done ? (
            <Button onClick={() => edits.mark(unit.key, { done_on: null })}>Not done after all</Button>
          ) : (
            <Button onClick={() => edits.mark(unit.key, { done_on: now })}>Done today</Button>
          )}
        </div>
      </div>
    </Panel>
  )
}

function peopleWords({ people: [least, most] }: PlannedUnit): string {
  if (least === most) return `${least} ${least === 1 ? 'person' : 'people'}`
  return `${least} or ${most} people`
}
