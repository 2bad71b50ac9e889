import type { Figure } from '../../core/explain/figure'

function shown({ value, unit }: Figure): string {
  switch (unit) {
    case 'USD':
      return `$${value.toFixed(2)}`
    case '%':
      return `${value.toFixed(1)} %`
    default:
      return `${value.toFixed(2)} ${unit}`
  }
}

/** A figure with its arithmetic: what it is, how it came about, where its numbers come from, and its parts below it. */
export function FigureTree({ figure }: { figure: Figure }) {
  return (
    <div className="text-[14px]">
      <div className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-rule py-1">
        <span>
          <span className="font-head font-semibold">{figure.label}</span>{' '}
          <span className="text-quiet">
            {figure.how}
            {figure.source ? ` · ${figure.source}` : ''}
          </span>
        </span>
        <span className="text-right font-head font-semibold">{shown(figure)}</span>
      </div>
      {figure.parts && figure.parts.length > 0 ? (
        <div className="pl-4">
          {figure.parts.map((part) => (
            <FigureTree key={`${part.label}-${part.how}`} figure={part} />
          ))}
        </div>
      ) : null}
    </div>
  )
}
