'use client'

import { useCallback, useMemo, useState } from 'react'
import { readLine, type PlacedLine } from '../../../core/shorthand'
import { useJob } from '../../state/useJob'
import { addFindings } from './addLine'
import { answered } from './lineWords'

export type LineEntry = {
  readonly line: string
  readonly type: (line: string) => void
  /** What it is understood as, with the answers given so far. */
  readonly found: readonly PlacedLine[]
  readonly answer: (finding: number, choice: number) => void
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

/** A line as it is typed or dictated: understood at every key, asked back where nobody could know, added as findings. */
export function useLine(): LineEntry {
  const { store, job, choose, firm, near } = useJob()
  const [line, setLine] = useState('')
  const [answers, setAnswers] = useState<Readonly<Record<number, number>>>({})
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const read = useMemo(() => readLine(line, { words: firm.words, job, near }), [line, firm.words, job, near])
  const found = useMemo(() => read.map((each, index) => answered(each, answers[index])), [read, answers])
  const type = useCallback((next: string): void => {
    setLine(next)
    setAnswers({})
  }, [])

  async function add(of: { file: File | null; clip?: Blob }): Promise<boolean> {
    setWrong(null)
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
    found,
    answer: (finding, choice) =>
      setAnswers((before) => ({ ...before, ...sameAnswer(read, finding, choice) })),
    wrong,
    busy,
    add,
  }
}
