'use client'

import { useCallback, useMemo, useState } from 'react'
import type { JobStore } from '../../../client/jobStore'
import type { SignId } from '../../../core/catalogue/signs'
import {
  readLine,
  saidOfJob,
  sightsMeant,
  withSaid,
  type PlacedLine,
  type SaidOfJob,
} from '../../../core/shorthand'
import { sayDay } from '../../plan/sayDay'
import { today } from '../../state/today'
import { useJob } from '../../state/useJob'
import { freshIntake } from '../papers/freshIntake'
import { addFindings } from './addLine'
import { answered } from './lineWords'

export type LineEntry = {
  readonly line: string
  readonly type: (line: string) => void
  /** What it says of the whole job, where it says nothing else: kept there, no finding. */
  readonly ofJob: SaidOfJob | null
  /** What it is understood as, with the answers given so far. */
  readonly found: readonly PlacedLine[]
  readonly answer: (finding: number, choice: number) => void
  /** Signs the words of each finding may mean; nothing of it counts until somebody takes it. */
  readonly meant: readonly (readonly SignId[])[]
  readonly take: (finding: number, sign: SignId) => void
  readonly wrong: string | null
  readonly busy: boolean
  /** @returns whether it was taken; the words stay where it was not. */
  readonly add: (of: { file: File | null; clip?: Blob }) => Promise<boolean>
}

/** An answer, and the same one for what follows in the line and asks the very same thing. */
function sameAnswer(
  read: readonly PlacedLine[],
  finding: number,
  choice: number,
): Readonly<Record<number, number>> {
  const said = (line: PlacedLine | undefined): string =>
    JSON.stringify(line?.ask?.choices.map(({ says }) => says))
  const asked = said(read[finding])
  return Object.fromEntries(
    read.flatMap((line, index) => (index >= finding && said(line) === asked ? [[index, choice]] : [])),
  )
}

/** So many are offered under a line: a tap each, at a glance. */
const OFFERED = 3

/** Whatever words may mean at all: what was taken stands as long as the line still says it. */
const ALL = 40

/** A finding with the signs that were taken of it and that its words still may mean. */
function withTaken(line: PlacedLine, taken: readonly SignId[] = []): PlacedLine {
  if (taken.length === 0) return line
  const { words, part, signs } = line.said
  const stillMeant = new Set(
    sightsMeant(words, { component: part, noted: signs, most: ALL }).map(({ sign }) => sign),
  )
  const kept = taken.filter((sign) => stillMeant.has(sign))
  return { ...line, said: { ...line.said, signs: [...signs, ...kept] } }
}

/** Keeps what was said of the whole job where it belongs: the sky of a day in the plan, the owner's wishes in the job, what others said before the walk. */
function keepOfJob(store: JobStore, said: SaidOfJob): string | null {
  if (said.kind === 'rain') return sayDay(store, said.day, { sky: 'wet' })
  const { job, intake } = store.read().job
  if (said.kind === 'told') {
    const told = withSaid(intake?.told ?? '', said.words)
    return intake
      ? store.set('intake', 'intake', { told })
      : store.create('intake', { ...freshIntake(), told })
  }
  return store.set('job', 'job', { [said.kind]: withSaid(job[said.kind], said.words) })
}

/** A line as it is typed or dictated: understood at every key, asked back where nobody could know, added as findings. */
export function useLine(): LineEntry {
  const { store, job, choose, firm, near } = useJob()
  const [line, setLine] = useState('')
  const [answers, setAnswers] = useState<Readonly<Record<number, number>>>({})
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const ofJob = useMemo(
    () => saidOfJob(line, today(job.job.time_zone), job.sides),
    [line, job.job.time_zone, job.sides],
  )
  const read = useMemo(
    () => (ofJob === null ? readLine(line, { words: firm.words, job, near }) : []),
    [line, firm.words, job, near, ofJob],
  )
  const [taken, setTaken] = useState<Readonly<Record<number, readonly SignId[]>>>({})
  const found = useMemo(
    () => read.map((each, index) => withTaken(answered(each, answers[index]), taken[index])),
    [read, answers, taken],
  )
  const meant = useMemo(
    () =>
      found.map(({ said: { words, part, signs } }) =>
        sightsMeant(words, { component: part, noted: signs, most: OFFERED }).map(({ sign }) => sign),
      ),
    [found],
  )
  const type = useCallback((next: string): void => {
    setLine(next)
    setAnswers({})
    if (next === '') setTaken({})
  }, [])

  async function add(of: { file: File | null; clip?: Blob }): Promise<boolean> {
    setWrong(null)
    if (ofJob !== null && !of.file && !of.clip) {
      const refused = keepOfJob(store, ofJob)
      setWrong(refused)
      if (refused === null) type('')
      return refused === null
    }
    setBusy(true)
    const added = await addFindings(store, { found, near, photo: of.file, clip: of.clip ?? null }).finally(
      () => setBusy(false),
    )
    if (!added.ok) {
      setWrong(added.words)
      return false
    }
    type('')
    choose(added.ids)
    return true
  }

  return {
    line,
    type,
    ofJob,
    found,
    answer: (finding, choice) =>
      setAnswers((before) => ({ ...before, ...sameAnswer(read, finding, choice) })),
    meant,
    take: (finding, sign) =>
      setTaken((before) => ({ ...before, [finding]: [...(before[finding] ?? []), sign] })),
    wrong,
    busy,
    add,
  }
}
