'use client'

import { DECK_POINTS, type DeckPoint } from '../../../core/catalogue/measures/deckPoints'
import type { SurveyOf } from '../../../core/job'
import { Button } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'

type DeckSurvey = SurveyOf<'deck'>
type Answer = DeckSurvey['answers'][number]['answer']
const ANSWERS: readonly { readonly value: Answer; readonly label: string }[] = [
  { value: 'right', label: 'right' },
  { value: 'wrong', label: 'wrong' },
  { value: 'not-seen', label: 'not seen' },
]
const GROUPS = [...new Set(DECK_POINTS.map((each) => each.group))]

/** A deck point by point, what keeps people off first; what is wrong becomes findings with one tap. */
export function DeckPoints({ survey }: { survey: DeckSurvey }) {
  const { derived, store, view } = useJob()
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
  const noted = (point: DeckPoint): boolean =>
    derived.job.findings.some(
      (each) =>
        each.component === point.part && each.words === point.wrong && survey.finding_ids.includes(each.id),
    )
  const toNote = wrong.filter((point) => !noted(point))

  function writeDown(): void {
    const made = toNote.map((point) => ({
      ...freshFinding({
        place: { kind: 'deck', feature_id: survey.feature_id, words: '' },
        by: view.member.name,
        words: point.wrong,
      }),
      component: point.part,
      how_known: 'seen-close' as const,
      signs: point.sign === null ? [] : [{ sign: point.sign, how: 'seen-close' as const, present: true }],
    }))
    for (const each of made) store.create('finding', each)
    store.set('survey', survey.id, ({ finding_ids }) => ({
      finding_ids: [...finding_ids, ...made.map((each) => each.id)],
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
      {toNote.length > 0 ? (
        <div className="pt-2">
          <Button onClick={writeDown}>
            Write down {toNote.length === 1 ? 'the finding' : `the ${toNote.length} findings`}
          </Button>
        </div>
      ) : null}
    </div>
  )
}
