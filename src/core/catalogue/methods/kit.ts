import { method, NO_RECIPE, type Advice, type MethodRow, type PieceUse, type Recipe } from './method'

type TaskOf = readonly [task: string, per: Recipe['tasks'][number]['per'], times: number]
type GoodOf = readonly [good: string, per: Recipe['goods'][number]['per'], times: number, why: string]

/** A repair as it is written down: what is usual is left out. */
export type KitOf = {
  /** What it does, as the trade says it. */
  readonly cures: string
  /** The same for the owner, in plain words. */
  readonly we: string
  readonly serves: readonly string[]
  /** Grades for which it is what one does, with the reason; null: a choice. */
  readonly when?: readonly [least: number, most: number, says: string]
  readonly advice?: readonly Advice[]
  readonly life: readonly [number, number]
  readonly uncured?: readonly [number, number]
  readonly warranty?: MethodRow['warranty']
  readonly wood?: Recipe['wood']
  readonly byPart?: true
  readonly tasks: readonly (TaskOf | Recipe['tasks'][number])[]
  readonly goods?: readonly GoodOf[]
  readonly pieces?: readonly PieceUse[]
  readonly paint_ft2?: Recipe['paint_ft2']
  readonly debris_yd3?: Recipe['debris_yd3']
  readonly needs?: MethodRow['needs']
  readonly visits?: number
  readonly rebuilds?: MethodRow['rebuilds']
  readonly takesIn?: MethodRow['takesIn']
  readonly setOut?: MethodRow['setOut']
  readonly does?: MethodRow['does']
  readonly forNow?: true
  readonly alsoFixes?: MethodRow['alsoFixes']
  readonly paints?: boolean
  readonly hidesDecay?: boolean
  readonly answers?: 'side'
}

const isTask = (of: TaskOf | Recipe['tasks'][number]): of is TaskOf => Array.isArray(of)

/** A repair of findings on the parts it serves. Hours, goods and lives: their rows say from where; the rest is our judgement. */
export function kit(id: string, name: string, of: KitOf): MethodRow {
  const [least, most, says] = of.when ?? []
  const calm = of.rebuilds ? {} : { keepOff: false, engineer: false }
  const usual: Advice[] =
    says === undefined
      ? []
      : [{ verdict: 'recommended', when: { ...calm, untouched: false, grade: [least!, most!] }, says }]
  return method({
    id,
    name,
    cures: of.cures,
    we: of.we,
    serves: of.answers === 'side' ? null : of.serves,
    answers: of.answers ?? 'findings',
    life: of.life,
    lifeUncured: of.uncured ?? of.life,
    warranty: of.warranty ?? 'B',
    needs: of.needs ?? [],
    visits: of.visits ?? 1,
    rebuilds: of.rebuilds ?? null,
    takesIn: of.takesIn ?? [],
    setOut: of.setOut ?? null,
    does: of.does ?? 'mends',
    forNow: of.forNow ?? false,
    alsoFixes: of.alsoFixes ?? [],
    paints: of.paints ?? false,
    hidesDecay: of.hidesDecay ?? false,
    advice: [...usual, ...(of.advice ?? [])],
    recipe: {
      ...NO_RECIPE,
      wood: of.wood ?? null,
      byPart: of.byPart ?? false,
      tasks: of.tasks.map((each) => (isTask(each) ? { task: each[0], per: each[1], times: each[2] } : each)),
      goods: (of.goods ?? []).map(([good, per, times, why]) => ({ good, per, times, why })),
      pieces: of.pieces ?? [],
      paint_ft2: of.paint_ft2 ?? null,
      debris_yd3: of.debris_yd3 ?? null,
    },
  })
}

type BoardsOf = Partial<Omit<PieceUse, 'section' | 'material' | 'why' | 'long'>> &
  Partial<Pick<PieceUse['long'], 'of' | 'plus_in' | 'least_in'>>

/** Boards of a kit: so many a unit, each as long as the place and so much more. Section and material null: as the part is bought. */
export function boards(
  section: string | null,
  material: string | null,
  why: string,
  more: BoardsOf = {},
): PieceUse {
  const { per = 'place', times = 1, joint = 'none', replaces = true, like = null } = more
  const { of = 'length', plus_in = 0, least_in = 0 } = more
  const long = { of, times: 1, plus_in, least_in } as const
  return { section, material, like, per, times, joint, replaces, why, long }
}

/** Boards of a kit of one length each, whatever the place. */
export function boardsOf(
  long_ft: number,
  section: string | null,
  material: string | null,
  why: string,
  more: BoardsOf = {},
): PieceUse {
  const made = boards(section, material, why, more)
  return { ...made, long: { ...made.long, times: 0, plus_in: long_ft * 12 } }
}
