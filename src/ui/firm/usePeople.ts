'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords, postJson, type Answer } from '../../client/api'
import { Done, InviteAnswer, InviteRequest, MemberRoleRequest, PeopleAnswer } from '../../core/contract'
import type { Role } from '../../core/firm'

/** The people of the firm and the invitations that are out, and what may be done about them. */
export function usePeople() {
  const [people, setPeople] = useState<PeopleAnswer | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  /** The link made last: told once, so it stays on the page until another is made. */
  const [link, setLink] = useState<{ readonly name: string; readonly url: string } | null>(null)
  const load = useCallback(async (): Promise<void> => {
    const answer = await call('/api/firm/people', PeopleAnswer)
    if (answer.ok) setPeople(answer.value)
    else setWrong(failureWords(answer.failure))
  }, [])
  useEffect(() => {
    void Promise.resolve().then(load)
  }, [load])
  async function settle(answer: Answer<unknown>): Promise<boolean> {
    setWrong(answer.ok ? null : failureWords(answer.failure))
    await load()
    return answer.ok
  }
  return {
    people,
    wrong,
    link,
    invite: async (wish: InviteRequest): Promise<boolean> => {
      const answer = await postJson('/api/firm/people', { asks: InviteRequest, answers: InviteAnswer }, wish)
      if (answer.ok) setLink({ name: wish.name, url: answer.value.url })
      return settle(answer)
    },
    giveRole: async (id: string, role: Role) =>
      settle(await postJson(`/api/firm/people/${id}`, { asks: MemberRoleRequest, answers: Done }, { role })),
    letGo: async (id: string) => settle(await call(`/api/firm/people/${id}`, Done, { method: 'DELETE' })),
    takeBack: async (id: string) =>
      settle(await call(`/api/firm/invitations/${id}`, Done, { method: 'DELETE' })),
  }
}
