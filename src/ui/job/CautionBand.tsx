'use client'

import { ChevronDown } from 'lucide-react'
import { useEffect, useState } from 'react'
import type { Caution } from '../../core/caution'
import { useJob } from '../state/useJob'
import { PutAwayDialog } from './dialogs'

const KIND: Record<Caution['kind'], string> = {
  'keep-off': 'KEEP OFF',
  gas: 'OUT, CALL',
  'open-wall': 'OPEN WALL',
  engineer: 'ENGINEER',
  wiring: 'ELECTRICIAN',
  pest: 'PEST CONTROL',
  lead: 'LEAD-SAFE',
  'no-pressure-wash': 'BY HAND',
  other: 'TAKE CARE',
}

function Kind({ caution, also = '' }: { caution: Caution; also?: string }) {
  return (
    <span
      className={`shrink-0 rounded-(--radius) px-2 font-head text-[14px] font-semibold ${caution.kind === 'keep-off' ? 'bg-pencil text-ink' : 'border border-tape text-tape'}`}
    >
      {KIND[caution.kind]}
      {also}
    </span>
  )
}

/**
 * The cautions in one line: the worst is named, a keep-off always; the others are a count that opens downward over the page. A keep-off
 * cannot be put away.
 */
export function CautionBand() {
  const { derived, choose, store } = useJob()
  const [isOpen, setOpen] = useState(false)
  const [asked, setAsked] = useState<Caution | null>(null)
  const { shown, all } = derived.cautions
  useEffect(() => {
    if (!isOpen) return undefined
    const close = (event: KeyboardEvent): void => {
      if (event.key === 'Escape') setOpen(false)
    }
    window.addEventListener('keydown', close)
    return () => window.removeEventListener('keydown', close)
  }, [isOpen])
  const [first] = shown
  if (!first) return null
  const keepOffs = all.filter((each) => each.kind === 'keep-off').length
  const numbers = (caution: Caution): string =>
    derived.job.findings
      .filter((finding) => caution.finding_ids.includes(finding.id))
      .map((finding) => finding.number ?? 'new')
      .join(', ')
  return (
    <section aria-label="Cautions" className="no-print relative z-20 shrink-0 bg-ink text-white">
      <div className="flex h-[30px] items-center gap-3 px-5 touch:h-11 max-sm:gap-2 max-sm:px-3">
        <Kind caution={first} also={keepOffs > 1 ? ` ${keepOffs} places` : ''} />
        <span className="min-w-0 truncate font-head text-[15px]">
          <b className="font-semibold">
            {first.where}: {first.what}.
          </b>{' '}
          <span className="max-lg:hidden">{first.doNow}</span>
        </span>
        <span className="grow" />
        <button
          type="button"
          aria-expanded={isOpen}
          aria-label={`${all.length} caution${all.length === 1 ? '' : 's'}: ${isOpen ? 'fold' : 'open'}`}
          onClick={() => setOpen(!isOpen)}
          className="flex h-full shrink-0 items-center gap-1 px-1 font-head text-[15px] font-semibold outline-tape touch:min-w-11 touch:justify-end"
        >
          <span aria-hidden>
            {all.length}
            <span className="max-sm:hidden"> caution{all.length === 1 ? '' : 's'}</span>
          </span>
          <ChevronDown aria-hidden size={16} className={isOpen ? 'rotate-180' : ''} />
        </button>
      </div>
      {isOpen ? (
        <div className="absolute inset-x-0 top-full max-h-[60vh] overflow-y-auto border-t border-quiet bg-ink pb-2 shadow-lg">
          <ul>
            {shown.map((caution) => (
              <li
                key={caution.id}
                className="flex flex-wrap items-center gap-x-3 border-b border-quiet px-5 py-1.5 max-sm:px-3"
              >
                <Kind caution={caution} />
                <span className="min-w-0 font-head text-[15px]">
                  <b className="font-semibold">
                    {caution.where}: {caution.what}.
                  </b>{' '}
                  {caution.doNow}
                </span>
                <span className="grow" />
                {caution.finding_ids.length > 0 ? (
                  <button
                    type="button"
                    className="min-h-6 shrink-0 font-head text-[14px] underline underline-offset-2 outline-tape touch:min-h-11 touch:px-2"
                    onClick={() => {
                      setOpen(false)
                      choose(caution.finding_ids)
                    }}
                  >
                    {caution.finding_ids.length > 3
                      ? `${caution.finding_ids.length} findings`
                      : `finding ${numbers(caution)}`}
                  </button>
                ) : null}
                {caution.kind === 'keep-off' ? (
                  <span className="shrink-0 font-head text-[14px] text-rule">first in the bid</span>
                ) : (
                  <button
                    type="button"
                    className="min-h-6 shrink-0 font-head text-[14px] underline underline-offset-2 outline-tape touch:min-h-11 touch:px-2"
                    onClick={() => setAsked(caution)}
                  >
                    Seen, put away
                  </button>
                )}
              </li>
            ))}
          </ul>
          {all.length > shown.length ? (
            <p className="px-5 pt-1 font-head text-[13px] text-rule max-sm:px-3">
              {all.length} cautions in all; the bid lists every one.
            </p>
          ) : null}
        </div>
      ) : null}
      {asked ? (
        <PutAwayDialog
          caution={asked}
          onClose={() => setAsked(null)}
          onPutAway={(reason) => {
            store.addFact({ kind: 'acknowledgement', caution_id: asked.id, reason })
            setAsked(null)
          }}
        />
      ) : null}
    </section>
  )
}
