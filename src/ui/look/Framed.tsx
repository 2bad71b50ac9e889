'use client'

import { useState, type ReactNode } from 'react'
import { createPortal } from 'react-dom'

/** What a page of another width would show: a frame of its own with this page's styles, so that its widths decide. */
export function Framed({ title, width, children }: { title: string; width: number; children: ReactNode }) {
  const [body, setBody] = useState<HTMLElement | null>(null)
  return (
    <iframe
      title={title}
      style={{ width }}
      className="mx-auto block h-full max-w-full border-0 bg-white"
      ref={(frame) => {
        const inside = frame?.contentDocument
        if (!inside || body) return
        inside.documentElement.lang = document.documentElement.lang
        for (const style of document.querySelectorAll('link[rel="stylesheet"], style'))
          inside.head.append(inside.importNode(style, true))
        setBody(inside.body)
      }}
    >
      {body ? createPortal(children, body) : null}
    </iframe>
  )
}
