import { live, type JobDocument } from '../../../src/core/job'
import { factAbout, findingFrom, readLine, sightsMeant } from '../../../src/core/shorthand'
import { causeOf, isCause, isSign, traceJob, type SignId } from '../../../src/core/trace'
import { freshFinding } from '../../../src/ui/walk/findings/fresh'
import { jobOf } from '../build'
import type { SaidLine } from './lines'

/** From here on a cause is told to who reads the finding. */
const NAMED_FROM = 0.15
/** A sign tells of a cause from this ratio on. */
const TELLING = 2

type Got = 'first' | 'named' | 'no'
/** What became of a line: as it was read, and once those of the offered signs were taken that tell of its cause. */
export type JudgedLine = {
  readonly said: SaidLine
  readonly atOnce: Got
  readonly afterTaking: Got
  /** Whether a sign that tells of the cause was read or offered. */
  readonly isOffered: boolean
  readonly offers: readonly SignId[]
}

const tells = (sign: string, causes: readonly string[]): boolean =>
  causes.some(
    (cause) =>
      isCause(cause) && causeOf(cause).supports.some((each) => each.sign === sign && each.ratio >= TELLING),
  )

function got(job: JobDocument, causes: readonly string[]): Got {
  const found = traceJob(live(job)).findings
  if (found.some(({ ranked }) => causes.includes(ranked[0]?.cause ?? ''))) return 'first'
  const isNamed = found.some(({ ranked }) =>
    ranked.some(({ cause, probability }) => causes.includes(cause) && probability >= NAMED_FROM),
  )
  return isNamed ? 'named' : 'no'
}

/**
 * A line as its user would enter it, and then with what is offered taken where it tells of what he saw: whoever stood there knows which
 * of the offered he saw, so it is the most that offering can do.
 */
export function judgeSaid(said: SaidLine): JudgedLine {
  const { line, causes, house } = said
  const empty = jobOf({ title: line, found: [], ...(house ? { house } : {}) })
  const read = readLine(line, { words: [], job: empty, near: { side: null, last: null } }).map(findingFrom)
  const findings = read.map(({ fields }, index) => ({
    ...freshFinding({ place: fields.place, by: 'Dov', photoIds: [] }),
    ...fields,
    id: `finding-${index + 1}`,
    number: index + 1,
  }))
  const facts = read.flatMap(({ facts: of }, index) =>
    of.map((fact, at) => ({
      ...factAbout(fact, `finding-${index + 1}`),
      id: `fact-${index}-${at}`,
      by: 'Dov',
      at: '2026-05-04T09:00:00Z',
    })),
  )
  const job: JobDocument = { ...empty, findings, facts }
  const offers = findings.map(({ words, component, signs }) =>
    sightsMeant(words, { component, noted: signs.map(({ sign }) => sign) }).map(({ sign }) => sign),
  )
  const taken = findings.map((finding, index) => ({
    ...finding,
    signs: [
      ...finding.signs,
      ...offers[index]!.filter((sign) => tells(sign, causes)).map((sign) => ({
        sign,
        how: 'seen-close' as const,
        present: true,
      })),
    ],
  }))
  return {
    said,
    atOnce: got(job, causes),
    afterTaking: got({ ...job, findings: taken }, causes),
    isOffered: taken.some(({ signs }) => signs.some(({ sign }) => isSign(sign) && tells(sign, causes))),
    offers: offers.flat(),
  }
}
