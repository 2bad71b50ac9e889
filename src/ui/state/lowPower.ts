'use client'

import { useSyncExternalStore } from 'react'

/** What saving the battery is set to on this device: by itself, or as the person says. */
export type PowerSetting = 'by-itself' | 'on' | 'off'
const KEY = 'detrimus.save-battery'
/** Below this share of its charge, and on no cable, a device is spared by itself. Our judgement. */
const LOW = 0.2

type Battery = EventTarget & { readonly level: number; readonly charging: boolean }
type Asked = { getBattery?: () => Promise<Battery>; connection?: { readonly saveData?: boolean } }

let battery: Battery | null = null
const watchers = new Set<() => void>()
const tell = (): void => {
  for (const changed of watchers) changed()
}

function setting(): PowerSetting {
  try {
    const kept = window.localStorage.getItem(KEY)
    return kept === 'on' || kept === 'off' ? kept : 'by-itself'
  } catch {
    return 'by-itself'
  }
}

/** Whether a device is to be spared: as the person says, else when its charge runs low or its owner saves data. */
export function spares(of: {
  readonly setting: PowerSetting
  readonly level: number | null
  readonly charging: boolean
  readonly savesData: boolean
}): boolean {
  if (of.setting !== 'by-itself') return of.setting === 'on'
  return of.savesData || (of.level !== null && of.level <= LOW && !of.charging)
}

/** Whether previews, searches and asking round are left out just now. What a person asks for is always done. */
export function isLowPower(): boolean {
  if (typeof window === 'undefined') return false
  const { connection } = navigator as Asked
  return spares({
    setting: setting(),
    level: battery?.level ?? null,
    charging: battery?.charging ?? true,
    savesData: connection?.saveData === true,
  })
}

function watch(changed: () => void): () => void {
  watchers.add(changed)
  const { getBattery } = navigator as Asked
  if (!battery && getBattery) {
    getBattery.call(navigator).then(
      (found) => {
        battery = found
        found.addEventListener('levelchange', tell)
        found.addEventListener('chargingchange', tell)
        tell()
      },
      // A browser that does not say is one that is not low.
      () => undefined,
    )
  }
  return () => watchers.delete(changed)
}

function set(next: PowerSetting): void {
  try {
    if (next === 'by-itself') window.localStorage.removeItem(KEY)
    else window.localStorage.setItem(KEY, next)
  } catch {
    // Without storage it stays as the device says.
  }
  tell()
}

/** Whether this device is spared, and how that is set. */
export function useLowPower(): {
  readonly isLow: boolean
  readonly setting: PowerSetting
  readonly set: (next: PowerSetting) => void
} {
  return {
    isLow: useSyncExternalStore(watch, isLowPower, () => false),
    setting: useSyncExternalStore(watch, setting, () => 'by-itself' as const),
    set,
  }
}
