'use client'

import type { WorkSpell } from '../../core/job'
import { CREW_WORDS } from '../../core/lists/crewWords'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { ALONG } from './closeWords'

/** What time was spent on, in the language of the one who reads. */
export function useSpellWords(): (spell: Pick<WorkSpell, 'on'>) => string {
  const { derived } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  return ({ on }) => {
    switch (on.kind) {
      case 'item': {
        const item = derived.scope.items.find(({ id }) => id === on.item_id)
        const name = item ? CREW_WORDS[locale].item(item) : '…'
        const where = item?.where ? ` · ${item.where}` : ''
        return `${name}${on.task ? `: ${CREW_WORDS[locale].task(on.task).toLowerCase()}` : ''}${where}`
      }
      case 'job':
        return on.task === null ? say('setUp') : CREW_WORDS[locale].task(on.task)
      case 'along':
        return say(ALONG[on.what])
    }
  }
}
