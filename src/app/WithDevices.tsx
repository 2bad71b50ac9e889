'use client'

import type { ReactNode } from 'react'
import { simulatedMeter, simulatedReceiver } from '../sim/devices'
import { DevicesContext } from '../ui/state/useDevices'

const DEVICES = { meter: simulatedMeter, receiver: simulatedReceiver }

/** Gives a page its measuring devices: the simulated ones, until a real one is put in their place here. */
export function WithDevices({ children }: { children: ReactNode }) {
  return <DevicesContext value={DEVICES}>{children}</DevicesContext>
}
