import { MeAnswer } from '../core/contract'
import { call, type Failure } from './api'
import { LocalCopies } from './localCopies'
import { takeOverOld } from './oldDatabase'

/** Who is signed in on this device, told to every page of it; the browser keeps it until he signs out. */
const MEMBER = 'detrimus-member'
/** He signed out where there was no signal: the server is told at the next contact, before anything else. */
const LEFT = 'detrimus-signed-out'

/** How often somebody signed out in this page: an answer asked for before that is nobody's any more. */
let departures = 0

let current: { me: MeAnswer; copies: LocalCopies } | null = null

function stored(): MeAnswer | null {
  try {
    const kept = MeAnswer.safeParse(JSON.parse(localStorage.getItem(MEMBER) ?? 'null'))
    return kept.success ? kept.data : null
  } catch {
    return null
  }
}

/** The member of this device with his copies, as last known; null: nobody is signed in here. */
export function memberHere(): { me: MeAnswer; copies: LocalCopies } | null {
  if (current) return current
  const me = stored()
  if (!me) return null
  current = { me, copies: new LocalCopies(me.member, me.seal_key) }
  void takeOverOld(current.copies)
  return current
}

/** Whether these copies are still those of whoever is signed in. */
export function isStill(copies: LocalCopies): boolean {
  // What another page of this browser wrote down counts too: he may have signed out there.
  return memberHere()?.copies === copies && stored()?.member.id === copies.member.id
}

function begin(me: MeAnswer): { me: MeAnswer; copies: LocalCopies } {
  const same = current?.me.seal_key === me.seal_key
  // A role or a name may have changed; the copies stay the same.
  current =
    same && current ? { me, copies: current.copies } : { me, copies: new LocalCopies(me.member, me.seal_key) }
  current.copies.member = me.member
  if (!same) void takeOverOld(current.copies)
  try {
    localStorage.setItem(MEMBER, JSON.stringify(me))
  } catch {
    // Without storage nothing is kept on this device at all; the page works while there is a signal.
  }
  return current
}

/** Whether somebody signed out here and the server does not know yet. */
export function hasLeft(): boolean {
  try {
    return localStorage.getItem(LEFT) !== null
  } catch {
    return false
  }
}

/** Ends on the server a session that was ended here without a signal. True: nothing is left to end. */
export async function endLeftSession(): Promise<boolean> {
  if (!hasLeft()) return true
  const answer = await call('/api/auth/sign-out', null, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{}',
  })
  // Refused: there is no session any more, which is what was wanted.
  if (!answer.ok && answer.failure.kind !== 'refused') return false
  localStorage.removeItem(LEFT)
  return true
}

/** Pages and pictures the service worker keeps. */
async function forgetCaches(): Promise<void> {
  if (typeof caches === 'undefined') return
  const names = await caches.keys()
  await Promise.all(names.filter((name) => name.startsWith('detrimus-p')).map((name) => caches.delete(name)))
}

export type Asked =
  | {
      readonly kind: 'member'
      readonly me: MeAnswer
      readonly copies: LocalCopies
      readonly changed: boolean
    }
  | { readonly kind: 'nobody' }
  | { readonly kind: 'unknown'; readonly failure: Failure }

/** Asks the server who is signed in, and takes his copies up. `changed`: somebody else than this device knew, or in another role. */
export async function askWho(): Promise<Asked> {
  if (!(await endLeftSession())) return { kind: 'unknown', failure: { kind: 'no-signal' } }
  const asked = { departures, known: stored() !== null }
  const answer = await call('/api/me', MeAnswer)
  // He signed out meanwhile, here or in another page: who he was is not written down again behind him.
  if (asked.departures !== departures || (asked.known && stored() === null)) return { kind: 'nobody' }
  if (!answer.ok) {
    const isSignedOut = answer.failure.kind === 'refused' && answer.failure.status === 401
    return isSignedOut ? { kind: 'nobody' } : { kind: 'unknown', failure: answer.failure }
  }
  const before = memberHere()
  const isAnother = before !== null && before.me.seal_key !== answer.value.seal_key
  const hasOtherRole = before !== null && !isAnother && before.me.member.role !== answer.value.member.role
  // Another person, or the same one who may see less now: what was shown here to the former is not to be seen again.
  if (isAnother || hasOtherRole) await forgetCaches().catch(() => undefined)
  if (hasOtherRole) {
    // First the role: a page still open writes nothing down any more that it had in the former one.
    before.copies.member = answer.value.member
    await before.copies.forgetKnown().catch(() => undefined)
  }
  return { kind: 'member', changed: isAnother || hasOtherRole, ...begin(answer.value) }
}

/** Who works on this device: as it knows him, else as the server says. */
export async function whoWorks(): Promise<Asked> {
  const here = memberHere()
  if (here && !hasLeft()) return { kind: 'member', changed: false, ...here }
  return askWho()
}

/**
 * Signs out: first this device forgets who it was, so that nothing still under way writes behind it; then his copies, pages and
 * pictures go; then the server is told, now or at the next contact.
 */
export async function leave(): Promise<void> {
  const here = memberHere()
  departures += 1
  current = null
  try {
    localStorage.setItem(LEFT, '1')
    localStorage.removeItem(MEMBER)
  } catch {
    // Nothing was kept where nothing can be.
  }
  await here?.copies.destroy().catch(() => undefined)
  await forgetCaches().catch(() => undefined)
  await endLeftSession().catch(() => false)
}

/** Tells when somebody signed in or out in another page of this browser. */
export function watchMember(tell: () => void): () => void {
  const key = memberHere()?.me.seal_key
  const look = (event: StorageEvent): void => {
    if (event.key === MEMBER && stored()?.seal_key !== key) tell()
  }
  // A page brought back from the browser's memory may be another person's.
  const back = (event: PageTransitionEvent): void => {
    if (event.persisted && stored()?.seal_key !== key) tell()
  }
  window.addEventListener('storage', look)
  window.addEventListener('pageshow', back)
  return () => {
    window.removeEventListener('storage', look)
    window.removeEventListener('pageshow', back)
  }
}
