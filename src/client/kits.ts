import * as z from 'zod'
import { ForgetKitRequest, KeepKitRequest } from '../core/contract'
import { FirmKit } from '../core/scope/firmKit'
import { call, failureWords, postJson } from './api'
import { memberHere } from './member'

const KEPT = 'kits'
const Kits = z.array(FirmKit)

/** The firm's kits: from the server, else as they were last seen on this device. */
export async function loadKits(): Promise<FirmKit[]> {
  const copies = memberHere()?.copies
  const answer = await call('/api/firm/kits', Kits)
  if (answer.ok) {
    await copies?.keepNote(KEPT, answer.value).catch(() => undefined)
    return answer.value
  }
  const kept = Kits.safeParse(await copies?.findNote(KEPT).catch(() => undefined))
  return kept.success ? kept.data : []
}

/** Keeps a kit for the firm. Gives back why not, or null. */
export async function keepKit(kit: FirmKit): Promise<string | null> {
  const sent = await postJson('/api/firm/kits', { asks: KeepKitRequest, answers: FirmKit }, kit)
  return sent.ok ? null : failureWords(sent.failure)
}

/** Has a kit forgotten; items that were made from it stay. Gives back why not, or null. */
export async function forgetKit(name: string): Promise<string | null> {
  const sent = await postJson(
    '/api/firm/kits',
    { asks: ForgetKitRequest, answers: ForgetKitRequest },
    { name },
    'DELETE',
  )
  return sent.ok ? null : failureWords(sent.failure)
}
