'use client'

import { useState } from 'react'
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

/** At most three cautions, worst first. A keep-off stands above everything and cannot be put away. */
export function CautionBand() {
  const { derived, choose, store } = useJob()
  const [asked, setAsked] = useState<Caution | null>(null)
  const { shown, all } = derived.cautions
  if (shown.length === 0) return null
  const numbers = (caution: Caution): string =>
    derived.job.findings
      .filter((finding) => caution.finding_ids.includes(finding.id))
      .map((finding) => finding.number ?? 'new')
      .join(', ')
  return (
    <section aria-label="Cautions" className="no-print bg-ink text-white">
      <ul>
        {shown.map((caution) => (
          <li
            key={caution.id}
            className="flex min-h-8 items-center gap-x-3 px-5 max-sm:block max-sm:px-3 max-sm:py-1.5 max-sm:leading-snug"
          >
            <span
              className={`mr-2 shrink-0 rounded-(--radius) px-2 sm:mr-0 font-head text-[14px] font-semibold ${caution.kind === 'keep-off' ? 'bg-pencil text-ink' : 'border border-tape text-tape'}`}
            >
              {KIND[caution.kind]}
            </span>
            <span className="min-w-0 truncate font-head text-[15px] max-sm:whitespace-normal">
              <b className="font-semibold">
                {caution.where}: {caution.what}.
              </b>{' '}
              <span className="max-lg:hidden">{caution.doNow}</span>
            </span>
            {caution.finding_ids.length > 0 ? (
              <button
                type="button"
                className="min-h-6 shrink-0 font-head text-[14px] text-rule max-sm:px-2 underline underline-offset-2"
                onClick={() => choose(caution.finding_ids)}
              >
                {caution.finding_ids.length > 3
                  ? `${caution.finding_ids.length} findings`
                  : `finding ${numbers(caution)}`}
              </button>
            ) : null}
            <span className="grow max-sm:hidden" />
            {caution.kind === 'keep-off' ? (
              <span className="shrink-0 font-head text-[14px] text-rule max-sm:hidden">first in the bid</span>
            ) : (
              <button
                type="button"
                className="min-h-6 shrink-0 font-head text-[14px] underline underline-offset-2"
                onClick={() => setAsked(caution)}
              >
                Seen, put away
              </button>
            )}
          </li>
        ))}
      </ul>
      {all.length > shown.length ? (
        <p className="px-5 pb-1 font-head text-[13px] text-rule">
          {all.length} cautions in all; the bid lists every one.
        </p>
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
