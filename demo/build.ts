import {
  newJob,
  newWorkItem,
  startingRates,
  startingSettings,
  type ComponentId,
  type Fact,
  type Feature,
  type Finding,
  type HowKnown,
  type JobDocument,
  type Side,
  type WorkItem,
} from '../src/core/job'
import type { NotLookedReason } from '../src/core/coverage'
import { feet, inches, type Length } from '../src/core/measure'

/** Helpers that write the invented demo jobs tersely. Everything here is made up. */
export const FIRM = {
  name: 'Tern & Mallet Repair',
  place: 'Port Alder, Skerry County',
  licence: 'Demo licence TM-0000, insured',
}
export const CREW = {
  estimator: 'Imke Solvane',
  lead: 'Dov Harrow',
  apprentice: 'Pell Arkwright',
  office: 'Runa Castellan',
}

export function emptyJob(id: string, title: string): JobDocument {
  return newJob({
    id,
    title,
    timeZone: 'America/Los_Angeles',
    settings: startingSettings(FIRM),
    rates: startingRates(),
  })
}

/** A job with its address and the one person who owns the house, lives in it and pays. */
export function ownedJob(id: string, title: string, of: { address: string; owner: string }): JobDocument {
  const job = emptyJob(id, title)
  return {
    ...job,
    job: { ...job.job, address: of.address },
    people: [
      {
        id: 'person-1',
        removed: false,
        name: of.owner,
        email: `${of.owner.toLowerCase().replaceAll(' ', '.')}@mail.invalid`,
        phone: '',
        roles: ['pays', 'owns', 'lives-there', 'may-permit', 'may-approve'],
      },
    ],
  }
}

export function side(
  letter: string,
  order: number,
  facing: Side['facing'],
  length_ft: number,
  more: Partial<Side> = {},
): Side {
  return {
    id: `side-${letter.toLowerCase()}`,
    removed: false,
    letter,
    order,
    facing,
    length: feet(length_ft),
    turn_deg: 90,
    wall_height: null,
    roof_edge: 'eave',
    pitch_in_12: 6,
    overhang: inches(12),
    cladding: 'wood-lap',
    clad_parts: [],
    behind: 'unknown',
    ground_left: inches(0),
    ground_right: inches(0),
    floor_shift: inches(0),
    conditions: [],
    length_how: 'taped',
    length_low: null,
    length_high: null,
    height_how: 'taped',
    ...more,
  }
}

export function window(
  letter: string,
  number: number,
  station_ft: number,
  floor: 1 | 2,
  size: { w: number; h: number } = { w: 42, h: 60 },
): Feature {
  return {
    id: `window-${letter.toLowerCase()}${number}`,
    removed: false,
    kind: 'window',
    side_id: `side-${letter.toLowerCase()}`,
    number,
    station: feet(station_ft),
    width: inches(size.w),
    height: inches(size.h),
    sill: { value: inches(30), from: `floor-${floor}` },
    size_how: 'taped',
    casing_width: inches(5.5),
    parts: ['head-casing', 'side-casing', 'window-sill', 'sill-nose'],
  }
}

export function door(letter: string, number: number, station_ft: number, width_in = 36): Feature {
  return {
    id: `door-${letter.toLowerCase()}${number}`,
    removed: false,
    kind: 'door',
    side_id: `side-${letter.toLowerCase()}`,
    number,
    station: feet(station_ft),
    width: inches(width_in),
    height: inches(80),
    sill: { value: inches(0), from: 'floor-1' },
    size_how: 'taped',
    casing_width: inches(5.5),
    parts: ['head-casing', 'side-casing', 'jamb-foot', 'threshold', 'slab'],
  }
}

type Said = {
  n: number
  words: string
  component: ComponentId | null
  at?: { side: string; ft: number; up_in: number; feature?: string }
  length_in?: number
  how?: 'taped' | 'counted' | 'scaled' | 'guessed'
  grade?: 0 | 1 | 2 | 3 | 4 | null
  signs?: string[]
  known?: HowKnown
  count?: number
  material?: Finding['material']
  suspected?: boolean
}

/** Of a gutter that nobody looked at closely. */
export const GUTTER = {
  profile: 'unknown',
  top_width: null,
  hangers: 'unknown',
  hangers_apart: null,
} as const

export function finding(of: Said): Finding {
  const long = of.length_in === undefined ? null : inches(of.length_in)
  const how = of.how ?? 'taped'
  return {
    id: `finding-${of.n}`,
    removed: false,
    number: of.n,
    words: of.words,
    place: of.at
      ? {
          kind: 'side',
          side_id: `side-${of.at.side}`,
          station: feet(of.at.ft),
          height: { value: inches(of.at.up_in), from: 'grade' },
          feature_id: of.at.feature ?? null,
        }
      : { kind: 'none' },
    spot: null,
    component: of.component,
    material: of.material ?? 'wood-unknown',
    extent:
      long === null
        ? null
        : {
            value: long,
            how,
            low: how === 'guessed' ? (Math.round(long * 0.75) as Length) : null,
            high: how === 'guessed' ? (Math.round(long * 1.5) as Length) : null,
          },
    count: of.count ?? null,
    face_width: null,
    signs: (of.signs ?? []).map((sign) => ({ sign, how: of.known ?? 'touched', present: true })),
    how_known: of.known ?? 'touched',
    suspected: of.suspected ?? false,
    stated_grade: of.grade ?? null,
    observations: null,
    photo_ids: [],
    clip_ids: [],
    earlier_repair: 'not-noted',
    detail_id: null,
    behind: null,
    seen_by: CREW.estimator,
    first_seen: null,
  }
}

const WALKED = '2026-05-04T17:30:00Z'

export function looked(
  id: string,
  letter: string,
  zone: Extract<Fact, { kind: 'coverage' }>['zone'],
  how: HowKnown,
): Fact {
  return {
    kind: 'coverage',
    id: `looked-${id}`,
    by: CREW.estimator,
    at: WALKED,
    side_id: `side-${letter}`,
    zone,
    looked: { yes: true, how },
    stood: null,
  }
}

export function notLooked(
  id: string,
  letter: string,
  zone: Extract<Fact, { kind: 'coverage' }>['zone'],
  reason: NotLookedReason,
): Fact {
  return {
    kind: 'coverage',
    id: `not-looked-${id}`,
    by: CREW.estimator,
    at: WALKED,
    side_id: `side-${letter}`,
    zone,
    looked: { yes: false, reason },
    stood: null,
  }
}

export const AT = WALKED

/** A method chosen for findings. */
export function repair(
  n: number,
  method: string,
  component: string,
  finding_ids: string[],
  material: string,
): WorkItem {
  return newWorkItem({ id: `repair-${n}`, finding_ids, method, component, material })
}

/** A side to be painted, with the share of it where the film has let go. */
export function paintSide(
  letter: string,
  condition: NonNullable<WorkItem['condition']>,
  share_peeling_percent: number | null,
  note: string,
): WorkItem {
  return newWorkItem({
    id: `paint-${letter}`,
    method: 'paint-side',
    places: [{ at: { kind: 'whole-side', side_id: `side-${letter}` }, size: null, height: null }],
    condition,
    share_peeling_percent,
    note,
  })
}
