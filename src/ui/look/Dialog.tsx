'use client'

import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'

/** A dialog over the page: focus stays inside, Escape closes it. */
export function Dialog(props: {
  open: boolean
  onClose: () => void
  title: string
  children: ReactNode
  wide?: boolean | 'full'
}) {
  return (
    <Radix.Root open={props.open} onOpenChange={(open) => (open ? undefined : props.onClose())}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-20 bg-ink/45" />
        <Radix.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-30 max-h-[92vh] w-[calc(100vw-1.5rem)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-(--radius) border border-ink bg-paper p-5 ${props.wide === 'full' ? 'max-w-[1240px]' : props.wide ? 'max-w-3xl' : 'max-w-lg'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4 border-b border-ink pb-2">
            <Radix.Title className="text-xl">{props.title}</Radix.Title>
            <Radix.Close
              aria-label="Close"
              className="-mt-1 -mr-2 grid size-9 place-items-center touch:size-11"
            >
              <X aria-hidden size={20} />
            </Radix.Close>
          </div>
          {props.children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
