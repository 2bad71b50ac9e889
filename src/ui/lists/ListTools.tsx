'use client'

type Props<O extends string, F extends string> = {
  /** What the list is of, for whoever hears it. */
  readonly of: string
  readonly orders: Readonly<Record<O, string>>
  readonly order: readonly [value: O, set: (value: O) => void]
  readonly filters?: Readonly<Record<F, string>>
  readonly filter?: readonly [value: F, set: (value: F) => void]
}

const SELECT =
  'min-h-7 min-w-0 grow basis-0 rounded-(--radius) border border-quiet bg-white px-1 font-head text-[14px] text-ink touch:min-h-11'

function Choice<T extends string>(props: {
  label: string
  choices: Readonly<Record<T, string>>
  value: T
  set: (value: T) => void
}) {
  return (
    <select
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.set(event.target.value as T)}
      className={SELECT}
    >
      {(Object.entries(props.choices) as [T, string][]).map(([value, label]) => (
        <option key={value} value={value}>
          {label}
        </option>
      ))}
    </select>
  )
}

/** How a list is ordered, and what it is narrowed to. */
export function ListTools<O extends string, F extends string = never>(props: Props<O, F>) {
  const { of, orders, order, filters, filter } = props
  return (
    <div className="flex max-w-80 items-center gap-2 py-1">
      <Choice label={`Order of the ${of}`} choices={orders} value={order[0]} set={order[1]} />
      {filters && filter ? (
        <Choice label={`Which ${of}`} choices={filters} value={filter[0]} set={filter[1]} />
      ) : null}
    </div>
  )
}

/** What a filter hides, said where the list begins; nothing while it hides nothing. */
export function Hidden(props: { shown: number; all: number; only: string; onAll: () => void }) {
  if (props.shown === props.all) return null
  return (
    <p className="pb-1 text-[14px] text-quiet">
      {props.shown} of {props.all} shown: only those {props.only}.{' '}
      <button type="button" className="text-chalk-text underline touch:min-h-11" onClick={props.onAll}>
        Show all
      </button>
    </p>
  )
}

/** The head of a group within a list. */
export function GroupHead({ name, count }: { name: string; count: number }) {
  return (
    <h3 className="flex min-h-7 items-center gap-2 border-b border-quiet bg-head px-1.5 text-[15px]">
      <span className="min-w-0 truncate">{name}</span>
      <span className="font-normal text-quiet">{count}</span>
    </h3>
  )
}
