import Link from 'next/link'
import { redirect } from 'next/navigation'
import { readOutbox } from '../../server/bids/sentBids'
import { pageMember } from '../member'
import { may } from '../../core/firm'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Outbox · Detrimus' }

/** The mail stand-in: what would have gone out, for everybody in the office to see. */
export default async function OutboxPage() {
  const member = await pageMember()
  if (!may(member.role, 'send-bids')) redirect('/jobs')
  const mail = await readOutbox(member)
  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-4 px-5 py-4">
      <Link href="/jobs" className="font-head text-chalk-text underline">
        To the jobs
      </Link>
      <h1 className="border-b border-ink pb-1 text-[22px]">Outbox</h1>
      <p className="text-[14px] text-quiet">A stand-in for a mail service: nothing leaves this computer.</p>
      {mail.length === 0 ? <p>Nothing was sent yet.</p> : null}
      <ul>
        {mail.map((each) => (
          <li key={each.id} className="border-b border-rule py-3">
            <p className="font-head text-[16px] font-semibold">{each.subject}</p>
            <p className="text-[14px] text-quiet">
              to {each.to_address}, {each.created_at.toISOString().slice(0, 16).replace('T', ' ')} UTC
            </p>
            <p className="pt-1 break-words whitespace-pre-line">
              {each.body.split(/(https?:\/\/\S+)/).map((part, index) =>
                index % 2 === 1 ? (
                  <a key={index} href={part} className="text-chalk-text underline">
                    {part}
                  </a>
                ) : (
                  part
                ),
              )}
            </p>
          </li>
        ))}
      </ul>
    </main>
  )
}
