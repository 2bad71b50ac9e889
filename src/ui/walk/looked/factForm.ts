import * as z from 'zod'
import { CHECKS } from '../../../core/catalogue/checks/checks'
import { isSign } from '../../../core/catalogue/signs'
import { parseTemperature_c } from '../../../core/measure'
import { CHECK_IDS, WAYS_TO_LOOK, type NewFact, type WayToLook } from '../../../core/job'

/** A number typed into a field; out of its range, or no number, it says what to do. Empty is nothing where that may be. */
function typedNumber(least: number, most: number, says: string) {
  return z.string().transform((text, context) => {
    const said = text.trim().replace(',', '.').replace('−', '-')
    const value = Number(said)
    if (said !== '' && value >= least && value <= most) return value
    context.addIssue({ code: 'custom', message: says })
    return z.NEVER
  })
}
function maybeNumber(least: number, most: number, says: string) {
  const needed = typedNumber(least, most, says)
  return z.string().transform((text, context) => {
    if (text.trim() === '') return null
    const read = needed.safeParse(text)
    if (read.success) return read.data
    context.addIssue({ code: 'custom', message: says })
    return z.NEVER
  })
}
const needed = (says: string) => z.string().trim().min(1, says)
const WAYS = Object.keys(WAYS_TO_LOOK) as [WayToLook, ...WayToLook[]]

/** A moisture reading as it is typed, or taken from a meter, before it is written down. */
const Reading = z.object({
  kind: z.literal('reading'),
  percent: typedNumber(0, 200, 'Type the reading, a number from 0 to 200.'),
  reference: maybeNumber(0, 200, 'Type the dry reading, a number from 0 to 200, or leave it empty.'),
  /** Typed in either scale; kept in degrees Celsius. */
  temperature_c: z.string().transform((text, context) => {
    if (text.trim() === '') return null
    const read = parseTemperature_c(text, { least: -40, most: 80 })
    if (read.ok) return read.value
    context.addIssue({
      code: 'custom',
      message: 'Type the temperature of the wood, such as 52 or 11 C, or leave it empty.',
    })
    return z.NEVER
  }),
  species: z.string(),
  species_points: maybeNumber(
    -15,
    15,
    'Type what the meter’s table adds, from -15 to 15 points, or leave it empty.',
  ),
  instrument: z.string(),
})
const Test = z.object({
  kind: z.literal('test'),
  check: z.enum(['', ...CHECK_IDS]),
  result: needed('Say what the check showed.'),
  sign: z.string(),
  present: z.boolean(),
})
const Hold = z.object({
  kind: z.literal('hold'),
  why: needed('Say what was not seen.'),
  way: z.enum(WAYS),
})

/** What the form of a fact holds while it is filled in: the fields of all kinds, so that a change of kind loses nothing. */
export type FactValues = Omit<z.input<typeof Reading>, 'kind'> &
  Omit<z.input<typeof Test>, 'kind'> &
  Omit<z.input<typeof Hold>, 'kind'> & { kind: 'reading' | 'test' | 'hold' }

/** What may be written down, by its kind. */
export const FactForm = z.discriminatedUnion('kind', [Reading, Test, Hold])
export type FactSaid = z.output<typeof FactForm>

export const NO_FACT: FactValues = {
  kind: 'reading',
  percent: '',
  reference: '',
  temperature_c: '',
  species: '',
  species_points: '',
  instrument: '',
  check: '',
  result: '',
  sign: '',
  present: true,
  why: '',
  way: 'ladder',
}

type About = Extract<NewFact, { kind: 'reading' }>['about']

/** Whether a fact needs the owner's word first: its check lifts, cuts or wets something. */
export function wantsPermission(said: FactSaid): boolean {
  return said.kind === 'test' && said.check !== '' && CHECKS[said.check].permit === 'open'
}

/** The fact that is written down. */
export function factFrom(said: FactSaid, about: About): NewFact {
  switch (said.kind) {
    case 'reading':
      return {
        kind: 'reading',
        about,
        moisture_percent: said.percent,
        reference_percent: said.reference,
        at_height: null,
        species: said.species,
        species_points: said.species_points,
        wood_temperature_c: said.temperature_c,
        instrument: said.instrument,
      }
    case 'test': {
      const { result, present } = said
      const sign = isSign(said.sign) ? said.sign : null
      return { kind: 'test', about, check: said.check === '' ? 'other' : said.check, result, sign, present }
    }
    case 'hold':
      return { kind: 'hold', about, why: said.why, way: said.way, way_to_look: WAYS_TO_LOOK[said.way] }
  }
}
