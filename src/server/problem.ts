import type { ChangeError, JobFileError } from '../core/job'
import { assertNever } from '../core/result'
import { changeWords, jobFileWords } from '../core/words'

/** Every expected way a request can fail. */
export type ServerError =
  | { readonly kind: 'not-signed-in' }
  | { readonly kind: 'not-a-member' }
  | { readonly kind: 'not-for-role'; readonly what: string; readonly changeId?: string }
  | { readonly kind: 'not-found'; readonly what: string }
  | { readonly kind: 'malformed'; readonly issues: readonly { path: string; message: string }[] }
  | { readonly kind: 'too-large'; readonly limit: string }
  | { readonly kind: 'not-a-picture'; readonly found: string }
  | { readonly kind: 'change-refused'; readonly changeId: string; readonly error: ChangeError }
  | { readonly kind: 'change-id-reused'; readonly changeId: string }
  | { readonly kind: 'other-person' }
  | { readonly kind: 'not-a-clip'; readonly found: string }
  | { readonly kind: 'wrong-part'; readonly have: number }
  | { readonly kind: 'wrong-hash' }
  | { readonly kind: 'job-exists' }
  | { readonly kind: 'bad-job-file'; readonly error: JobFileError }
  | { readonly kind: 'bad-archive'; readonly why: string }
  | { readonly kind: 'not-ready'; readonly reasons: readonly string[] }
  | { readonly kind: 'wrong-link' }
  | { readonly kind: 'link-expired' }
  | { readonly kind: 'link-revoked' }
  | { readonly kind: 'bid-superseded' }
  | { readonly kind: 'invitation-over' }
  | { readonly kind: 'address-taken' }
  | { readonly kind: 'short-password'; readonly least: number }
  | { readonly kind: 'last-owner' }
  | { readonly kind: 'bid-differs' }
  | { readonly kind: 'order-withdrawn' }
  | { readonly kind: 'not-handed-over' }
  | { readonly kind: 'nothing-accepted' }
  | { readonly kind: 'choice-differs' }
  | { readonly kind: 'too-many-questions' }
  | { readonly kind: 'settings-changed' }
  | { readonly kind: 'busy' }
  | { readonly kind: 'wrong-origin' }
  | { readonly kind: 'wrong-sign-in' }
  | { readonly kind: 'wrong-code' }
  | { readonly kind: 'too-many-tries'; readonly wait_s: number }
  | {
      readonly kind: 'accepted-stands'
      readonly bid: { readonly id: string; readonly number: number; readonly total: string }
      readonly by: string
      readonly on: string
    }
  | { readonly kind: 'bid-tampered' }
  | { readonly kind: 'bid-id-used' }
  | { readonly kind: 'set-back'; readonly sequence: number }

const STATUS: Readonly<Record<ServerError['kind'], number>> = {
  'not-signed-in': 401,
  'not-a-member': 403,
  'not-for-role': 403,
  'not-found': 404,
  malformed: 400,
  'too-large': 413,
  'not-a-picture': 415,
  'change-refused': 422,
  'change-id-reused': 409,
  'other-person': 409,
  'not-a-clip': 415,
  'wrong-part': 409,
  'wrong-hash': 422,
  'job-exists': 409,
  'bad-job-file': 422,
  'bad-archive': 422,
  'not-ready': 409,
  'wrong-link': 404,
  'link-expired': 410,
  'link-revoked': 410,
  'bid-superseded': 409,
  'invitation-over': 410,
  'address-taken': 409,
  'short-password': 400,
  'last-owner': 409,
  'bid-differs': 409,
  'order-withdrawn': 409,
  'not-handed-over': 409,
  'nothing-accepted': 409,
  'choice-differs': 409,
  'too-many-questions': 429,
  'settings-changed': 409,
  busy: 503,
  'wrong-origin': 403,
  'wrong-sign-in': 401,
  'wrong-code': 401,
  'too-many-tries': 429,
  'accepted-stands': 409,
  'bid-tampered': 409,
  'bid-id-used': 409,
  'set-back': 409,
}

/** Statuses of a refused change that are not simply "does not fit". */
const CHANGE_STATUS: Partial<Record<ChangeError['kind'], number>> = {
  'base-too-new': 409,
  'already-there': 409,
  'fact-already-there': 409,
  'unknown-entity': 404,
}

export function statusOf(error: ServerError): number {
  if (error.kind === 'change-refused') return CHANGE_STATUS[error.error.kind] ?? STATUS[error.kind]
  return STATUS[error.kind]
}

