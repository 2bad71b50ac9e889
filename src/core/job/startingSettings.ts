import { dollars, inches, type Cents } from '../measure'
import { MATERIALS, type MaterialId } from './components'
import type { EntityOf } from './document'

/** Dollars a foot of each section in finger-jointed primed pine. Our judgement, for a firm to replace. */
const PER_FOOT: Readonly<Record<string, number>> = {
  '1x4': 1.45,
  '1x6': 2.2,
  '1x8': 2.95,
  '5/4x4': 2.6,
  '5/4x6': 3.6,
  '2x6': 3.4,
  '2x10': 4.6,
  '2x12': 5.9,
  '4x4': 3.3,
  lap: 1.8,
}
/** What each material costs over that. Our judgement. */
const MATERIAL_TIMES: Readonly<Partial<Record<MaterialId, number>>> = {
  'finger-jointed-pine': 1,
  'clear-cedar': 2,
  'fibre-cement': 1.1,
  hardboard: 0.9,
  'engineered-wood': 1,
  pvc: 2.2,
  treated: 0.8,
}

function sectionRates(): Record<string, Cents> {
  const rates: Record<string, Cents> = {}
  for (const [section, perFoot] of Object.entries(PER_FOOT)) {
    for (const material of Object.keys(MATERIALS) as MaterialId[]) {
      const times = MATERIAL_TIMES[material]
      if (times !== undefined) rates[`${section} ${material}`] = dollars(perFoot * times)
    }
  }
  return rates
}

/** What a new firm starts from, without money. Every value is a firm setting. */
export function startingSettings(firm: {
  name: string
  place: string
  licence: string
}): EntityOf['settings'] {
  return {
    id: 'settings',
    removed: false,
    edition: 1,
    firm_name: firm.name,
    firm_place: firm.place,
    licence_line: firm.licence,
    head_flashing_past_casing: inches(1),
    decayed_wood_school: 'cut-out-only',
    productive_share: 0.8,
    productive_share_short_day: 0.7,
    factor_cap: 2.5,
    likelihood_overrides: [],
    stock_lengths_ft: {
      '1x4': [8, 12, 16],
      '1x6': [8, 12, 16],
      '1x8': [8, 12, 16],
      '5/4x4': [8, 12, 16],
      '5/4x6': [8, 12, 16],
      '2x6': [8, 10, 12, 16],
      lap: [12, 16],
      'lap fibre-cement': [12],
      'lap engineered-wood': [16],
    },
    clauses: {
      excluded:
        'Not included unless listed: paint beyond the next break, matching of age, colour and texture, interior finishes, concealed wiring and pipes, landscaping, hazardous materials, design, permits.',
      payments:
        'One third on acceptance within the local limit, one third when the work is half done, the rest when the completion list is done.',
      start_window: 'Start three to five weeks from acceptance; rain and finds behind the cladding move it.',
      warranty:
        'Workmanship by item as listed. Claims: a photograph and a call within 30 days of seeing it. Not for what was never opened.',
      validity_days: 30,
      required_notices:
        'Lien and cancellation notices of your state are attached where the law asks for them.',
    },
  }
}

/** What a new firm starts from in money. Our judgement; the first ten real jobs replace it. */
export function startingRates(): EntityOf['rates'] {
  return {
    id: 'rates',
    removed: false,
    edition: 1,
    burdened_rate_cents: dollars(48),
    overhead: { basis: 'cost', share: 0.35 },
    profit_share: 0.12,
    tax: { rule: 'on-cost', rate: 0.08 },
    minimum_per_visit_cents: dollars(450),
    disposal_cents_per_yd3: dollars(65),
    section_cents_per_ft: sectionRates(),
    consumable_cents: {
      fasteners: dollars(9),
      primer: dollars(38),
      paint: dollars(52),
      sealant: dollars(8.5),
      'head-cap': dollars(3.2),
      membrane: dollars(1.1),
      'lift-day': dollars(380),
    },
  }
}
