import type { ReactNode } from 'react'

/** A part of a view under a ruled heading. */
export function Panel({
  title,
  aside,
  children,
  label,
}: {
  title: string
  aside?: ReactNode
  children: ReactNode
  label?: string
}) {
  return (
    <section aria-label={label ?? title} className="min-w-0">
      <div className="flex h-9 items-end justify-between gap-3 border-b border-ink pb-1 touch:h-11">
        <h2 className="min-w-0 truncate text-[17px]">{title}</h2>
        {aside ? (
          <div className="flex shrink-0 items-end font-head text-[14px] text-quiet">{aside}</div>
        ) : null}
      </div>
      {children}
    </section>
  )
}
