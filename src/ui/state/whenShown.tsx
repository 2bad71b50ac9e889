'use client'

import { lazy, Suspense, type ComponentType } from 'react'

const loaders: (() => Promise<unknown>)[] = []

/**
 * A part of a page that is loaded when it is first shown, or once the browser has nothing else to do. While it comes its place stays
 * empty and the rest of the page as it is.
 */
export function whenShown<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const loadPart = async (): Promise<{ default: ComponentType<P> }> => ({ default: await load() })
  loaders.push(loadPart)
  const Part = lazy(loadPart) as unknown as ComponentType<P>
  return function WhenShown(props: P) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    )
  }
}

/** Fetches every part of the pages that are loaded, so that none waits when it is opened, with a signal or without. */
export function fetchAhead(): void {
  for (const load of loaders) load().catch(() => undefined)
}
