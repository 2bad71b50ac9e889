'use client'

import { ChevronDown, ChevronsDownUp, ChevronsUpDown } from 'lucide-react'
import { DropdownMenu, Tabs } from 'radix-ui'
import type { Derived } from '../../core/pipeline'
import type { DrawingRoom } from '../house/useDrawing'
import { count, STAGE_NAMES, STAGES, type Stage } from './stages'

/** The stages as tabs hanging from the tape, each with what it counts; at the right the handle of the drawing. */
export function StageTabs({ derived, room }: { derived: Derived; room: DrawingRoom }) {
  const isOpen = room.height === 'full'
  return (
    <div className="no-print flex h-[35px] shrink-0 items-stretch border-b border-ink pl-4 touch:h-11">
      <Tabs.List aria-label="Stages of the job" className="flex min-w-0 grow overflow-x-auto">
        {STAGES.map((each) => (
          <Tabs.Trigger
            key={each}
            value={each}
            className="flex shrink-0 items-center gap-1.5 border-x border-transparent px-2 whitespace-nowrap xl:px-2.5 outline-offset-[-3px] data-[state=active]:border-ink data-[state=active]:bg-tape"
          >
            <span className="font-head text-[17px] font-semibold">{STAGE_NAMES[each]}</span>
            <span className="font-head text-[14px] text-quiet in-data-[state=active]:text-ink">
              {count(each, derived)}
            </span>
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {derived.job.sides.length > 0 ? (
        <button
          type="button"
          onClick={room.turn}
          aria-pressed={isOpen}
          aria-label={isOpen ? 'Fold the drawing' : 'Pull down the drawing'}
          className="mr-5 flex shrink-0 items-center gap-2 rounded-b-(--radius) border border-t-0 border-ink bg-tape px-2 font-head text-[15px] font-semibold"
        >
          {isOpen ? <ChevronsDownUp aria-hidden size={15} /> : <ChevronsUpDown aria-hidden size={15} />}
          <span aria-hidden>drawing</span>
          <kbd
            aria-hidden
            className="border border-ink/50 px-1 font-head text-[12px] font-normal max-lg:hidden"
          >
            F
          </kbd>
        </button>
      ) : null}
    </div>
  )
}

type MenuProps = {
  readonly stage: Stage
  readonly derived: Derived
  readonly go: (stage: string) => void
  /** What the stage puts beside its name. */
  readonly aside: (element: HTMLElement | null) => void
}

/** On a phone the stage is one tab hanging from the tape; it opens all of them with their counts. */
export function StageMenu({ stage, derived, go, aside }: MenuProps) {
  return (
    <div className="no-print flex h-[45px] shrink-0 items-stretch border-b border-ink">
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label={`Stage: ${STAGE_NAMES[stage]}, ${count(stage, derived)}`}
          className="flex shrink-0 items-center gap-1.5 border-r border-ink bg-tape px-3"
        >
          <span className="font-head text-[17px] font-semibold">{STAGE_NAMES[stage]}</span>
          <ChevronDown aria-hidden size={18} />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            className="z-40 w-72 max-h-(--radix-dropdown-menu-content-available-height) overflow-y-auto rounded-b-(--radius) border border-ink bg-paper"
            aria-label="Stages of the job"
          >
            <DropdownMenu.RadioGroup value={stage} onValueChange={go}>
              {STAGES.map((each) => (
                <DropdownMenu.RadioItem
                  key={each}
                  value={each}
                  className="flex min-h-12 items-center justify-between gap-3 border-b border-rule px-3 font-head outline-chalk data-[highlighted]:bg-ground data-[state=checked]:bg-tape"
                >
                  <span className="text-[17px] font-semibold">{STAGE_NAMES[each]}</span>
                  <span className="text-[14px]">{count(each, derived)}</span>
                </DropdownMenu.RadioItem>
              ))}
            </DropdownMenu.RadioGroup>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <div ref={aside} className="flex min-w-0 grow items-stretch overflow-x-auto" />
    </div>
  )
}
