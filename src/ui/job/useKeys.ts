'use client'

import { useEffect, useRef } from 'react'

/** What a key does on a job's page, as it is said in the list of keys. */
export type KeyRow = { readonly keys: readonly string[]; readonly does: string; readonly run: () => void }

/** Keys belong to a field or a dialog while one of them has the focus. */
function isTaken(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return true
  const at = event.target
  if (!(at instanceof Element)) return false
  return (
    at.closest('input, textarea, select, [contenteditable="true"], [role="dialog"], [role="menu"]') !== null
  )
}

/** Runs the key that was pressed. Silent while a field or a dialog has the focus. */
export function useKeys(rows: readonly KeyRow[]): void {
  const latest = useRef(rows)
  useEffect(() => {
    latest.current = rows
  })
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (isTaken(event)) return
      const row = latest.current.find((each) => each.keys.includes(event.key))
      if (!row) return
      event.preventDefault()
      row.run()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
}
