import { CERTAINTY_WORDS, type Certainty as Word } from '../../core/trace/certainty'

/** Five notches with the word; a figure only where it is asked for. A stated cause carries its person's name instead. */
export function Certainty({ certainty, by }: { certainty: Word | 'stated'; by?: string | null }) {
  if (certainty === 'stated') {
    return <span className="block font-head text-[14px] leading-tight font-semibold">stated by {by}</span>
  }
  const at = CERTAINTY_WORDS.indexOf(certainty)
  return (
    <span className="inline-flex flex-col gap-1">
      <span className="flex gap-1" aria-hidden>
        {CERTAINTY_WORDS.map((word, index) => (
          <span key={word} className={`h-1.5 w-3.5 ${index === at ? 'bg-ink' : 'bg-rule'}`} />
        ))}
      </span>
      <span className="font-head text-[14px] font-semibold">{certainty}</span>
    </span>
  )
}
