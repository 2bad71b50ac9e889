'use client'

import { newId } from '../../client/newId'
import { newWorkItem } from '../../core/job'
import { dayWords, formatCents } from '../../core/measure'
import { drySeason, visitUnit } from '../../core/plan'
import { Button, Notice } from '../look'
import { useJob } from '../state/useJob'
import { usePlanEdits } from './usePlanEdits'

/** The item that a dry-season visit is sold as, so that it stands in the bid. */
const VISIT = 'A visit of its own for the paint, in the dry season'

/** Coats that fall into a wet month: prime and hold, and paint on a visit of their own, with what that costs. */
export function DrySeasonOffer() {
  const { derived, store } = useJob()
  const edits = usePlanEdits()
  const offer = drySeason(derived)
  if (offer === null) return null
  const isSold = derived.job.work_items.some(({ name }) => name === VISIT)
  function take(): void {
    if (!offer) return
    const { units, from, hours } = offer
    store.together(() => {
      if (!isSold) {
        const id = newId()
        store.create(
          'work_item',
          newWorkItem({
            id,
            method: 'own-work',
            name: VISIT,
            owner_says: 'New wood is primed now; we come again in the dry season to paint.',
            lines: [{ kind: 'hours', what: 'set up again and clear away', hours }],
          }),
        )
        edits.mark(visitUnit(id), { not_before: from })
      }
      for (const unit of units) edits.mark(unit, { not_before: from })
      return null
    })
  }
  return (
    <Notice tone="waiting">
      <span className="flex flex-col items-start gap-1.5">
        <span>
          Coats fall into a month with {offer.rain_days} days of rain. Prime now and hold, and paint from{' '}
          {dayWords(offer.from)}, a month with {offer.dry_rain_days}: one more visit
          {offer.price_cents === null ? '' : `, about ${formatCents(offer.price_cents)}`}.
        </span>
        <Button onClick={take}>Paint in the dry season</Button>
      </span>
    </Notice>
  )
}
