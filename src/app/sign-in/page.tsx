import { Notice } from '../../ui/look/Notice'
import { SignIn } from '../../ui/job/SignIn'

export const metadata = { title: 'Sign in · Detrimus' }

type Search = { searchParams: Promise<Record<string, string | undefined>> }

export default async function SignInPage({ searchParams }: Search) {
  const noFirm = 'no-firm' in (await searchParams)
  return (
    <main className="mx-auto mt-24 flex w-full max-w-sm flex-col gap-5 px-5">
      <h1 className="border-b border-ink pb-2 font-tight text-[34px] leading-none font-semibold tracking-wide uppercase">
        Detrimus
      </h1>
      {noFirm ? (
        <Notice tone="waiting">
          You belong to no firm here. Ask your office to add you, then sign in again.
        </Notice>
      ) : null}
      <SignIn />
    </main>
  )
}
