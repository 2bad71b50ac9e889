'use client'

import { SHEET, type CutSheet, type SheetPlan } from '../../core/cut'
import { formatLength, type Length } from '../../core/measure'
import { Panel } from '../look'

const PX = 112 / SHEET.long

/** One sheet lying down, to scale, its pieces with their sides. */
function SheetPicture({ sheet, name }: { sheet: CutSheet; name: string }) {
  const sides = sheet.laid.map(
    ({ wide, long }) => `${formatLength(wide as Length)} × ${formatLength(long as Length)}`,
  )
  return (
    <svg
      role="img"
      aria-label={`${name}: ${sides.join('; ')}`}
      width={SHEET.long * PX + 2}
      height={SHEET.wide * PX + 2}
      className="shrink-0"
    >
      <rect x={1} y={1} width={SHEET.long * PX} height={SHEET.wide * PX} className="fill-paper stroke-ink" />
      {sheet.laid.map((each, index) => (
        <rect
          key={index}
          x={1 + each.y * PX}
          y={1 + each.x * PX}
          width={each.long * PX}
          height={each.wide * PX}
          className="fill-[#EACFA6] stroke-ink"
        />
      ))}
    </svg>
  )
}

/** How patches are cut from sheets, and whether what is bought by area is enough for the cuts. */
export function CutSheets({ plans }: { plans: readonly SheetPlan[] }) {
  if (plans.length === 0) return null
  return (
    <Panel title="Sheets" aside="cut right through, grain kept">
      {plans.map(({ good, name, sheets, bought }) => (
        <section key={good} aria-label={name} className="border-b border-rule py-2">
          <h3 className="text-[15px]">{name}</h3>
          <p className="text-[14px]">
            {sheets.length} as cut, {bought} bought by area.{' '}
            {sheets.length > bought ? (
              <b>The cuts need {sheets.length - bought} more: buy them, or make a patch of two pieces.</b>
            ) : null}
          </p>
          <ul className="flex flex-wrap gap-3 pt-1">
            {sheets.map((sheet, index) => (
              <li key={index} className="flex gap-2">
                <SheetPicture sheet={sheet} name={`${name} ${index + 1}`} />
                <ul className="text-[13px] tabular-nums">
                  {sheet.laid.map(({ wide, long }, at) => (
                    <li key={at}>
                      {formatLength(wide as Length)} × {formatLength(long as Length)}
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Panel>
  )
}
