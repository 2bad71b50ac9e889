import { chipsOf, type Chip, type Shorthand } from '../../core/shorthand'

const LOOK: Record<Chip['kind'], string> = {
  place: 'border-ink bg-tape',
  part: 'border-ink bg-white font-semibold',
  size: 'border-ink bg-white',
  sign: 'border-chalk bg-white text-chalk-text',
  state: 'border-crayon bg-white text-crayon-text',
  note: 'border-rule bg-paper',
  left: 'border-dashed border-crayon bg-paper text-crayon-text',
}

/** What was understood of a line, to be checked at a glance. Words nothing placed stay visible and are kept as text. */
export function Chips({ found }: { found: readonly Shorthand[] }) {
  return (
    <ol aria-label="Understood" className="flex flex-col gap-1.5">
      {found.map((said, index) => (
        <li key={index} className="flex flex-wrap gap-1">
          {chipsOf(said).map((chip, at) => (
            <span
              key={at}
              className={`rounded-(--radius) border px-1.5 font-head text-[14px] ${LOOK[chip.kind]}`}
            >
              {chip.kind === 'left' ? `? ${chip.says}` : chip.says}
            </span>
          ))}
        </li>
      ))}
    </ol>
  )
}
