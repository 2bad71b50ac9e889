import { method, NO_RECIPE, type Along, type MethodRow, type Per, type Recipe } from '../method'

type Count = readonly [what: string, per: Per, times: number]
type Goods = readonly [good: string, per: Per, times: number, why: string]

/** What fixes a source at its place, over everything it reaches. Hours and lives: our judgement. */
export function sourceFix(
  id: string,
  name: string,
  of: {
    readonly cures: string
    readonly we: string
    /** Parts that it mends themselves, so that it can be chosen for what was found on them. */
    readonly mends?: readonly string[]
    readonly along?: Along
    readonly life: readonly [number, number]
    readonly warranty?: MethodRow['warranty']
    readonly tasks: readonly Count[]
    readonly goods?: readonly Goods[]
    readonly paint_ft2?: Recipe['paint_ft2']
  },
): MethodRow {
  return method({
    id,
    name,
    cures: of.cures,
    we: of.we,
    answers: 'source',
    serves: of.mends ?? null,
    along: of.along ?? 'each',
    life: of.life,
    lifeUncured: of.life,
    warranty: of.warranty ?? 'B',
    recipe: {
      ...NO_RECIPE,
      tasks: of.tasks.map(([task, per, times]) => ({ task, per, times })),
      goods: (of.goods ?? []).map(([good, per, times, why]) => ({ good, per, times, why })),
      paint_ft2: of.paint_ft2 ?? { per: 'place', times: 0 },
    },
  })
}
