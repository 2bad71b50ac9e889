'use client'

import { useEffect } from 'react'
import { Button, LinkButton } from '../ui/look/Button'
import { Notice } from '../ui/look/Notice'

/** A fault of ours on a page: said as such, with a way on. What was entered is in this device's store and stays there. */
export default function PageFault({ error, reset }: { error: Error; reset: () => void }) {
  useEffect(() => {
    console.error('a page failed:', error)
  }, [error])
  return (
    <main className="flex max-w-xl flex-col items-start gap-3 p-6">
      <Notice tone="wrong" alert>
        This page failed, by a fault of ours. What you entered is kept on this device and is sent as soon as
        it can be.
      </Notice>
      <div className="flex gap-2">
        <Button look="main" onClick={reset}>
          Open it again
        </Button>
        <LinkButton href="/jobs">To the jobs</LinkButton>
      </div>
    </main>
  )
}
