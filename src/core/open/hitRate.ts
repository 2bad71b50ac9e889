import { showedOf, type OpenedPlace } from '../job'

type Opened = Pick<OpenedPlace, 'guess' | 'found'>

/** How well what was reckoned of hidden damage fits what was found, over places that were opened. */
export type HitRate = {
  /** Opened places of which something was reckoned. */
  readonly places: number
  /** Of layers of those: how many were expected to be damaged, and how many were. */
  readonly expected: number
  readonly found: number
  /** Mean square of chance less outcome: 0 is a clairvoyant, 0.25 a coin. Source: Brier, 1950. */
  readonly score: number | null
  /** The same were everything given the share that was found. */
  readonly of_share: number | null
  /** By the kind of surface. */
  readonly rows: readonly {
    readonly row: string
    readonly places: number
    readonly expected: number
    readonly found: number
  }[]
}

type Outcome = { readonly row: string; readonly chance: number; readonly was: boolean }

function outcomesOf(opened: Opened): Outcome[] {
  const { guess } = opened
  if (guess === null) return []
  const showed = showedOf(opened)
  const framing = { row: guess.row, chance: guess.framing_percent / 100, was: showed.framing }
  return guess.backing_percent === null
    ? [framing]
    : [{ row: guess.row, chance: guess.backing_percent / 100, was: showed.backing }, framing]
}

const mean = (values: readonly number[]): number | null =>
  values.length === 0 ? null : values.reduce((sum, each) => sum + each, 0) / values.length

/** Of places that were opened: how many were expected to hide damage, how many did, and how good the chances were. */
export function hitRate(places: readonly Opened[]): HitRate {
  const known = places.filter(({ guess }) => guess !== null)
  const outcomes = known.flatMap(outcomesOf)
  const expectedOf = (list: readonly Outcome[]): number => list.reduce((sum, { chance }) => sum + chance, 0)
  const foundOf = (list: readonly Outcome[]): number => list.filter(({ was }) => was).length
  const share = outcomes.length === 0 ? 0 : foundOf(outcomes) / outcomes.length
  const rows = [...new Set(known.map(({ guess }) => guess!.row))].toSorted()
  return {
    places: known.length,
    expected: Math.round(expectedOf(outcomes) * 100) / 100,
    found: foundOf(outcomes),
    score: mean(outcomes.map(({ chance, was }) => (chance - (was ? 1 : 0)) ** 2)),
    of_share: outcomes.length === 0 ? null : share * (1 - share),
    rows: rows.map((row) => {
      const mine = outcomes.filter((each) => each.row === row)
      return {
        row,
        places: known.filter(({ guess }) => guess!.row === row).length,
        expected: Math.round(expectedOf(mine) * 100) / 100,
        found: foundOf(mine),
      }
    }),
  }
}
