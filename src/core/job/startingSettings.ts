import { CATALOGUE_EDITION, GOODS, startingSectionRates, STOCK_FT } from '../catalogue'
import { dollars, inches } from '../measure'
import type { EntityOf } from './document'

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
    catalogue_edition: CATALOGUE_EDITION,
    firm_name: firm.name,
    firm_place: firm.place,
    licence_line: firm.licence,
    head_flashing_past_casing: inches(1),
    decayed_wood_school: 'cut-out-only',
    productive_share: 0.8,
    productive_share_short_day: 0.7,
    factor_cap: 2.5,
    likelihood_overrides: [],
    values: {},
    stock_lengths_ft: Object.fromEntries(
      Object.entries(STOCK_FT).map(([section, lengths]) => [section, [...lengths]]),
    ),
    clauses: {
      excluded:
        'Not included unless listed: paint beyond the next break, matching of age, colour and texture, interior finishes, concealed wiring and pipes, landscaping, hazardous materials, design, permits.',
      payments:
        'Change orders are due when they are done. A late fee or a card fee only as the law of the place allows.',
      start_window: 'Start three to five weeks from acceptance; rain and finds behind the cladding move it.',
      warranty:
        'Workmanship by item as listed. Claims: a photograph and a call within 30 days of seeing it. Not for what was never opened.',
      validity_days: 30,
      required_notices:
        'Lien and cancellation notices of your state are attached where the law asks for them.',
    },
    bid: { paper: 'letter', prices: 'each', heads: 'place', opening: '', closing: '', tells_waiting: false },
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
    supervision_share: 0,
    warranty_reserve_share: 0,
    card_fee_share: 0,
    payments: {
      stages: [
        { when: 'on acceptance', share: 0.3 },
        { when: 'when the work is half done', share: 0.4 },
        { when: 'when the completion list is done', share: 0.3 },
      ],
      deposit_limit_share: null,
      deposit_limit_cents: null,
    },
    minimum_per_visit_cents: dollars(450),
    finds: { go_on_cents: dollars(500), answer_hours: 4 },
    disposal_cents_per_yd3: dollars(65),
    section_cents_per_ft: startingSectionRates(),
    consumable_cents: Object.fromEntries(GOODS.map(({ id, starting_usd }) => [id, dollars(starting_usd)])),
  }
}
