import {
  CATALOGUE_EDITION,
  CAUTIONS,
  CLAUSES,
  CLADDINGS,
  GOODS,
  MATERIALS,
  METHODS,
  PARTS,
  REACH,
  SECTION_USD,
  STOCK_FT,
  TASKS,
  WARRANTIES,
  WARRANTY_MONTHS,
  type MethodRow,
  type PartRow,
} from '../catalogue'
import { CHECKS } from '../catalogue/checks/checks'
import { GUARDS } from '../catalogue/guards/guards'
import { FINDS } from '../catalogue/hidden/finds'
import { HOLD_POINTS } from '../catalogue/holdPoints/holdPoints'
import { UPKEEP } from '../catalogue/upkeep/upkeep'
import { DECK_POINTS } from '../catalogue/measures/deckPoints'
import { LEADS, OPENS_WALL, SKIES, STEPS, TAKES_SUPPORT, TASK_STEPS, WAITS } from '../catalogue/steps'
import { MEASURES, SHOWS } from '../catalogue/measures/shows'
import { LOOK_ALIKE_PAIRS } from '../catalogue/pairs/pairs'
import { SIGNS } from '../catalogue/signs'
import { CAUSE_IDS, causeOf } from '../trace'

/** Whether a method can be reckoned on a part: it has a recipe, and the part has what the recipe asks. */
export function canReckon(method: MethodRow, part: PartRow): boolean {
  const { recipe } = method
  if (recipe === null || method.answers === 'side') return false
  if (method.answers === 'source' && method.serves === null) return false
  if (method.serves !== null && !method.serves.includes(part.id)) return false
  if (recipe.byPart && (part.task === null || part.piece === null)) return false
  return !method.advice.some(
    ({ verdict, when }) =>
      verdict === 'blocked' &&
      ((when.courses !== undefined && when.courses === (part.piece?.courses ?? false)) ||
        (when.whole !== undefined && when.whole === (part.piece?.whole ?? false)) ||
        (when.ofOpening !== undefined && when.ofOpening === part.ofOpening) ||
        (when.painted !== undefined && when.painted === part.disturbsPaint) ||
        (when.pieced !== undefined && when.pieced === (part.piece !== null && part.task !== null))),
  )
}

/**
 * Every row of the catalogue as plain data: `npm run -s core -- catalogue` prints it. Methods with the parts they serve, causes with
 * the method that fixes them.
 */
export function catalogueRows(): object {
  return {
    format: 'detrimus-catalogue',
    version: 1,
    edition: CATALOGUE_EDITION,
    parts: PARTS,
    materials: MATERIALS,
    claddings: CLADDINGS,
    methods: METHODS.map((method) => ({
      ...method,
      serves: PARTS.filter((part) => canReckon(method, part)).map((part) => part.id),
      fixes: CAUSE_IDS.filter((id) => causeOf(id).fix?.method === method.id),
    })),
    tasks: TASKS,
    reach: REACH.map((row) => ({ ...row, upTo_ft: Number.isFinite(row.upTo_ft) ? row.upTo_ft : null })),
    goods: GOODS,
    sections: Object.entries(SECTION_USD).map(([section, usd_per_ft]) => ({
      section,
      usd_per_ft,
      source: 'our judgement',
      stock_ft: Object.entries(STOCK_FT)
        .filter(([key]) => key === section || key.startsWith(`${section} `))
        .map(([key, lengths_ft]) => ({ of: key, lengths_ft })),
    })),
    cautions: CAUTIONS,
    clauses: CLAUSES,
    warranties: WARRANTIES,
    causes: CAUSE_IDS.map((id) => {
      const { name, family, damages, fix, basis } = causeOf(id)
      return {
        id,
        name,
        family,
        damages,
        source: basis === 'judgement' ? 'our judgement' : basis,
        fix: fix && { words: fix.words, method: fix.method, hours: fix.hours },
        fixed_by: fix?.method ? [fix.method] : [],
      }
    }),
    signs: Object.entries(SIGNS).map(([id, row]) => ({ id, ...row })),
    checks: Object.entries(CHECKS).map(([id, row]) => ({ id, ...row, source: 'our judgement' })),
    pairs: LOOK_ALIKE_PAIRS,
    guards: GUARDS,
    measures: Object.entries(MEASURES).map(([id, says]) => ({ id, says })),
    shows: SHOWS,
    steps: STEPS,
    task_steps: Object.entries(TASK_STEPS).map(([task, steps]) => ({
      task,
      steps,
      takes_support: TAKES_SUPPORT[task] ?? null,
      opens_wall: OPENS_WALL.has(task),
    })),
    waits: WAITS,
    leads: LEADS,
    skies: SKIES,
    hold_points: HOLD_POINTS,
    upkeep: UPKEEP,
    warranty_months: WARRANTY_MONTHS,
    finds: FINDS,
    deck_points: DECK_POINTS,
  }
}
