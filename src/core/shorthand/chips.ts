import { materialName, partName } from '../catalogue'
import { GRADE_NAMES } from '../job'
import { formatLength } from '../measure'
import { SIGNS } from '../catalogue/signs'
import type { Shorthand } from './said'

/** One thing that was understood, for the person to check; `left` is a word that was not. */
export type Chip = {
  readonly kind: 'place' | 'part' | 'size' | 'sign' | 'state' | 'note' | 'left'
  readonly says: string
}

/**
 * What was understood of a line, piece by piece, in the order of a finding; words not understood last. `where` is the place that was
 * found for it on the house, in words; empty while it is still asked.
 */
export function chipsOf(said: Shorthand, where = ''): Chip[] {
  const chips: (Chip | null)[] = [
    where === '' ? null : { kind: 'place', says: where },
    said.height === null ? null : { kind: 'place', says: `${formatLength(said.height)} up` },
    said.part === null ? null : { kind: 'part', says: partName(said.part) },
    said.material === null ? null : { kind: 'part', says: materialName(said.material) },
    said.length === null
      ? null
      : { kind: 'size', says: `${formatLength(said.length)}${said.how === null ? '' : ` ${said.how}`}` },
    said.count === null ? null : { kind: 'size', says: `× ${said.count}${said.roughCount ? ' or so' : ''}` },
    said.grade === null ? null : { kind: 'state', says: `${said.grade} ${GRADE_NAMES[said.grade]}` },
    said.probe === null
      ? null
      : {
          kind: 'state',
          says: `probe ${formatLength(said.probe.depth)}${said.probe.thickness === null ? '' : ` in ${formatLength(said.probe.thickness)}`}`,
        },
    said.reading === null
      ? null
      : {
          kind: 'state',
          says: `${said.reading.percent} %${said.reading.reference === null ? '' : `, dry ${said.reading.reference} %`}`,
        },
    said.suspected ? { kind: 'state', says: 'suspected' } : null,
    said.known === null ? null : { kind: 'state', says: said.known.replaceAll('-', ' ') },
    said.hold === null ? null : { kind: 'note', says: `hold: ${said.hold}` },
    said.note === null ? null : { kind: 'note', says: `“${said.note}”` },
  ]
  return [
    ...chips.filter((chip) => chip !== null),
    ...said.signs.map((sign): Chip => ({ kind: 'sign', says: SIGNS[sign].says })),
    ...said.left.map((word): Chip => ({ kind: 'left', says: word })),
  ]
}
