import { countedFind, findName, type OpenedPlace } from '../../core/job'
import type { OrderFace } from '../../core/open/orders'
import { CAUSE_IDS, causeName } from '../../core/catalogue/causes'

/** A find without how much one of it is: `Wood behind the siding (sheathing)`. */
export const shortFind = (id: string): string => findName(id).split(',')[0]!

/** What stood behind a place: `2 × wall stud`, or that nothing more did. */
export function foundWords({ found }: Pick<OpenedPlace, 'found'>): string {
  if (found.length === 0) return 'nothing more'
  return found.map(({ find, count }) => `${count} × ${countedFind(find).split(',')[0]!}`).join(', ')
}

/** What had done it, beside what had been said. */
export function causedWords({ caused_by, told }: Pick<OpenedPlace, 'caused_by' | 'told'>): string {
  if (caused_by === null) return ''
  if (told?.cause === caused_by) return `What had done it: ${causeName(caused_by)}, as had been said.`
  const said = told?.cause ? `${causeName(told.cause)} had been said` : 'it had not been explained'
  return `What had done it: ${causeName(caused_by)}; ${said}.`
}

/** What may have done it: what was said first, then all others by name. `before`: what was seen at an earlier opening. */
export function causeChoices(
  told: OpenedPlace['told'],
  before: string | null,
): readonly { readonly value: string; readonly label: string }[] {
  const first = [...new Set([told?.cause ?? [], (told?.shares ?? []).map(({ cause }) => cause)].flat())]
  const rest = CAUSE_IDS.filter((id) => !first.includes(id)).map((value) => ({
    value,
    label: causeName(value),
  }))
  return [
    { value: '', label: before === null ? 'not seen' : `as before: ${causeName(before)}` },
    ...first.map((value) => ({
      value,
      label: value === told?.cause ? `${causeName(value)}, as was said` : causeName(value),
    })),
    ...rest.toSorted((a, b) => a.label.localeCompare(b.label)),
  ]
}

/** How an order stands, for whoever works there. */
export function standingWords(
  face: Pick<OrderFace, 'standing' | 'goes_on' | 'said_by' | 'on_glass'>,
): string {
  switch (face.standing) {
    case 'yes':
      return `yes from ${face.said_by}${face.on_glass ? ', here' : ''}`
    case 'no':
      return `no from ${face.said_by}`
    case 'withdrawn':
      return 'withdrawn'
    case 'refused':
      return 'not sent'
    case 'waits':
      return face.goes_on ? 'go on: within what was agreed' : 'wait for the yes'
  }
}

/** The order that asks for an item, the latest that still stands; null: nobody asked. */
export function orderFor(itemId: string, faces: readonly OrderFace[]): OrderFace | null {
  const mine = faces.filter(({ adds }) => adds.includes(itemId))
  return mine.findLast(({ standing }) => standing === 'yes' || standing === 'waits') ?? mine.at(-1) ?? null
}

/** What taking back what was found does to what the owner was asked: which questions are withdrawn with it, in words. */
export function takingBack(
  { found }: Pick<OpenedPlace, 'found'>,
  faces: readonly OrderFace[],
): { readonly asked: boolean; readonly waiting: readonly string[]; readonly words: string } {
  const orders = found.flatMap(({ item_id }) => orderFor(item_id, faces) ?? [])
  const waiting = [...new Set(orders.filter(({ standing }) => standing === 'waits').map(({ id }) => id))]
  const agreed = orders.some(({ standing }) => standing === 'yes')
  const words = [
    waiting.length > 0
      ? 'Taken back, its question to the owner is withdrawn; what else that asked for can be asked anew.'
      : '',
    agreed ? 'Taken back, what was agreed for it comes off in the next change order.' : '',
  ]
  return { asked: waiting.length > 0 || agreed, waiting, words: words.filter(Boolean).join(' ') }
}

/** Colour beside the word, never instead of it. */
export function standingTone({ standing, goes_on }: Pick<OrderFace, 'standing' | 'goes_on'>): string {
  if (standing === 'yes' || (standing === 'waits' && goes_on)) return 'text-moss'
  return standing === 'waits' ? 'text-pencil-text' : 'text-crayon-text'
}
