'use client'

import { computedGrade, GRADE_NAMES, gradeOf, type EntityOf, type Finding } from '../../../core/job'
import { PercentField } from '../../look/ReadField'
import { Awl, LengthField, SelectField } from '../../look'

type Fields = Partial<EntityOf['finding']>
type Observations = NonNullable<Finding['observations']>

const NOTHING: Observations = {
  awl_past_sound: null,
  thickness: null,
  section_lost_percent: null,
  surface: null,
}

const SURFACES: readonly { value: NonNullable<Observations['surface']>; label: string }[] = [
  { value: 'intact', label: 'film intact or merely dirty, nail holds' },
  { value: 'film-failed', label: 'film failed, checked, swollen a little' },
  { value: 'soft-spot', label: 'soft spot under 12 in, nail loosens' },
  { value: 'soft-over-12-in', label: 'soft over 12 in, nail pulls by hand' },
  { value: 'joint-open', label: 'joint open' },
  { value: 'piece-missing', label: 'piece missing, crumbles' },
]

/** The grade as stated, and what it was taken from. What a person states wins; the reckoned one stands beside it. */
export function GradeFields({ finding, set }: { finding: Finding; set: (fields: Fields) => void }) {
  const seen = finding.observations ?? NOTHING
  const computed = computedGrade(finding.observations)
  const observe = (fields: Partial<Observations>): void => {
    const next = { ...seen, ...fields }
    const empty = Object.values(next).every((value) => value === null)
    set({ observations: empty ? null : next })
  }
  const differs = computed && finding.stated_grade !== null && computed.grade !== finding.stated_grade
  return (
    <fieldset className="col-span-full max-sm:order-first">
      <legend className="font-head text-[14px] font-medium">Grade of the damage</legend>
      <div className="mt-1 grid grid-cols-6 gap-1.5 max-sm:gap-1">
        {([null, 0, 1, 2, 3, 4] as const).map((grade) => {
          const active = gradeOf(finding) === grade
          return (
            <button
              key={String(grade)}
              type="button"
              aria-pressed={active}
              onClick={() => set({ stated_grade: grade })}
              className={`flex min-h-11 items-center justify-center gap-1 rounded-(--radius) border px-1 max-sm:min-h-16 max-sm:flex-col max-sm:px-0 ${active ? 'border-2 border-ink bg-white' : 'border-rule bg-paper'}`}
            >
              <Awl grade={grade} word={false} />
              <span className="font-head text-[14px] leading-tight">
                {grade === null ? 'not touched' : GRADE_NAMES[grade]}
              </span>
            </button>
          )
        })}
      </div>
      {computed ? (
        <p className={`mt-1 text-[13px] ${differs ? 'text-pencil-text' : 'text-quiet'}`}>
          From what was measured: {computed.grade} {GRADE_NAMES[computed.grade]}, decided by the{' '}
          {computed.decided}.{differs ? ' Yours stands.' : ''}
        </p>
      ) : null}
      <details className="mt-1" open={finding.observations !== null}>
        <summary className="font-head text-[14px] text-chalk-text underline touch:py-3">
          What it was taken from
        </summary>
        <div className="grid grid-cols-4 gap-3 pt-2 max-sm:grid-cols-2">
          <LengthField
            label="Awl past sound wood"
            optional
            value={seen.awl_past_sound}
            onChange={(awl_past_sound) => observe({ awl_past_sound })}
          />
          <LengthField
            label="Thickness there"
            optional
            value={seen.thickness}
            onChange={(thickness) => observe({ thickness })}
          />
          <PercentField
            label="Section lost, %"
            value={seen.section_lost_percent}
            onChange={(section_lost_percent) => observe({ section_lost_percent })}
            onClear={() => observe({ section_lost_percent: null })}
          />
          <SelectField
            label="Surface"
            value={seen.surface ?? ''}
            onChange={(value) =>
              observe({ surface: SURFACES.find((each) => each.value === value)?.value ?? null })
            }
            choices={[{ value: '', label: 'not judged' }, ...SURFACES]}
          />
        </div>
      </details>
    </fieldset>
  )
}
