import { redirect } from 'next/navigation'
import { may } from '../../core/firm'
import { FirmPage } from '../../ui/firm/FirmPage'
import { WhenReady } from '../../ui/look/WhenReady'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Firm · Detrimus' }

/** What the firm reckons with. Whoever may not change it does not see it: there is money in it. */
export default async function Page() {
  const member = await pageMember()
  if (!may(member.role, 'change-firm-settings')) redirect('/jobs')
  return (
    <WhenReady>
      <FirmPage mayKeepPeople={may(member.role, 'keep-people')} />
    </WhenReady>
  )
}
