import type { ReactNode } from 'react'

const TONES = {
  waiting: 'bg-[#FBF0CF] text-pencil-text border-pencil',
  wrong: 'bg-[#FBE9E3] text-crayon-text border-crayon',
  plain: 'bg-paper text-ink border-rule',
  done: 'bg-[#E3EFE8] text-moss border-moss',
} as const

/** One line or two that a person should read. `role` alert for what just went wrong. */
export function Notice({
  tone = 'plain',
  alert = false,
  children,
}: {
  tone?: keyof typeof TONES
  alert?: boolean
  children: ReactNode
}) {
  return (
    <div
      role={alert ? 'alert' : undefined}
      className={`rounded-(--radius) border px-3 py-2 text-[14px] ${TONES[tone]}`}
    >
      {children}
    </div>
  )
}
