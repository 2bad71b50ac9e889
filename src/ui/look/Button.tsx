import type { ButtonHTMLAttributes, ReactNode } from 'react'

type Look = 'main' | 'plain' | 'quiet' | 'tape'

const LOOKS: Record<Look, string> = {
  main: 'px-3 min-h-9 bg-spruce text-white border-spruce hover:bg-ink',
  plain: 'px-3 min-h-9 bg-paper text-ink border-ink hover:bg-white aria-pressed:bg-tape',
  quiet:
    'bg-transparent text-chalk-text border-transparent underline underline-offset-2 hover:text-ink px-1 min-h-7',
  tape: 'px-3 min-h-9 bg-tape text-ink border-ink hover:bg-pencil',
}

const BASE =
  'inline-flex items-center justify-center gap-2 rounded-(--radius) border font-head font-semibold text-[15px] touch:min-h-11 disabled:opacity-55 disabled:cursor-not-allowed'

/** A button. At most one `main` in a view. */
export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return <button type="button" className={`${BASE} ${LOOKS[look]} ${className}`} {...rest} />
}

/** A link that looks like a button, for files and pages. */
export function LinkButton(props: { href: string; children: ReactNode; look?: Look; download?: boolean }) {
  const { href, children, look = 'plain', download } = props
  return (
    <a href={href} className={`${BASE} ${LOOKS[look]}`} {...(download ? { download: '' } : {})}>
      {children}
    </a>
  )
}
