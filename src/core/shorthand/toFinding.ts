import { partOf } from '../catalogue'
import { casingOf, featureBox, foundationTop, wallTop } from '../geometry'
import type { ComponentId, EntityOf, Fact, Feature, JobDocument, Place, Side } from '../job'
import { feet, formatLength, type Length } from '../measure'
import type { Shorthand } from './parseLine'

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

/** Height of a part on a wall that nobody gave one for. Where it usually is; the person sees and moves it. */
function usualHeight(part: ComponentId | null, side: Side, job: JobDocument): Length {
  switch (partOf(part)?.usualHeight) {
    case 'roof-edge':
      return wallTop(side, job.house)
    case 'foot':
      return foundationTop(job.house, side)
    case 'breast':
    case undefined:
      return feet(4)
  }
}

function onFeature(said: Shorthand, feature: Feature, job: JobDocument): Place {
  const box = featureBox(feature, job)
  const casing = casingOf(feature)
  const overCasing = said.part === 'head-casing' || said.part === 'window-sill' || said.part === 'sill-nose'
  return {
    kind: 'side',
    side_id: feature.side_id,
    station: said.station ?? (Math.max(0, box.left - (overCasing ? casing : 0)) as Length),
    height: { value: said.height ?? (said.part === 'head-casing' ? box.top : box.bottom), from: 'grade' },
    feature_id: feature.id,
  }
}

function featureOf(name: string, job: JobDocument): Feature | null {
  const letter = name.replace(/\d+$/, '')
  const number = Number(name.slice(letter.length))
  const side = job.sides.find((each) => each.letter === letter)
  return job.features.find((each) => each.side_id === side?.id && each.number === number) ?? null
}

/** The place a line names, on the house there is; in words where the house has no such side or opening yet. */
function placeOfLine(said: Shorthand, job: JobDocument): Place {
  const feature = said.feature === null ? null : featureOf(said.feature, job)
  if (feature) return onFeature(said, feature, job)
  const letter = said.feature?.replace(/\d+$/, '') ?? said.side
  const side = job.sides.find((each) => each.letter === letter || each.facing === letter)
  const fits = side && (said.station === null || side.length === null || said.station <= side.length)
  if (side && fits && said.feature === null) {
    return {
      kind: 'side',
      side_id: side.id,
      station: said.station ?? feet(0),
      height: { value: said.height ?? usualHeight(said.part, side, job), from: 'grade' },
      feature_id: null,
    }
  }
  const words = [
    said.feature ?? said.side,
    said.station === null ? null : formatLength(said.station),
    said.height === null ? null : `${formatLength(said.height)} up`,
  ].filter((each) => each !== null)
  return words.length === 0 ? { kind: 'none' } : { kind: 'words', words: words.join(', ') }
}

/**
 * Turns what a line says into a finding of this job.
 *
 * A guessed length carries a low and a high (three quarters and half as much again, our judgement) until somebody gives better.
 * Ends: a side or an opening that is not there yet stays in the place as words, so that nothing said is lost.
 */
export function findingFrom(said: Shorthand, job: JobDocument): SaidFinding {
  const how = said.how ?? 'taped'
  const guessed = how === 'guessed'
  const known = said.known ?? (said.reading !== null && said.probe === null ? 'instrument' : 'touched')
  return {
    fields: {
      words: said.words,
      place: placeOfLine(said, job),
      component: said.part,
      material: said.material ?? 'unknown',
      extent:
        said.length === null
          ? null
          : {
              value: said.length,
              how,
              low: guessed ? (Math.round(said.length * 0.75) as Length) : null,
              high: guessed ? (Math.round(said.length * 1.5) as Length) : null,
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
        wood_temperature_c: null,
        instrument: '',
      }
    : { kind: 'hold', about, why: fact.why.slice(0, 200), way: 'other', way_to_look: '' }
}
