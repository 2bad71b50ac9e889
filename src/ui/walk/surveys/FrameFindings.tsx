'use client'

import { partName } from '../../../core/catalogue'
import { byId, live, type SurveyOf } from '../../../core/job'
import { frameFindings, homeFindings, type FrameWrite } from '../../../core/survey/frameFindings'
import { Button } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'
import { seenClose, writeDownWords } from './writeDown'

/** What a register of a floor, or of the rails of a home, found wrong becomes findings with one tap: a finding that is there takes its number, and nothing is said twice. */
export function FrameFindings({ survey }: { survey: SurveyOf<'frame' | 'home'> }) {
  const { job: all, store, view } = useJob()
  const job = live(all)
  const writes = survey.kind === 'home' ? homeFindings(job) : frameFindings(survey, job)
  const fresh = writes.filter((each) => each.as === 'finding')
  const joined = writes.filter((each) => each.as === 'joined')
  const noted = writes.filter((each) => each.as === 'noted')
  if (writes.length === 0) return null
  const called = (of: readonly FrameWrite[]): string =>
    of
      .map(({ finding_id, part, count, as }) => {
        const n = finding_id === null ? null : byId(job.findings, finding_id)?.number
        return `finding ${n ?? '(new)'}, ${partName(part)}${as === 'joined' ? `, ${count} of them` : ''}`
      })
      .join('; ')

  const written = ({ part, count, grade, signs, words }: FrameWrite): string | null =>
    store.create('finding', {
      ...freshFinding({
        place: { kind: 'crawl', words: survey.kind === 'home' ? '' : survey.floor },
        by: view.member.name,
        words,
      }),
      component: part,
      count,
      stated_grade: grade,
      how_known: 'seen-close',
      signs: signs.map(seenClose),
    })
  const joins = ({ finding_id, count, signs }: FrameWrite): string | null =>
    store.set('finding', finding_id!, (held) => ({
      count,
      signs: held.signs.some((each) => each.present) ? held.signs : [...held.signs, ...signs.map(seenClose)],
    }))
  const writeDown = (): string | null =>
    store.together(() => {
      const said = [...fresh.map(written), ...joined.map(joins)]
      return said.find((each) => each !== null) ?? null
    })

  return (
    <div className="pt-2">
      {fresh.length + joined.length > 0 ? (
        <Button onClick={writeDown}>{writeDownWords(fresh.length, 'Take the numbers over')}</Button>
      ) : null}
      {joined.length > 0 ? (
        <p className="pt-1 text-[14px]">Goes to what is there: {called(joined)}.</p>
      ) : null}
      {noted.length > 0 ? <p className="pt-1 text-[14px]">Noted already: {called(noted)}.</p> : null}
    </div>
  )
}
