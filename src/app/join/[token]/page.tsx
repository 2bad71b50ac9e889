import type { Metadata } from 'next'
import { ROLE_WORDS } from '../../../core/firm'
import { readInvitation } from '../../../server/people'
import { problemWords, Refused } from '../../../server/problem'
import { JoinForm } from '../../../ui/account/JoinForm'
import { Notice } from '../../../ui/look/Notice'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = {
  title: 'Join · Detrimus',
  robots: { index: false, follow: false },
}

async function read(token: string): Promise<Awaited<ReturnType<typeof readInvitation>> | string> {
  try {
    return await readInvitation(token)
  } catch (error) {
    if (error instanceof Refused) return problemWords(error.error)
    throw error
  }
}

/** Where an invitation leads: a name, an address and a password, and one is in the firm. */
export default async function JoinPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params
  const found = await read(token)
  return (
    <main className="mx-auto mt-16 flex w-full max-w-sm flex-col gap-4 px-5 max-sm:mt-6">
      <h1 className="border-b border-ink pb-2 text-[26px]">
        {typeof found === 'string' ? 'This invitation does not open' : `Join ${found.firm}`}
      </h1>
      {typeof found === 'string' ? (
        <Notice tone="waiting">{found}</Notice>
      ) : (
        <>
          <p>
            {found.by} asks you to join as {ROLE_WORDS[found.role].name}: {ROLE_WORDS[found.role].line}.
          </p>
          <JoinForm token={token} name={found.name} />
        </>
      )}
    </main>
  )
}
