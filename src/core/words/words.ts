import type { BrokenReference, ChangeError, JobFileError } from '../job'
import { formatLength, type LengthError, type MoneyError, type SaidError, type WalkError } from '../measure'
import type { SellError } from '../price'
import { assertNever } from '../result'

/**
 * The message catalogue: every expected error as a sentence that says what to do. Kinds stay data everywhere else.
 */

/** Why a typed length was not taken. */
export function lengthWords(error: LengthError): string {
  switch (error.kind) {
    case 'empty':
      return 'Type a length, such as 18\' 6-1/2" or 5.5 ft.'
    case 'not-a-length':
      return `“${error.text}” is no length. Write it like 18' 6-1/2", 14-0, 5 7/16 or 5.5 ft.`
    case 'zero-denominator':
      return `“${error.text}” divides by nothing. Write the fraction again, such as 1/2.`
    case 'too-long':
      return `“${error.text}” is over ${error.limit_ft.toLocaleString('en-US')} ft. Check for a missing foot mark.`
    default:
      return assertNever(error)
  }
}

/** Why typed money was not taken. */
export function moneyWords(error: MoneyError): string {
  switch (error.kind) {
    case 'not-money':
      return `“${error.text}” is no amount. Type one such as 4,200 or 4200.50.`
    case 'too-much':
      return `“${error.text}” is over 100 million. Check the digits.`
    default:
      return assertNever(error)
  }
}

/** What a field takes, for a value that was not: `such` are examples of what can be typed or said there. */
export function saidWords(error: SaidError, such: string): string {
  switch (error.kind) {
    case 'unreadable':
      return error.text === '' ? `Type ${such}.` : `“${error.text}” cannot be read here. Type ${such}.`
    case 'out-of-range':
      return `“${error.text}” is not between ${error.least.toLocaleString('en-US')} and ${error.most.toLocaleString('en-US')}. Type ${such}.`
    default:
      return assertNever(error)
  }
}

/** Why sides typed in walking order were not taken. */
export function walkWords(error: WalkError): string {
  switch (error.kind) {
    case 'no-sides':
      return 'Type the sides as you walk: 42 L 30 L 42 L 30.'
    case 'bad-length':
      return `At “${error.word}”: ${lengthWords(error.because)}`
    case 'turn-without-side':
      return `“${error.word}” is a turn without a side before it. Give the length first, then L or R.`
    case 'side-without-turn':
      return `Before “${error.word}” a turn is missing. Put L or R between two sides.`
    default:
      return assertNever(error)
  }
}

/** Why a change was refused. */
export function changeWords(error: ChangeError): string {
  switch (error.kind) {
    case 'schema-too-old':
      return 'This edit was made with an older version and cannot be read any more. Reload the page and make it again.'
    case 'schema-too-new':
      return 'This edit was made with a newer version than the server has. Reload the page in a minute.'
    case 'unknown-entity':
      return `There is no ${error.entity.replaceAll('_', ' ')} “${error.id}” in this job. Reload the job.`
    case 'already-there':
      return `There is a ${error.entity.replaceAll('_', ' ')} “${error.id}” already. Edit that one.`
    case 'base-too-new':
      return `This edit says it saw version ${error.base}, but the server has only ${error.revision}. Reload the job.`
    case 'fixed-field':
      return `“${error.field}” is given once and never changed.`
    case 'invalid': {
      const first = error.issues[0]
      return first ? `${first.path ? `${first.path}: ` : ''}${first.message}` : 'A value does not fit.'
    }
    case 'unknown-id':
      return `${error.at} names “${error.id}”, which is not in this job. Choose one that is.`
    case 'outside-side':
      return `Station ${error.station} is past the end of side ${error.letter} (${error.length}). Correct the station, or the side.`
    case 'too-many-photos':
      return `A job holds ${error.limit} pictures. Remove some that show nothing new, or begin a second job.`
    case 'fact-already-there':
      return 'This is written down already.'
    case 'reason-needed':
      return 'A hazard is taken back only with a reason. Say why it is no longer one.'
    default:
      return assertNever(error)
  }
}

function referenceWords(references: readonly BrokenReference[]): string {
  return references.map((each) => `  ${each.at}: ${each.id}`).join('\n')
}

/** Why a job file was not read. */
export function jobFileWords(error: JobFileError): string {
  switch (error.kind) {
    case 'not-json':
      return `This is not JSON: ${error.detail}`
    case 'not-a-job-file':
      return 'This is no job file: it does not begin with "format": "detrimus-job" and a version.'
    case 'newer-version':
      return `This job file has version ${error.version}; this program knows up to ${error.known}. Update the program.`
    case 'older-version':
      return `This job file has version ${error.version}, too old to be raised to ${error.known}.`
    case 'invalid':
      return `This job file does not fit its schema:\n${error.issues.map((each) => `  ${each.path || '(whole file)'}: ${each.message}`).join('\n')}`
    case 'unknown-ids':
      return `This job file names things it does not hold:\n${referenceWords(error.references)}`
    case 'repeated-id':
      return `This job file uses the id ${error.id} twice.`
    default:
      return assertNever(error)
  }
}

/** Why a text was not taken that holds a character no database keeps. */
export function unstorableWords(): string {
  return 'A character in this text cannot be kept. Delete it, then type the words again.'
}

/** Why no price could be reckoned. */
export function sellWords(error: SellError): string {
  return error.basis === 'sales'
    ? `Overhead and profit together take ${(error.sum * 100).toFixed(0)} % of the price: nothing is left for the work. Lower one of them.`
    : `Profit takes ${(error.sum * 100).toFixed(0)} % of the price: nothing is left for the work. Lower it.`
}

/** How far the sides miss the start, for a person. */
export function closingWords(gap: Parameters<typeof formatLength>[0]): string {
  return gap === 0 ? 'The sides close.' : `The sides miss the start by ${formatLength(gap)}.`
}
