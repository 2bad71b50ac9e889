'use client'

import { newId } from '../../client/newId'
import type { CauseId } from '../../core/trace'
import { useJob } from '../state/useJob'

/** States a cause in the name of whoever is signed in; it goes before every reckoning until it is taken back. */
export function useStateCause(): (cause: CauseId, findingIds: readonly string[], reason?: string) => void {
  const { store, view } = useJob()
  return (cause, findingIds, reason = '') => {
    store.create('judgement', {
      id: newId(),
      removed: false,
      finding_ids: [...findingIds],
      cause,
      by: view.member.name,
      reason,
    })
  }
}
