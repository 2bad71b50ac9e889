import { pageMember } from '../../../member'
import { JobPage } from '../../../../ui/job/JobPage'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Job · Detrimus' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await pageMember()
  const { id } = await params
  return <JobPage jobId={id} />
}
