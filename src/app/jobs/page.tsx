import { pageMember } from '../member'
import { JobsPage } from '../../ui/jobs/JobsPage'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Jobs · Detrimus' }

/** Nothing of the firm is in this page's own text, so that a device may keep it. */
export default async function Page() {
  await pageMember()
  return <JobsPage />
}
