import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import '@fontsource-variable/public-sans'
import '@fontsource/barlow-condensed/600.css'
import '@fontsource/barlow-semi-condensed/400.css'
import '@fontsource/barlow-semi-condensed/500.css'
import '@fontsource/barlow-semi-condensed/600.css'
import { OfflineReady } from '../ui/job/OfflineReady'
import './globals.css'

/** Every page is made for its request: its scripts carry that request's one-time word. */
export const dynamic = 'force-dynamic'
export const metadata: Metadata = {
  title: 'Detrimus',
  description: 'From the walk to a priced, accepted repair bid',
}
export const viewport: Viewport = { themeColor: '#E9EEEE' }

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        {children}
        <OfflineReady />
      </body>
    </html>
  )
}
