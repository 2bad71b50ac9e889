'use client'

import { Button } from '../look/Button'
import { useLowPower } from './lowPower'

/** What is left out while the battery is spared, and the way to have it all the same. Nothing while it is not. */
export function LowPowerNote({ what }: { what: string }) {
  const { isLow, set } = useLowPower()
  if (!isLow) return null
  return (
    <p className="py-1 text-[14px] text-quiet">
      Saving the battery: {what}{' '}
      <Button look="quiet" onClick={() => set('off')}>
        Do it all the same
      </Button>
    </p>
  )
}
