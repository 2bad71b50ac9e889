'use client'

import { useEffect, useState, type ComponentType, type ReactNode } from 'react'
import { Button } from '../look/Button'
import { Notice } from '../look/Notice'

const loaders: (() => Promise<unknown>)[] = []

/** Something else of the pages that is fetched ahead with their parts. */
export const alsoAhead = (load: () => Promise<unknown>): unknown => loaders.push(load)

/** What a part that could not be fetched says: nothing of the page around it is lost, and it is tried again with the signal. */
function NotHere({ again }: { again: () => void }) {
  return (
    <Notice tone="waiting" alert>
      <span className="mr-3">
        This part is not on this device yet and cannot be fetched now. It opens when the signal is back; what
        you entered is kept.
      </span>
      <Button onClick={again}>Try again</Button>
    </Notice>
  )
}

/**
 * A part of a page that is loaded when it is first shown, or once the browser has nothing else to do. While it comes its place holds
 * `meanwhile` and the rest of the page stays as it is; where it cannot be fetched it says so, and comes when it can.
 */
export function whenShown<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = null,
): ComponentType<P> {
  let here: ComponentType<P> | null = null
  const fetchPart = async (): Promise<ComponentType<P>> => (here ??= await load())
  loaders.push(fetchPart)
  return function WhenShown(props: P) {
    const [Part, setPart] = useState(() => here)
    const [failed, setFailed] = useState(false)
    const [tries, setTries] = useState(0)
    useEffect(() => {
      if (Part) return undefined
      let gone = false
      const again = (): void => setTries((before) => before + 1)
      fetchPart().then(
        (part) => (gone ? undefined : setPart(() => part)),
        () => (gone ? undefined : setFailed(true)),
      )
      window.addEventListener('online', again)
      return () => {
        gone = true
        window.removeEventListener('online', again)
      }
    }, [Part, tries])
    if (Part) return <Part {...props} />
    return failed ? <NotHere again={() => setTries(tries + 1)} /> : meanwhile
  }
}

/** Longest wait for a browser that never rests. */
const REST_MS = 2000
/** Where a browser does not say when it rests, so long is left between two parts. */
const BREATH_MS = 100

const rest = (): Promise<void> =>
  new Promise((resolve) => {
    if ('requestIdleCallback' in window) window.requestIdleCallback(() => resolve(), { timeout: REST_MS })
    else setTimeout(resolve, BREATH_MS)
  })

/**
 * Fetches every part of the pages that are loaded, so that none waits when it is opened, with a signal or without. One after the other
 * and each in a pause of the browser: all at once they held the page for most of a second just when the first tap comes.
 *
 * @returns what stops it, for a page that is left
 */
export function fetchAhead(): () => void {
  let gone = false
  const go = async (): Promise<void> => {
    // A part that comes may bring parts of its own: they are at the end of the same list.
    for (const load of loaders) {
      await rest()
      if (gone) return
      await load().catch(() => undefined)
    }
  }
  void go()
  return () => {
    gone = true
  }
}
