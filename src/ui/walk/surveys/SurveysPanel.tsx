'use client'

import { useState } from 'react'
import { newId } from '../../../client/newId'
import { SURVEY_KINDS, type Survey, type SurveyKind } from '../../../core/job'
import { dayWords } from '../../../core/measure'
import { Button, Notice, Panel, PANES } from '../../look'
import { today } from '../../state/today'
import { useJob } from '../../state/useJob'
import { SURVEY_FORMS } from './forms'
import { againSurvey, freshSurvey } from './freshSurvey'
import { SurveyFields } from './SurveyFields'
import { SurveyResult } from './SurveyResult'
import { Verdicts } from './Verdicts'

const KINDS = Object.keys(SURVEY_KINDS) as SurveyKind[]

/** What is measured of water and of what moves: dated, worked out at once, and told to Trace. */
export function SurveysPanel() {
  const { derived, store, view, job, sideId, chooseSide, walk } = useJob()
  const { surveys } = derived
  const { surveyId: openId, openSurvey: setOpenId } = walk
  const [wrong, setWrong] = useState<string | null>(null)
  const open = job.surveys.find((each) => each.id === openId) ?? null

  function begin(kind: SurveyKind): void {
    const id = newId()
    const made = freshSurvey(kind, {
      id,
      day: today(job.job.time_zone),
      by: view.member.name,
      side_id: sideId ?? job.sides[0]?.id ?? null,
    })
    if (!made) return setWrong('Draw the walls first, in Find under House: this one is taken along a wall.')
    const said = store.create('survey', made)
    setWrong(said)
    if (said === null) setOpenId(id)
  }
  /** The same survey at a second date: points and stations as they were, to be read again. */
  function again(survey: Survey): void {
    const id = newId()
    const of = { id, day: today(job.job.time_zone), by: view.member.name }
    const said = store.create('survey', againSurvey(survey, of))
    setWrong(said)
    if (said === null) setOpenId(id)
  }

  return (
    <div
      className={`grid grid-cols-[300px_minmax(0,1.25fr)_minmax(0,1fr)] gap-6 max-lg:grid-cols-1 ${PANES} ${open ? 'max-sm:[&>*:first-child]:hidden' : ''}`}
    >
      <div>
        <Panel title={`Surveys: ${job.surveys.length}`}>
          {job.surveys.length === 0 ? (
            <p className="py-2 text-quiet">
              Nothing measured yet. A level line, a plumb line or a crack gauge says what a glance cannot;
              Trace reads it by itself.
            </p>
          ) : null}
          <ul>
            {surveys.read.map((read) => (
              <li key={read.survey_id} className="border-b border-rule">
                <button
                  type="button"
                  aria-current={read.survey_id === openId}
                  onClick={() => {
                    setOpenId(read.survey_id)
                    if (read.at.kind === 'side') chooseSide(read.at.side_id)
                  }}
                  className="block w-full px-1 py-1.5 text-left aria-[current=true]:bg-paper touch:min-h-12"
                >
                  <span className="flex justify-between gap-2 font-head text-[15px]">
                    <span className="font-semibold">
                      {SURVEY_KINDS[read.kind]}, {read.where}
                    </span>
                    <span className="shrink-0 text-[13px] text-quiet">{dayWords(read.day)}</span>
                  </span>
                  <span className="line-clamp-3 text-[13px] text-quiet">{read.says}</span>
                </button>
              </li>
            ))}
          </ul>
          <fieldset className="pt-3">
            <legend className="font-head text-[14px] font-medium">Begin one</legend>
            <div className="mt-1 flex flex-wrap gap-1.5">
              {KINDS.map((kind) => (
                <Button key={kind} onClick={() => begin(kind)}>
                  {SURVEY_KINDS[kind]}
                </Button>
              ))}
            </div>
          </fieldset>
          {wrong ? (
            <div className="pt-2">
              <Notice tone="wrong" alert>
                {wrong}
              </Notice>
            </div>
          ) : null}
        </Panel>
        <Verdicts verdicts={surveys.verdicts} />
      </div>
      {open ? (
        <Panel
          title={SURVEY_KINDS[open.kind]}
          aside={
            <span className="flex gap-1">
              {open.kind === 'crack' || open.kind === 'air' ? null : (
                <Button look="quiet" onClick={() => again(open)}>
                  Again today
                </Button>
              )}
              <Button
                look="quiet"
                onClick={() => {
                  store.set('survey', open.id, { removed: true })
                  setOpenId(null)
                }}
              >
                Remove
              </Button>
              <Button look="quiet" onClick={() => setOpenId(null)}>
                Close
              </Button>
            </span>
          }
        >
          <p className="pt-1 text-[15px] sm:hidden">
            {surveys.read.find((each) => each.survey_id === open.id)?.says}
          </p>
          <SurveyFields key={open.id} survey={open} />
        </Panel>
      ) : (
        <p className="pt-10 text-quiet max-sm:hidden">
          Choose a survey, or begin one. {SURVEY_FORMS.courses.how}
        </p>
      )}
      {open ? <SurveyResult read={surveys.read.find((each) => each.survey_id === open.id) ?? null} /> : null}
    </div>
  )
}
