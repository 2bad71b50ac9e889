import { GOVERNS, type Computed } from './computed'

/**
 * Moisture that wood comes to in air that stays as it is, percent.
 *
 * @param air_c −20 to 70 °C
 * @param humidity 0 to 1
 * Source: Wood Handbook, chapter 4, equation for the equilibrium moisture content (Fahrenheit coefficients), from memory.
 *
 * @example
 * Math.round(equilibriumMoisture(21.1, 0.5) * 10) / 10 // => 9.2
 */
export function equilibriumMoisture(air_c: number, humidity: number): number {
  const t = air_c * 1.8 + 32
  const w = 330 + 0.452 * t + 0.00415 * t * t
  const k = 0.791 + 0.000463 * t - 0.000000844 * t * t
  const k1 = 6.34 + 0.000775 * t - 0.0000935 * t * t
  const k2 = 1.09 + 0.0284 * t - 0.0000904 * t * t
  const kh = k * Math.min(1, Math.max(0, humidity))
  const twice = k1 * k2 * kh * kh
  return (1800 / w) * (kh / (1 - kh) + (k1 * kh + 2 * twice) / (1 + k1 * kh + twice))
}

/**
 * Temperature at which air begins to shed water, °C; null for air without any.
 *
 * Source: Magnus’ formula with the coefficients 17.62 and 243.12 °C (World Meteorological Organization guide 8), from memory.
 *
 * @example
 * Math.round(dewPoint_c(20, 0.5) * 10) / 10 // => 9.3
 */
export function dewPoint_c(air_c: number, humidity: number): number | null {
  if (humidity <= 0) return null
  const gamma = Math.log(Math.min(1, humidity)) + (17.62 * air_c) / (243.12 + air_c)
  return (243.12 * gamma) / (17.62 - gamma)
}

const fahrenheit = (celsius: number): string => `${Math.round(celsius * 1.8 + 32)} °F`

/** What air does to wood and to a surface in it. */
export function airOf(of: {
  readonly air_c: number
  readonly humidity_percent: number
  readonly surface_c: number | null
}): Computed<{
  readonly equilibrium_percent: number
  readonly dew_c: number | null
  readonly sweats: boolean | null
}> {
  const { air_c, humidity_percent, surface_c } = of
  const equilibrium = equilibriumMoisture(air_c, humidity_percent / 100)
  const dew = dewPoint_c(air_c, humidity_percent / 100)
  const sweats = surface_c === null || dew === null ? null : surface_c <= dew
  return {
    inputs: [
      { label: 'Air', value: `${fahrenheit(air_c)}, ${humidity_percent} %` },
      ...(surface_c === null ? [] : [{ label: 'Surface', value: fahrenheit(surface_c) }]),
    ],
    formula: 'equilibrium moisture of wood and dew point, from temperature and humidity',
    result: { equilibrium_percent: equilibrium, dew_c: dew, sweats },
    says: [
      `Wood comes to ${equilibrium.toFixed(1)} % in this air.`,
      dew === null ? '' : `It sheds water on what is colder than ${fahrenheit(dew)}.`,
      sweats === null
        ? ''
        : sweats
          ? 'The surface is below that: it sweats.'
          : 'The surface is above that: dry of air.',
    ]
      .filter(Boolean)
      .join(' '),
    limit: null,
    source: 'Wood Handbook, chapter 4; Magnus’ formula; both from memory',
    notes: ['Of air that stays so for weeks: one reading is one reading.'],
  }
}

/** From these on, percent by a pin meter. Field practice; panels read 2 to 3 points lower. */
export const MOISTURE_BANDS = [
  { upTo: 15, says: 'dry enough to paint' },
  { upTo: 20, says: 'dry enough' },
  { upTo: 28, says: 'watch: which way it goes matters' },
  { upTo: 200, says: 'wet: decay can be active' },
] as const
/** Wood at or over this for weeks can grow mildew. Field practice. */
export const MILDEW_FROM_PERCENT = 16

/** Pin meters are made for 70 °F; wood colder reads too low, warmer too high: about a point in 20 °F. Common practice, from memory. */
const METER_AT_F = 70
const POINT_A_F = 20

/**
 * A pin meter's reading set right for the wood's temperature. For its species the meter’s own table counts, and whoever holds it
 * says what it adds: none is kept here.
 *
 * @param percent as read, 6 to 60
 */
export function moistureOf(of: {
  readonly percent: number
  readonly reference_percent: number | null
  readonly wood_c: number | null
  readonly species: string
  /** What the meter’s table adds for it, percent points; null: not looked up. */
  readonly species_points: number | null
}): Computed<{ readonly percent: number; readonly over_reference: number | null; readonly band: string }> {
  const { percent, reference_percent, wood_c, species, species_points } = of
  const warmed = wood_c === null ? 0 : (METER_AT_F - (wood_c * 1.8 + 32)) / POINT_A_F
  const right = (read: number): number => read + warmed + (species_points ?? 0)
  const set = Math.max(0, right(percent))
  const over = reference_percent === null ? null : percent - reference_percent
  const { says: band } = MOISTURE_BANDS.find(({ upTo }) => set <= upTo) ?? MOISTURE_BANDS.at(-1)!
  return {
    inputs: [
      { label: 'Read', value: `${percent.toFixed(1)} %` },
      ...(wood_c === null ? [] : [{ label: 'Wood', value: fahrenheit(wood_c) }]),
      ...(reference_percent === null
        ? []
        : [{ label: 'Dry spot beside it', value: `${reference_percent.toFixed(1)} %` }]),
      ...(species_points === null
        ? []
        : [
            {
              label: `Meter’s table${species === '' ? '' : `, ${species}`}`,
              value: `${species_points} points`,
            },
          ]),
    ],
    formula:
      wood_c === null && species_points === null
        ? 'as read'
        : [
            'read',
            wood_c === null ? '' : '(70 °F − wood) ÷ 20',
            species_points === null ? '' : 'what the meter’s table adds',
          ]
            .filter(Boolean)
            .join(' + '),
    result: { percent: set, over_reference: over, band },
    says: [
      `${set.toFixed(1)} %: ${band}.`,
      over === null ? '' : `${Math.abs(over).toFixed(1)} points ${over < 0 ? 'under' : 'over'} the dry spot.`,
    ]
      .filter(Boolean)
      .join(' '),
    limit: null,
    source: 'bands and temperature correction: common practice, from memory',
    notes: [
      ...(species_points !== null
        ? []
        : [
            species === ''
              ? 'Species not said: the meter’s own table may move it by some points.'
              : `Of ${species}: the meter’s own table may move it by some points.`,
          ]),
      ...(wood_c === null ? ['Temperature of the wood not said.'] : []),
      GOVERNS,
    ],
  }
}
