import { partOf } from '../catalogue'
import type { Finding } from './document'
import type { Grade } from './values'
import { toInches } from '../measure'

/** A computed grade, and which of the three columns decided it. */
export type ComputedGrade = { readonly grade: Grade; readonly decided: 'awl' | 'section' | 'surface' }

function awlGrade(past_in: number, thickness_in: number | null): Grade {
  if (past_in <= 1 / 16) return 0
  if (past_in <= 1 / 8) return 1
  // The deeper classes are shares of the thickness; without it a 3/4 in board, the commonest, stands in.
  const thick = thickness_in ?? 0.75
  if (past_in >= thick) return 4
  if (past_in > 0.75 * thick) return 4
  if (past_in > Math.min(0.25 * thick, 0.5)) return 3
  return 2
}

function sectionGrade(percent: number): Grade {
  if (percent === 0) return 0
  if (percent < 5) return 1
  if (percent <= 20) return 2
  return percent <= 60 ? 3 : 4
}

const SURFACE: Record<NonNullable<NonNullable<Finding['observations']>['surface']>, Grade> = {
  intact: 0,
  'film-failed': 1,
  'soft-spot': 2,
  'soft-over-12-in': 3,
  'joint-open': 3,
  'piece-missing': 4,
}

/**
 * Damage grade from what was observed: the worst of awl depth past sound wood, section lost and surface.
 *
 * Ends: null when nothing was observed: *not touched* is not *sound*.
 * Source: our judgement (damage grade table).
 *
 * @example
 * computedGrade({ awl_past_sound: 48, thickness: 80, section_lost_percent: null, surface: null }) // => { grade: 3, decided: 'awl' }
 */
export function computedGrade(observations: Finding['observations']): ComputedGrade | null {
  if (observations === null) return null
  const rows: ComputedGrade[] = []
  if (observations.awl_past_sound !== null) {
    const thickness = observations.thickness === null ? null : toInches(observations.thickness)
    rows.push({ grade: awlGrade(toInches(observations.awl_past_sound), thickness), decided: 'awl' })
  }
  if (observations.section_lost_percent !== null) {
    rows.push({ grade: sectionGrade(observations.section_lost_percent), decided: 'section' })
  }
  if (observations.surface !== null) {
    rows.push({ grade: SURFACE[observations.surface], decided: 'surface' })
  }
  return rows.reduce<ComputedGrade | null>(
    (worst, row) => (worst && worst.grade >= row.grade ? worst : row),
    null,
  )
}

/** The grade that counts: the stated one, else the computed one, else null for not touched. */
export function gradeOf(finding: Finding): Grade | null {
  return (finding.stated_grade as Grade | null) ?? computedGrade(finding.observations)?.grade ?? null
}

/** From this grade on wood is soft: water, or what lives in it, has been there. */
export const SOFT_GRADE = 2

/** Whether a finding is of damage: a part noted sound is evidence, and wants no repair. */
export function isDamage(finding: Finding): boolean {
  return gradeOf(finding) !== 0
}

/** Whether the grade of a load-bearing member asks for more caution than the wood alone. */
export function isStructuralDecay(finding: Finding): boolean {
  const grade = gradeOf(finding)
  return (
    finding.component !== null && partOf(finding.component)?.bears === true && grade !== null && grade >= 2
  )
}
