'use client'

import { useCallback, useEffect, useState } from 'react'
import { forgetKit, keepKit, loadKits } from '../../client/kits'
import type { FirmKit } from '../../core/scope'

export type FirmKits = {
  /** Null while they come. */
  readonly kits: readonly FirmKit[] | null
  /** Each gives back why not, or null. */
  readonly keep: (kit: FirmKit) => Promise<string | null>
  readonly forget: (name: string) => Promise<string | null>
}

/** The firm's own kits, looked up when something wants them. */
export function useFirmKits(): FirmKits {
  const [kits, setKits] = useState<readonly FirmKit[] | null>(null)
  const load = useCallback(async () => setKits(await loadKits()), [])
  useEffect(() => {
    let gone = false
    void loadKits().then((loaded) => (gone ? undefined : setKits(loaded)))
    return () => {
      gone = true
    }
  }, [])
  const after = useCallback(
    async (said: string | null): Promise<string | null> => {
      if (said === null) await load()
      return said
    },
    [load],
  )
  return {
    kits,
    keep: async (kit) => after(await keepKit(kit)),
    forget: async (name) => after(await forgetKit(name)),
  }
}
