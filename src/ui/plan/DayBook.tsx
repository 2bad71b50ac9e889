'use client'

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import { CSS } from '@dnd-kit/utilities'
import { SKIES, type SkyId } from '../../core/catalogue/steps'
import {
  dayNumbers,
  nameOfUnit,
  stepsOfUnit,
  whereOfUnit,
  type PlanDayView,
  type PlannedUnit,
} from '../../core/plan'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { shortDay } from './dayNames'
import { PiecePanel } from './PiecePanel'
import { usePlanEdits } from './usePlanEdits'

/** A thumb must rest this long before a piece follows it, so that the page still scrolls. */
const HOLD_MS = 220

type Row =
  | { readonly kind: 'day'; readonly of: PlanDayView }
  | { readonly kind: 'empty'; readonly days: readonly PlanDayView[]; readonly why: string }

/** Why nothing of ours can be done on a day; null: something can. */
function emptyWhy({ off, units, holds_h, elsewhere }: PlanDayView): string | null {
  if (units.length > 0) return null
  if (off !== '') return off
  return holds_h === 0 && elsewhere.length > 0 ? `the crew is at ${elsewhere.join(' and ')}` : null
}

/** Days on which nothing of ours can be done, gathered into a line as long as it is for one reason. */
function rowsOf(days: readonly PlanDayView[]): Row[] {
  const rows: Row[] = []
  for (const of of days) {
    const why = emptyWhy(of)
    const last = rows.at(-1)
    if (why === null) rows.push({ kind: 'day', of })
    // A weekend between days elsewhere is one more of them.
    else if (
      last?.kind === 'empty' &&
      (last.why === why || of.off !== '' || last.days.every(({ off }) => off !== ''))
    ) {
      rows[rows.length - 1] = { kind: 'empty', days: [...last.days, of], why: of.off !== '' ? last.why : why }
    } else rows.push({ kind: 'empty', days: [of], why })
  }
  return rows
}

/** `Sat, Dec 12 and Sun, Dec 13`, or from the first to the last. */
function spanWords(days: readonly PlanDayView[]): string {
  const first = shortDay(days[0]!.day)
  if (days.length === 1) return first
  return days.length === 2
    ? `${first} and ${shortDay(days[1]!.day)}`
    : `${first} to ${shortDay(days.at(-1)!.day)}`
}

/** The days of the work, one under another, each with what is done on it; a piece is dragged to another day. */
export function DayBook() {
  const { derived } = useJob()
  const edits = usePlanEdits()
  const { plan } = derived
  const numbers = dayNumbers(derived)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: HOLD_MS, tolerance: 8 } }),
    useSensor(KeyboardSensor),
  )
  function drop({ active, over }: DragEndEvent): void {
    const [key, from] = String(active.id).split('@')
    if (over && key && String(over.id) !== from) edits.mark(key, { not_before: String(over.id) })
  }
  return (
    <section aria-label="Days" className="min-w-0">
      <DndContext sensors={sensors} onDragEnd={drop}>
        <ol>
          {rowsOf(plan.days).map((row) =>
            row.kind === 'empty' ? (
              <li key={row.days[0]!.day} className="border-b border-rule py-0.5 pl-1 text-[13px] text-quiet">
                {spanWords(row.days)}: {row.why}
              </li>
            ) : (
              <DayRow key={row.of.day} of={row.of} number={numbers.get(row.of.day) ?? null} />
            ),
          )}
        </ol>
      </DndContext>
    </section>
  )
}

function DayRow({ of, number }: { of: PlanDayView; number: number | null }) {
  const { derived, planned } = useJob()
  const edits = usePlanEdits()
  const { setNodeRef, isOver } = useDroppable({ id: of.day })
  const isShown = planned.day === of.day
  const units = of.units.map((key) => derived.plan.units.find((each) => each.key === key)!)
  const name = shortDay(of.day)
  return (
    <li
      ref={setNodeRef}
      className={`grid grid-cols-[12.5rem_minmax(0,1fr)] gap-x-3 border-b border-rule max-sm:grid-cols-1 ${isOver ? 'bg-tape' : isShown ? 'bg-paper' : ''}`}
    >
      <div className="flex flex-col gap-0.5 py-1 pl-1 max-sm:flex-row max-sm:items-center max-sm:gap-3">
        <button
          type="button"
          aria-pressed={isShown}
          aria-label={`Show ${name} on the walls`}
          onClick={() => planned.chooseDay(isShown ? null : of.day)}
          className="flex min-h-7 items-baseline gap-2 text-left font-head touch:min-h-11 touch:items-center"
        >
          <span className="w-6 shrink-0 text-[19px] font-semibold">{number ?? ''}</span>
          <span className="text-[16px] font-semibold underline-offset-2 hover:underline">{name}</span>
        </button>
        <div className="flex items-center gap-2 text-[13px] text-quiet">
          <select
            aria-label={`Weather on ${name}`}
            value={of.sky ?? ''}
            onChange={(event) => {
              const sky = event.target.value
              edits.day(of.day, { sky: sky === '' ? null : (sky as SkyId) })
            }}
            className={`min-h-7 rounded-(--radius) border border-quiet bg-white px-1 text-ink touch:min-h-11 ${of.sky !== null && of.sky !== 'dry' ? 'border-chalk font-semibold text-chalk-text' : ''}`}
          >
            <option value="">weather?</option>
            {SKIES.map((sky) => (
              <option key={sky.id} value={sky.id}>
                {sky.name}
              </option>
            ))}
          </select>
          <Filled hours={of.planned_h} holds={of.holds_h} />
        </div>
      </div>
      <ul className="py-0.5">
        {units.map((unit) => (
          <Piece key={unit.key} unit={unit} day={of.day} />
        ))}
        {units.length === 0 ? (
          <li className="py-1 text-[14px] text-quiet">
            {of.elsewhere.length > 0
              ? `The crew is at ${of.elsewhere.join(', ')}.`
              : 'Nothing of it can be done.'}
          </li>
        ) : null}
      </ul>
    </li>
  )
}

