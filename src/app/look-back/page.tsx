import { may } from '../../core/firm'
import { LookBackPage } from '../../ui/lookBack/LookBackPage'
import { Notice } from '../../ui/look/Notice'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Look back · Detrimus' }

/** What the firm’s closed jobs say: there is money in it. */
export default async function Page() {
  const member = await pageMember()
  if (!may(member.role, 'see-money')) {
    return (
      <main className="mx-auto max-w-xl p-6">
        <Notice tone="waiting">Looking back shows what the firm earns. Ask whoever runs the office.</Notice>
      </main>
    )
  }
  return <LookBackPage mayChange={may(member.role, 'change-firm-settings')} />
}