/** The sentence of a problem, saying what to do. */
export function problemWords(error: ServerError): string {
  switch (error.kind) {
    case 'not-signed-in':
      return 'Sign in first.'
    case 'not-a-member':
      return 'You belong to no firm here. Ask your office to add you.'
    case 'not-for-role':
      return `${error.what} is not for your role. Ask the office.`
    case 'not-found':
      return `There is no such ${error.what}.`
    case 'malformed': {
      const first = error.issues[0]
      return first
        ? `The request is off at ${first.path || 'its body'}: ${first.message}`
        : 'The request is off.'
    }
    case 'too-large':
      return `That is too large. The limit is ${error.limit}.`
    case 'not-a-picture':
      return `This is no JPEG, PNG or WebP picture (${error.found}). On a phone, set the camera to “most compatible”, or take a screenshot of it.`
    case 'change-refused':
      return changeWords(error.error)
    case 'change-id-reused':
      return 'Another edit has this id already. Reload the page and make the edit again.'
    case 'other-person':
      return 'These edits are somebody else’s. Sign in as the person who made them, and they will be sent.'
    case 'not-a-clip':
      return `This is no sound or film we can keep (${error.found}). Take WebM, MP4, MP3, Ogg or WAV.`
    case 'wrong-part':
      return `This piece does not follow what is here. Go on from byte ${error.have}.`
    case 'wrong-hash':
      return 'The picture did not arrive as it was sent. Send it again.'
    case 'job-exists':
      return 'A job with this id is here already. Change the id in the file, or open the job that is here.'
    case 'bad-job-file':
      return jobFileWords(error.error)
    case 'bad-archive':
      return `This zip is no exported job: ${error.why}.`
    case 'not-ready':
      return `The bid cannot go yet. ${error.reasons.join(' ')}`
    case 'wrong-link':
      return 'This link does not open a bid. Copy it again from the message, whole.'
    case 'link-expired':
      return 'This link has run out. Ask the firm to send the bid again.'
    case 'link-revoked':
      return 'This link was taken back by the firm. Ask them for the current one.'
    case 'bid-superseded':
      return 'A newer bid has taken the place of this one. It can be read, not accepted; look for the newer message.'
    case 'invitation-over':
      return 'This invitation was used, taken back or has run out. Ask the firm for a new one.'
    case 'address-taken':
      return 'This address has an account already. If it is yours and belongs to no firm now, give its own password; else take another address.'
    case 'short-password':
      return `Take a password of at least ${error.least} characters.`
    case 'last-owner':
      return 'A firm keeps at least one owner. Give somebody else that role first.'
    case 'settings-changed':
      return 'Somebody changed the firm’s settings meanwhile. Look at theirs, and keep yours again.'
    case 'busy':
      return 'The server has its hands full. Nothing was changed; try again in a moment.'
    case 'too-many-tries':
      return `Too many tries. Wait ${error.wait_s < 60 ? 'a minute' : `${Math.ceil(error.wait_s / 60)} minutes`}, then try again.`
    case 'wrong-sign-in':
      return 'That address and password do not go together. Check both.'
    case 'wrong-code':
      return 'That code does not fit. Take the newest one from your authenticator.'
    case 'wrong-origin':
      return 'This request came from another page than ours. Open the app itself and do it there.'
    case 'accepted-stands':
      return `Bid ${error.bid.number} for ${error.bid.total} was accepted by ${error.by} on ${error.on}. A further bid has to say that it replaces it.`
    case 'bid-tampered':
      return 'This bid no longer reads as it was sent: its seal does not match. Do not act on it; have it sent again.'
    case 'bid-id-used':
      return 'Another bid has this id already. Reload the page and send again.'
    case 'set-back':
      return 'The server was set back to an older state. What this device has and the server lacks is kept; look at it and bring it back.'
    case 'choice-differs':
      return 'What was chosen does not come to this total, or is not of this bid. Reload the page and choose again; nothing was accepted.'
    case 'too-many-questions':
      return 'So many questions are better asked on the telephone: the firm has them all. Call them.'
    case 'order-withdrawn':
      return 'This change order was withdrawn by the firm. Nothing of it is done; ask them if you expected it.'
    case 'not-handed-over':
      return 'Nobody said yet that the work is handed over. Say the day first, under Close; then it can be printed and sent.'
    case 'nothing-accepted':
      return 'No bid of this job is accepted, so nobody is to be asked or told anything. Have it accepted first, under Bid.'
    case 'bid-differs':
      return 'The bid shown is not the one on file. Reload the page and read it again.'
    default:
      return assertNever(error)
  }
}

/** A problem as RFC 9457 details: kind, sentence, and the facts that belong to it. */
export function problemDetails(error: ServerError): Record<string, unknown> {
  return {
    type: `urn:detrimus:problem:${error.kind === 'change-refused' ? error.error.kind : error.kind}`,
    title: error.kind.replaceAll('-', ' '),
    status: statusOf(error),
    detail: problemWords(error),
    ...(error.kind === 'malformed' ? { issues: error.issues } : {}),
    ...(error.kind === 'change-refused' || error.kind === 'change-id-reused'
      ? { change_id: error.changeId }
      : {}),
    ...(error.kind === 'not-for-role' && error.changeId ? { change_id: error.changeId } : {}),
    ...(error.kind === 'change-refused' && error.error.kind === 'invalid'
      ? { issues: error.error.issues }
      : {}),
    ...(error.kind === 'wrong-part' ? { have: error.have } : {}),
    ...(error.kind === 'set-back' ? { sequence: error.sequence } : {}),
    ...(error.kind === 'accepted-stands' ? { bid_id: error.bid.id } : {}),
    ...(error.kind === 'not-ready' ? { reasons: error.reasons } : {}),
  }
}

/** Thrown inside a transaction to leave it without a trace, and caught once, by the route. */
export class Refused extends Error {
  constructor(readonly error: ServerError) {
    super(problemWords(error))
    this.name = 'Refused'
  }
}
