'use client'

import { createContext, useContext } from 'react'
import type { Device, LevelSaid, MoistureSaid } from '../../client/devices'

export type Devices = { readonly meter: Device<MoistureSaid>; readonly receiver: Device<LevelSaid> }

const none = <Said>(kind: Device<Said>['kind'], name: string): Device<Said> => ({
  kind,
  name,
  listen: () => ({ words: `No ${name} is set up.` }),
})

/** The devices of this page. Which ones they are is decided where the page is put together, not where they are read. */
export const DevicesContext = createContext<Devices>({
  meter: none('moisture-meter', 'moisture meter'),
  receiver: none('laser-receiver', 'laser receiver'),
})

export function useDevices(): Devices {
  return useContext(DevicesContext)
}
