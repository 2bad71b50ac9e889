import type { Figure } from '../../core/explain/figure'
import { dollars, formatCents } from '../../core/measure'

function shown({ value, unit }: Figure): string {
  switch (unit) {
    case 'USD':
      return formatCents(dollars(value))
    case '%':
      return `${value.toFixed(1)} %`
    default:
      return `${value.toFixed(2)} ${unit}`
  }
}

function Row({ figure, children }: { figure: Figure; children?: React.ReactNode }) {
  return (
    <span className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-rule py-1">
      <span>
        {children}
        <span className="font-head font-semibold">{figure.label}</span>{' '}
        <span className="text-quiet">
          {figure.how}
          {figure.source ? ` · ${figure.source}` : ''}
        </span>
      </span>
      <span className="text-right font-head font-semibold">{shown(figure)}</span>
    </span>
  )
}

/**
 * A figure with its arithmetic: what it is, how it came about, where its numbers come from, and its parts below it.
 *
 * @param folds parts of parts open at a touch: for a figure that is made of many
 */
export function FigureTree({ figure, folds = false }: { figure: Figure; folds?: boolean }) {
  const parts = figure.parts ?? []
  return (
    <div className="text-[14px]">
      <Row figure={figure} />
      {parts.length > 0 ? (
        <div className="pl-4">
          {parts.map((part) => (
            <Part key={`${part.label}-${part.how}`} figure={part} folds={folds} />
          ))}
        </div>
      ) : null}
    </div>
  )
}

function Part({ figure, folds }: { figure: Figure; folds: boolean }) {
  const parts = figure.parts ?? []
  if (!folds || parts.length === 0) return <FigureTree figure={figure} folds={folds} />
  return (
    <details className="group/part">
      <summary className="list-none">
        <Row figure={figure}>
          <span aria-hidden className="mr-1 inline-block w-3 text-quiet group-open/part:rotate-90">
            ›
          </span>
        </Row>
      </summary>
      <div className="pl-4">
        {parts.map((part) => (
          <Part key={`${part.label}-${part.how}`} figure={part} folds />
        ))}
      </div>
    </details>
  )
}
