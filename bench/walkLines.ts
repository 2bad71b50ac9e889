import type { ComponentId } from '../src/core/job'

/** One of the thirty findings of the bench: as a line of shorthand, and as taps on the picture of an opening or a wall. */
export type BenchLine = {
  /** What is said of it in shorthand; `same on …` lines make several findings at once. */
  readonly line: string
  /** How many findings it is. */
  readonly makes: number
  /** The same by touch: openings and their part, or a wall at a station and height (ft). */
  readonly touch: readonly (
    | { readonly feature: string; readonly part: string; readonly grade: string }
    | {
        readonly wall: { readonly side: string; readonly share: number; readonly up: number }
        readonly component: ComponentId
        readonly length: string
        readonly grade: string
      }
  )[]
}

/** Thirty findings of one house: sills and casings that repeat, fascia, siding, corners. Fixed before the bench was run. */
export const LINES: readonly BenchLine[] = [
  {
    line: `A1 sill nose 2' deep caulk split, same on A2, A4`,
    makes: 3,
    touch: ['A1', 'A2', 'A4'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'sill nose',
      grade: 'deep',
    })),
  },
  {
    line: `A1 head casing 10" soft, same on A2, A4, A5`,
    makes: 4,
    touch: ['A1', 'A2', 'A4', 'A5'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'head casing',
      grade: 'local soft',
    })),
  },
  {
    line: `A5 left leg 18" soft`,
    makes: 1,
    touch: [{ feature: 'window A5', part: 'left leg', grade: 'local soft' }],
  },
  {
    line: `B1 sill nose 3' surface, same on B2`,
    makes: 2,
    touch: ['B1', 'B2'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'sill nose',
      grade: 'surface',
    })),
  },
  {
    line: `C1 sill 2' deep, same on C3`,
    makes: 2,
    touch: ['C1', 'C3'].map((feature) => ({ feature: `window ${feature}`, part: 'sill', grade: 'deep' })),
  },
  {
    line: `D1 sill nose 40" surface, same on D2`,
    makes: 2,
    touch: ['D1', 'D2'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'sill nose',
      grade: 'surface',
    })),
  },
  {
    line: `A3 right jamb foot 7" deep`,
    makes: 1,
    touch: [{ feature: 'door A3', part: 'right jamb foot', grade: 'deep' }],
  },
  {
    line: `C2 left jamb foot 7" deep`,
    makes: 1,
    touch: [{ feature: 'door C2', part: 'left jamb foot', grade: 'deep' }],
  },
  {
    line: `A1 sill 3' soft, same on A4, A5`,
    makes: 3,
    touch: ['A1', 'A4', 'A5'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'sill',
      grade: 'local soft',
    })),
  },
  {
    line: `B1 head casing 9" soft, same on B2`,
    makes: 2,
    touch: ['B1', 'B2'].map((feature) => ({
      feature: `window ${feature}`,
      part: 'head casing',
      grade: 'local soft',
    })),
  },
  ...(
    [
      [`A 0' fascia 5' soft`, 'A', 0.06, 0.57, 'fascia', `5'`, 'local soft'],
      [`C 1' fascia 20' deep`, 'C', 0.06, 0.57, 'fascia', `20'`, 'deep'],
      [`B 0' corner board 14" soft`, 'B', 0.06, 0.2, 'corner-board', `14"`, 'local soft'],
      [`D 29' corner board 22" deep`, 'D', 0.92, 0.2, 'corner-board', `22"`, 'deep'],
      [`D 8' bottom course 10' soft`, 'D', 0.3, 0.12, 'base-course', `10'`, 'local soft'],
      [`A 36' siding 6' soft`, 'A', 0.62, 0.35, 'lap-siding', `6'`, 'local soft'],
      [`C 20' siding 3' soft`, 'C', 0.55, 0.3, 'lap-siding', `3'`, 'local soft'],
      [`B 13' siding 34" soft`, 'B', 0.45, 0.3, 'lap-siding', `34"`, 'local soft'],
      [`D 14' water table 14' surface`, 'D', 0.5, 0.13, 'water-table', `14'`, 'surface'],
    ] as const
  ).map(([line, side, share, up, component, length, grade]): BenchLine => ({
    line,
    makes: 1,
    touch: [{ wall: { side, share, up }, component, length, grade }],
  })),
]
