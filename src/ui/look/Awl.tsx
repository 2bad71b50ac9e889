import { GRADE_NAMES } from '../../core/job'

/** The damage grade as an awl: filled length is the grade, untouched is empty and dashed. Its word stands beside it. */
export function Awl({ grade, word = true }: { grade: number | null; word?: boolean }) {
  const name = grade === null ? 'not touched' : GRADE_NAMES[grade]
  const filled = grade === null ? 0 : (grade / 4) * 18
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap">
      <svg width="10" height="26" viewBox="0 0 10 26" aria-hidden className="shrink-0">
        <rect
          x="2"
          y="1"
          width="6"
          height="18"
          fill="#fff"
          stroke="#17232B"
          strokeDasharray={grade === null ? '2 2' : undefined}
        />
        {grade === null ? null : (
          <>
            <rect x="2" y={1 + 18 - filled} width="6" height={filled} fill="#C93A1C" stroke="#17232B" />
            <path d="M2 19 L8 19 L5 25 Z" fill="#fff" stroke="#17232B" />
          </>
        )}
      </svg>
      {word ? <span className="font-head">{grade === null ? name : `${grade} ${name}`}</span> : null}
    </span>
  )
}
