import 'server-only'
import { headers } from 'next/headers'
import { redirect } from 'next/navigation'
import { memberOf, type Member } from '../server/http'
import { Refused } from '../server/problem'

/** The member a page is for; everybody else goes to the sign-in. */
export async function pageMember(): Promise<Member> {
  let member: Member | null
  try {
    member = await memberOf(await headers())
  } catch (error) {
    if (error instanceof Refused) redirect('/sign-in?no-firm')
    throw error
  }
  if (!member) redirect('/sign-in')
  return member
}
