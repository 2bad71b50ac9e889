import { context } from '../../server/context'
import { AccountPage } from '../../ui/account/AccountPage'
import { WhenReady } from '../../ui/look/WhenReady'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Account · Detrimus' }

export default async function Page() {
  await pageMember()
  const { secondFactor } = await context()
  return (
    <WhenReady>
      <AccountPage secondFactor={secondFactor} />
    </WhenReady>
  )
}
