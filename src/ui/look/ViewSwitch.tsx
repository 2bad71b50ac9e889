'use client'

/** What of a stage is shown: its views side by side under their names. */
export function ViewSwitch<View extends string>(props: {
  views: Readonly<Record<View, string>>
  view: View
  onChange: (view: View) => void
}) {
  const { views, view, onChange } = props
  return (
    <div role="group" aria-label="What is shown" className="flex">
      {(Object.keys(views) as View[]).map((each) => (
        <button
          key={each}
          type="button"
          aria-pressed={view === each}
          onClick={() => onChange(each)}
          className="min-h-9 border-b-2 border-transparent px-3 font-head text-[15px] font-semibold aria-pressed:border-ink touch:min-h-11"
        >
          {views[each]}
        </button>
      ))}
    </div>
  )
}
