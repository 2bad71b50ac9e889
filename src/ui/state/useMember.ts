'use client'

import { useEffect, useState } from 'react'
import { failureWords } from '../../client/api'
import type { LocalCopies } from '../../client/localCopies'
import { askWho, memberHere, watchMember } from '../../client/member'
import { askToPersist } from '../../client/storage'
import type { MemberFace } from '../../core/contract'

/** Who works on this device. `online`: what the server said of it, null while it has not said anything. */
export type MemberState =
  | { readonly kind: 'asking' }
  | {
      readonly kind: 'member'
      readonly member: MemberFace
      readonly copies: LocalCopies
      readonly online: 'yes' | 'no' | 'signed-out' | null
    }
  | { readonly kind: 'nobody' }
  | { readonly kind: 'unknown'; readonly words: string }

/**
 * The member of this device at once, and then as the server says. Somebody else signed in, here or in another page of this browser:
 * the page begins anew as his.
 */
export function useMember(): MemberState {
  const [state, setState] = useState<MemberState>({ kind: 'asking' })
  useEffect(() => {
    let gone = false
    const here = memberHere()
    // Told a moment later, like every answer.
    const first = Promise.resolve().then(() => {
      if (here && !gone)
        setState({ kind: 'member', member: here.me.member, copies: here.copies, online: null })
    })
    void first.then(askWho).then((asked) => {
      if (gone) return
      switch (asked.kind) {
        case 'member':
          if (asked.changed) window.location.reload()
          else setState({ kind: 'member', member: asked.me.member, copies: asked.copies, online: 'yes' })
          void askToPersist()
          return
        case 'nobody':
          setState((before) =>
            before.kind === 'member' ? { ...before, online: 'signed-out' } : { kind: 'nobody' },
          )
          return
        case 'unknown': {
          const words = failureWords(asked.failure)
          setState((before) =>
            before.kind === 'member' ? { ...before, online: 'no' } : { kind: 'unknown', words },
          )
        }
      }
    })
    const stop = watchMember(() => window.location.reload())
    return () => {
      gone = true
      stop()
    }
  }, [])
  return state
}
