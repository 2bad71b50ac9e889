import * as z from 'zod'
import { CentsValue, Day, Id, PAPERS, Payments, PictureMark, Sha256, SHOWN_PRICES } from '../job'
import type { Drawing } from '../house'

/** A hazard line: what, where, what can happen, do now, who. */
const BidHazard = z.strictObject({
  keep_off: z.boolean(),
  what: z.string(),
  where: z.string(),
  can_happen: z.string(),
  do_now: z.string(),
  who: z.string(),
})
const BidFinding = z.strictObject({
  number: z.string(),
  part: z.string(),
  where: z.string(),
  size: z.string(),
  grade: z.string(),
  words: z.string(),
  suspected: z.boolean(),
  /** The head it stands under. */
  group: z.string(),
  /** It in one plain sentence. */
  says: z.string(),
  /** Why it is thought to be so: "consistent with", with who says it. */
  cause: z.string().nullable(),
  photos: z.array(
    z.strictObject({
      sha256: Sha256,
      caption: z.string(),
      /** What was drawn over it, lengths reckoned; absent in bids sent before pictures were drawn on. */
      drawn: z
        .strictObject({ width_px: z.int(), height_px: z.int(), marks: z.array(PictureMark) })
        .optional(),
    }),
  ),
})
/** How a price is meant: as it stands; settled by the unit, both ways; by the hour, and never more. */
const BidBasis = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('fixed') }),
  z.strictObject({
    kind: z.literal('allowance'),
    quantity: z.number().gt(0),
    unit: z.enum(['ft', 'ft²', 'each']),
    unit_cents: CentsValue,
  }),
  z.strictObject({ kind: z.literal('ceiling'), hour_cents: CentsValue }),
])
const BidOverYears = z
  .strictObject({ years: z.int(), renewals: z.int(), per_year_cents: CentsValue })
  .nullable()
const BidItem = z.strictObject({
  id: Id,
  title: z.string(),
  where: z.string(),
  quantity: z.string(),
  findings: z.array(z.string()),
  /** The head it stands under. */
  group: z.string(),
  /** What was seen, in plain words; empty where it mends a cause, or a whole side. */
  seen: z.string(),
  /** What we do, in plain words. */
  done: z.string(),
  price_cents: CentsValue,
  /** What it means that it is left out; null: it cannot be left out by a touch, but can be asked about. */
  leave: z
    .strictObject({
      /** By how much the price before tax falls: less than its price where what is shared stays. */
      saves_cents: CentsValue,
      /** It is there so that nobody is hurt: left out by name only. */
      hazard: z.boolean(),
    })
    .nullable(),
  /** What follows where it is left out. */
  left_out: z.string(),
  /** Items and options without which it makes no sense. */
  requires: z.array(Id),
  /** How its price is meant. */
  basis: BidBasis,
  /** What it costs a year over one period, renewals with it; null: it has no life, or nothing stands beside it to compare. */
  over_years: BidOverYears,
  life: z.string(),
  warranty: z.string(),
  notices: z.array(z.string()),
  pending_engineer: z.boolean(),
})

/** Work that is not in the price: an option with its own, what others do, what is left out, watched or waits, and why. */
const BidBeside = z.strictObject({
  id: Id,
  title: z.string(),
  where: z.string(),
  quantity: z.string(),
  findings: z.array(z.string()),
  group: z.string(),
  done: z.string(),
  why: z.string(),
  /** What it adds, as it stands; null: it has no price here. */
  price_cents: CentsValue.nullable(),
  /** The owner may choose it by a touch. */
  takeable: z.boolean(),
  /** Items it takes the place of. */
  instead_of: z.array(Id),
  /** What those save together where it takes their place; null: nobody knows, and it is asked about. */
  saves_cents: CentsValue.nullable(),
  requires: z.array(Id),
  /** How its price is meant, once it is taken. */
  basis: BidBasis,
  over_years: BidOverYears,
  life: z.string(),
  warranty: z.string(),
  notices: z.array(z.string()),
})