/** How much of the day is taken: a ruled measure and its figures. */
function Filled({ hours, holds }: { hours: number; holds: number }) {
  const share = holds > 0 ? Math.min(1, hours / holds) : 0
  return (
    <span className="flex items-center gap-1.5 tabular-nums">
      <span aria-hidden className="inline-block h-2 w-8 border border-ink bg-white">
        <span className="block h-full bg-ink" style={{ width: `${share * 100}%` }} />
      </span>
      <span className="whitespace-nowrap" title={`${hours} of ${holds} hours`}>
        {hours.toFixed(1)} h
      </span>
    </span>
  )
}

function Piece({ unit, day }: { unit: PlannedUnit; day: string }) {
  const { derived, planned } = useJob()
  const { plan, job, scope } = derived
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${unit.key}@${day}`,
    disabled: unit.done,
  })
  const isChosen = planned.unit === unit.key
  const hours = unit.days.find((each) => each.day === day)?.hours ?? 0
  const goesOn = unit.first !== day
  const crew = plan.crews.length > 1 ? plan.crews.find(({ id }) => id === unit.crew)?.name : null
  const name = nameOfUnit(unit, scope)
  const isPhone = useIsPhone()
  // Where it was tapped, as long as it still lies there.
  const opensOn = unit.days.some((each) => each.day === planned.unitDay) ? planned.unitDay : unit.first
  return (
    <>
      <li
        ref={setNodeRef}
        style={transform ? { transform: CSS.Translate.toString(transform) } : undefined}
        className={`flex items-center gap-2 ${isDragging ? 'relative z-10 bg-tape' : isChosen ? 'bg-tape' : ''}`}
      >
        <button
          type="button"
          aria-current={isChosen ? 'true' : undefined}
          onClick={() => planned.chooseUnit(isChosen ? null : unit.key, day)}
          className="flex min-h-7 min-w-0 grow items-baseline gap-2 text-left touch:min-h-11 touch:items-center"
        >
          <span className="w-16 shrink-0 truncate font-head text-[14px] text-quiet">
            {whereOfUnit(unit, job)}
          </span>
          <span className="flex min-w-0 grow items-baseline gap-2 max-sm:flex-col max-sm:gap-0">
            <span className={`max-w-full truncate ${goesOn ? 'text-quiet' : ''}`}>{name}</span>
            <span className="min-w-0 grow truncate font-head text-[14px] text-quiet max-sm:max-w-full">
              {goesOn ? 'goes on' : stepsOfUnit(unit)}
              {crew ? `, ${crew}` : ''}
            </span>
          </span>
          {unit.inOneDay && !unit.coveredAtNight ? (
            <Sign words="opened and dried in the same day">dry-in</Sign>
          ) : null}
          {unit.coveredAtNight ? <Sign words="covered with a tarp in the evening">tarp</Sign> : null}
          {unit.gate?.open ? <Sign words="a dry reading first">meter</Sign> : null}
          {unit.done ? <Sign words="done">done</Sign> : null}
          <span className="w-12 shrink-0 text-right font-head text-[14px] tabular-nums">
            {hours.toFixed(1)} h
          </span>
        </button>
        <button
          type="button"
          {...listeners}
          {...attributes}
          aria-label={`Move ${name}, ${stepsOfUnit(unit)}, to another day`}
          disabled={unit.done}
          className="grid h-7 w-7 shrink-0 cursor-grab touch-none place-items-center text-quiet disabled:opacity-0 touch:h-11 touch:w-11"
        >
          <span
            aria-hidden
            className="block h-4 w-2.5 bg-[radial-gradient(var(--color-quiet)_1.2px,transparent_1.4px)] bg-[length:5px_5px]"
          />
        </button>
      </li>
      {isPhone && isChosen && opensOn === day ? (
        <li className="border-y border-ink bg-paper px-2">
          <PiecePanel />
        </li>
      ) : null}
    </>
  )
}

function Sign({ words, children }: { words: string; children: string }) {
  return (
    <span title={words} className="shrink-0 border border-ink px-1 font-head text-[12px] leading-4">
      {children}
    </span>
  )
}
