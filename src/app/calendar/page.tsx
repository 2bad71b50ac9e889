import { may } from '../../core/firm'
import { CalendarPage } from '../../ui/calendar/CalendarPage'
import { WhenReady } from '../../ui/look/WhenReady'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Calendar · Detrimus' }

/** Every planned job on one calendar. There is no money in it: whoever works for the firm may look. */
export default async function Page() {
  const member = await pageMember()
  return (
    <WhenReady>
      <CalendarPage mayChange={may(member.role, 'run-the-office')} />
    </WhenReady>
  )
}