/** The bid as its owner reads it. It carries no cost, hours, overhead or profit. Frozen when sent. */
export const BidModel = z.strictObject({
  format: z.literal('detrimus-bid'),
  version: z.literal(8),
  title: z.string(),
  address: z.string(),
  firm: z.strictObject({
    name: z.string(),
    place: z.string(),
    licence: z.string(),
    /** Hash of the picture that is the firm's mark; absent: it has none. */
    logo_sha256: z.string().optional(),
  }),
  prepared_on: Day,
  valid_until: Day,
  /** The accepted bid that this one takes the place of, once it is accepted itself; absent in a first bid. */
  replaces: z
    .strictObject({ number: z.int(), total_cents: CentsValue, accepted_by: z.string(), accepted_on: Day })
    .optional(),
  /** What was found, where mostly, and how much of its causes is mended: two sentences. */
  lead: z.string(),
  /** The firm’s own words at its beginning and its end. */
  opening: z.string(),
  closing: z.string(),
  /** What it is printed on, and which prices are shown. */
  shows: z.strictObject({ paper: z.enum(PAPERS), prices: z.enum(SHOWN_PRICES) }),
  /** Heads of the work, in the order the house is walked. */
  groups: z.array(z.strictObject({ id: z.string(), name: z.string(), where: z.string() })),
  hazards: z.array(BidHazard),
  more_hazards: z.array(BidHazard),
  findings: z.array(BidFinding),
  items: z.array(BidItem),
  beside: z.array(BidBeside),
  adjustment: z.strictObject({ cents: CentsValue, reason: z.string() }).nullable(),
  discount: z.strictObject({ cents: CentsValue, reason: z.string() }).nullable(),
  tax_cents: CentsValue,
  tax_words: z.string(),
  total_cents: CentsValue,
  /** What a choice of it comes to is reckoned by: see `chosenTotal`. */
  choosing: z.strictObject({
    /** The price before tax is never less while anything is done. */
    least_cents: CentsValue,
    /** Share of the price before tax; 0 where it is inside the items or there is none. */
    tax_rate: z.number().min(0).max(1),
  }),
  /** Options that cost less taken together than each by itself: what is shared is paid once. Of two rows, one within the other, the wider counts. */
  together: z.array(z.strictObject({ ids: z.array(z.string()), saves_cents: CentsValue })),
  /** What it costs to look at what was not looked at. */
  looks: z.array(
    z.strictObject({
      id: z.string(),
      says: z.string(),
      price_cents: CentsValue,
    }),
  ),
  /** When money is due, and what of the total. */
  payments: Payments,
  /** What is to be expected behind what is opened, beyond the price; null: nothing is opened of which anything is known. */
  expects: z.strictObject({ low_cents: CentsValue, high_cents: CentsValue }).nullable(),
  /** What the same work may come to later, as a range; null: the firm does not tell it, or nothing grows. */
  waiting: z
    .strictObject({
      rows: z.array(z.strictObject({ years: z.int(), low_cents: CentsValue, high_cents: CentsValue })),
      now_cents: CentsValue,
      works: z.array(z.string()),
      can_wait: z.array(z.string()),
    })
    .nullable(),
  /** What may be found behind what is opened, by the unit: the first, and each further one at the same place. */
  finds: z.array(
    z.strictObject({
      /** Which find of the catalogue it is; in bids of older versions known by its words. */
      id: z.string(),
      what: z.string(),
      first_cents: CentsValue,
      further_cents: CentsValue,
    }),
  ),
  /** What is agreed of finds nobody has said yes to yet; null: nothing is, and each waits for its yes. */
  go_on: z
    .strictObject({
      /** Up to this sum of all of them together the crew goes on. */
      most_cents: CentsValue,
      /** Working hours after which it closes the place and goes elsewhere. */
      answer_hours: z.number().min(0),
      /** What closing it costs by the hour, beside material. */
      hour_cents: CentsValue,
    })
    .nullable(),
  /** What was measured, place by place: the day of the last reading, and what it said in plain sentences. */
  measured: z.array(z.strictObject({ where: z.string(), day: Day, says: z.string() })),
  /** Somebody's list, answered number by number; null: there is none. */
  response: z
    .strictObject({
      heading: z.string(),
      rows: z.array(
        z.strictObject({
          number: z.string(),
          asks: z.string(),
          answer: z.string(),
          price_cents: CentsValue.nullable(),
        }),
      ),
    })
    .nullable(),
  source_pairs: z.array(
    z.strictObject({
      source: z.string(),
      /** How sure, and who says so; empty in bids of older versions. */
      sure: z.string(),
      fix: z.string(),
      findings: z.string(),
      fixed: z.boolean(),
      /** How its fix stands, in words. */
      standing: z.string(),
    }),
  ),
  clauses: z.array(z.strictObject({ number: z.int(), heading: z.string(), text: z.string() })),
  not_looked: z.string(),
  local_code: z.string(),
  /** The strip in rows that fit a page, each as drawn: house units to a pixel, and the shapes. */
  drawings: z.array(
    z.strictObject({
      px: z.number().gt(0),
      drawing: z.custom<Drawing>((value) => typeof value === 'object' && value !== null),
    }),
  ),
})
export type BidModel = z.infer<typeof BidModel>
export type BidHazardLine = z.infer<typeof BidHazard>
export type BidBesideLine = z.infer<typeof BidBeside>
