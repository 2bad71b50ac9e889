'use client'

import { DECK_POINTS, type DeckPoint } from '../../../core/catalogue/measures/deckPoints'
import { partName } from '../../../core/catalogue'
import { byId, live, type SurveyOf } from '../../../core/job'
import { writtenAs } from '../../../core/survey/deckFindings'
import { Button } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'
import { seenClose, writeDownWords } from './writeDown'

type DeckSurvey = SurveyOf<'deck'>
type Answer = DeckSurvey['answers'][number]['answer']
const ANSWERS: readonly { readonly value: Answer; readonly label: string }[] = [
  { value: 'right', label: 'right' },
  { value: 'wrong', label: 'wrong' },
  { value: 'not-seen', label: 'not seen' },
]
const GROUPS = [...new Set(DECK_POINTS.map((each) => each.group))]

/** A deck point by point, what keeps people off first; what is wrong becomes findings with one tap, each said once. */
export function DeckPoints({ survey }: { survey: DeckSurvey }) {
  const { job: all, store, view } = useJob()
  const job = live(all)
  const answerOf = (point: DeckPoint): Answer | null =>
    survey.answers.find((each) => each.point === point.id)?.answer ?? null
  const answer = (point: DeckPoint, value: Answer): void =>
    void store.set('survey', survey.id, (held) => ({
      answers: [
        ...(held as DeckSurvey).answers.filter((each) => each.point !== point.id),
        ...(answerOf(point) === value ? [] : [{ point: point.id, answer: value }]),
      ],
    }))
  const wrong = DECK_POINTS.filter((point) => answerOf(point) === 'wrong')
  const ways = wrong.map((point) => ({ point, ...writtenAs(point, survey, job) }))
  const fresh = ways.filter((each) => each.as === 'finding')
  const joined = ways.flatMap((each) =>
    each.as === 'sign' && each.point.sign !== null
      ? [{ finding_id: each.finding_id, sign: each.point.sign }]
      : [],
  )
  const known = ways.flatMap((each) =>
    each.as === 'noted' && !survey.finding_ids.includes(each.finding_id) ? [each.finding_id] : [],
  )
  const called = (ids: readonly string[]): string =>
    [...new Set(ids)]
      .map((id) => {
        const finding = byId(job.findings, id)
        return finding?.component ? `${finding.number ?? 'new'} ${partName(finding.component)}` : ''
      })
      .join(', ')

  function writeDown(): void {
    const made = fresh.map(({ point }) => ({
      ...freshFinding({
        place: { kind: 'deck', feature_id: survey.feature_id, words: '' },
        by: view.member.name,
        words: point.wrong,
      }),
      component: point.part,
      how_known: 'seen-close' as const,
      signs: point.sign === null ? [] : [seenClose(point.sign)],
    }))
    for (const each of made) store.create('finding', each)
    for (const { finding_id, sign } of joined)
      store.set('finding', finding_id, ({ signs }) => ({
        signs: [...signs.filter((each) => each.sign !== sign), seenClose(sign)],
      }))
    const ids = [...made.map((each) => each.id), ...joined.map((each) => each.finding_id), ...known]
    store.set('survey', survey.id, ({ finding_ids }) => ({
      finding_ids: [...new Set([...finding_ids, ...ids])],
    }))
  }

  return (
    <div>
      {GROUPS.map((group) => (
        <section key={group} aria-label={group}>
          <h3 className="border-b border-ink pt-2 font-head text-[15px] font-semibold first-letter:uppercase">
            {group}
          </h3>
          <ul>
            {DECK_POINTS.filter((point) => point.group === group).map((point) => (
              <li
                key={point.id}
                className="flex items-start justify-between gap-3 border-b border-rule py-1 max-sm:flex-col max-sm:gap-1"
              >
                <span className="text-[14px]">
                  {point.asks}
                  {answerOf(point) === 'wrong' && point.today ? (
                    <span className="block text-[13px] text-quiet">
                      Today: {point.today} It may have been lawful when built.
                    </span>
                  ) : null}
                </span>
                <span role="group" aria-label={point.asks} className="flex shrink-0 max-sm:w-full">
                  {ANSWERS.map(({ value, label }) => (
                    <button
                      key={value}
                      type="button"
                      aria-pressed={answerOf(point) === value}
                      onClick={() => answer(point, value)}
                      className={`-ml-px min-h-8 grow border border-ink px-2 font-head text-[14px] first:ml-0 touch:min-h-11 ${
                        answerOf(point) !== value
                          ? 'bg-paper'
                          : value === 'wrong'
                            ? 'bg-crayon-text text-white'
                            : value === 'right'
                              ? 'bg-moss text-white'
                              : 'bg-pencil'
                      }`}
                    >
                      {label}
                    </button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {fresh.length + joined.length + known.length > 0 ? (
        <div className="pt-2">
          <Button onClick={writeDown}>
            {writeDownWords(fresh.length, 'Join what is noted to this check')}
          </Button>
          {joined.length > 0 ? (
            <p className="pt-1 text-[14px]">
              Goes to what is there: {called(joined.map((each) => each.finding_id))}.
            </p>
          ) : null}
          {known.length > 0 ? <p className="pt-1 text-[14px]">Noted already: {called(known)}.</p> : null}
        </div>
      ) : null}
    </div>
  )
}
