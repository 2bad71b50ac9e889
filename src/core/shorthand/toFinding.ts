import type { EntityOf, Fact } from '../job'
import type { Length } from '../measure'
import type { PlacedLine } from './placedLine'

/** Facts that a line carries beside its finding, to be signed by whoever said it. */
export type SaidFact =
  | { readonly kind: 'reading'; readonly moisture_percent: number; readonly reference_percent: number | null }
  | { readonly kind: 'hold'; readonly why: string }

/** What a line becomes in the job: the fields it says of a finding, and its facts. */
export type SaidFinding = {
  readonly fields: Pick<
    EntityOf['finding'],
    | 'words'
    | 'place'
    | 'component'
    | 'material'
    | 'extent'
    | 'count'
    | 'signs'
    | 'how_known'
    | 'suspected'
    | 'stated_grade'
    | 'observations'
  >
  readonly facts: readonly SaidFact[]
}

/**
 * Turns what a line says, placed on the house, into a finding.
 *
 * A guessed length carries a low and a high (those that were said; else three quarters and half as much again, our judgement) until
 * somebody gives better.
 */
export function findingFrom({ said, place }: Pick<PlacedLine, 'said' | 'place'>): SaidFinding {
  const how = said.how ?? 'taped'
  const guessed = how === 'guessed'
  const known = said.known ?? (said.reading !== null && said.probe === null ? 'instrument' : 'touched')
  return {
    fields: {
      words: said.words,
      place,
      component: said.part,
      material: said.material ?? 'unknown',
      extent:
        said.length === null
          ? null
          : {
              value: said.length,
              how,
              low: said.range?.low ?? (guessed ? (Math.round(said.length * 0.75) as Length) : null),
              high: said.range?.high ?? (guessed ? (Math.round(said.length * 1.5) as Length) : null),
            },
      count: said.count !== null && said.count > 0 ? said.count : null,
      signs: said.signs.map((sign) => ({ sign, how: known, present: true })),
      how_known: known,
      suspected: said.suspected,
      stated_grade: said.grade,
      observations: said.probe && {
        awl_past_sound: said.probe.depth,
        thickness: said.probe.thickness,
        section_lost_percent: null,
        surface: null,
      },
    },
    facts: [
      ...(said.reading
        ? [
            {
              kind: 'reading' as const,
              moisture_percent: said.reading.percent,
              reference_percent: said.reading.reference,
            },
          ]
        : []),
      ...(said.hold === null ? [] : [{ kind: 'hold' as const, why: said.hold }]),
    ],
  }
}

/** A fact of a line, as the job keeps it once signed, about the finding it came with. */
export function factAbout(
  fact: SaidFact,
  findingId: string,
):
  | Omit<Extract<Fact, { kind: 'reading' }>, 'id' | 'by' | 'at'>
  | Omit<Extract<Fact, { kind: 'hold' }>, 'id' | 'by' | 'at'> {
  const about = { kind: 'finding', finding_id: findingId } as const
  return fact.kind === 'reading'
    ? {
        kind: 'reading',
        about,
        moisture_percent: Math.min(200, fact.moisture_percent),
        reference_percent: fact.reference_percent === null ? null : Math.min(200, fact.reference_percent),
        at_height: null,
        species: '',
        species_points: null,
        wood_temperature_c: null,
        instrument: '',
      }
    : { kind: 'hold', about, why: fact.why.slice(0, 200), way: 'other', way_to_look: '' }
}
