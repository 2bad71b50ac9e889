import { pageMember } from '../../../member'
import { WithDevices } from '../../../WithDevices'
import { JobPage } from '../../../../ui/job/JobPage'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Job · Detrimus' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await pageMember()
  const { id } = await params
  return (
    <WithDevices>
      <JobPage jobId={id} />
    </WithDevices>
  )
}
