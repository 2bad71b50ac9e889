import Link from 'next/link'
import { pageMember } from '../member'
import { SimulatedDevices } from './SimulatedDevices'
import { WhenReady } from '../../ui/look/WhenReady'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Devices · Detrimus' }

/** The stand-ins for measuring devices: what they measure is set here, and the walk reads them as it would read real ones. */
export default async function DevicesPage() {
  await pageMember()
  return (
    <main className="mx-auto flex max-w-2xl flex-col gap-4 px-5 py-4">
      <Link href="/jobs" className="inline-flex min-h-11 items-center font-head text-chalk-text underline">
        To the jobs
      </Link>
      <h1 className="border-b border-ink pb-1 text-[22px]">Simulated devices</h1>
      <p className="text-quiet">
        A moisture meter and a laser receiver that measure what you set here, with the noise you give them.
        They stand in for real ones; nothing they say is a measurement.
      </p>
      <WhenReady>
        <SimulatedDevices />
      </WhenReady>
    </main>
  )
}
