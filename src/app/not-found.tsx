import { LinkButton } from '../ui/look/Button'
import { Notice } from '../ui/look/Notice'

export default function NotFound() {
  return (
    <main className="flex max-w-xl flex-col items-start gap-3 p-6">
      <Notice tone="waiting">There is nothing at this address. Check it, or go to your jobs.</Notice>
      <LinkButton href="/jobs">To the jobs</LinkButton>
    </main>
  )
}
