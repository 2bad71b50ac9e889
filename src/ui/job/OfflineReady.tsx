'use client'

import { useEffect } from 'react'
import { registerServiceWorker } from '../../client/serviceWorker'

/** Makes this device ready for no signal. Shows nothing. */
export function OfflineReady() {
  useEffect(registerServiceWorker, [])
  return null
}
