import {
  CAUTIONS,
  CLEARANCES,
  CLAUSES,
  cautionOf,
  CONDITIONS,
  METHODS,
  needOf,
  partName,
  PARTS,
  SLOPES,
  taskOf,
  WARRANTIES,
  WORK_ZONES,
  type Advice,
  type CautionRow,
  type ClauseRow,
  type MethodRow,
  type PartRow,
  type When,
} from '../catalogue'
import { GUARDS, type GuardRow } from '../catalogue/guards/guards'
import { GRADE_NAMES } from '../job'
import { CAUSE_IDS, causeOf, isSign, signOf } from '../trace'
import { canReckon } from './catalogueRows'

/** A row told: what it is, and its particulars by name. */
export type Entry = {
  readonly id: string
  readonly name: string
  readonly says: string
  readonly rows: readonly { readonly name: string; readonly words: string }[]
}

const signWords = (signs: readonly string[]): string =>
  signs.map((sign) => (isSign(sign) ? signOf(sign).says : sign)).join(' or ')

/** When a piece of advice holds, told. The conditions are data: this is all that turns them into words. */
function whenWords(when: When): string {
  const yes = (value: boolean | undefined, words: string, otherwise: string): string[] =>
    value === undefined ? [] : [value ? words : otherwise]
  const [least, most] = when.grade ?? []
  return [
    ...yes(when.keepOff, 'on the keep-off list', ''),
    ...yes(when.engineer, 'carries load and is soft', ''),
    ...yes(when.untouched, 'nobody touched it', ''),
    ...(least === undefined
      ? []
      : [least === most ? GRADE_NAMES[least]! : `${GRADE_NAMES[least]!} to ${GRADE_NAMES[most!]!}`]),
    ...yes(when.courses, 'siding', 'no siding'),
    ...yes(when.whole, 'whole members only', 'not whole only'),
    ...yes(when.deckFails, 'two of attachment, supports and framing failed', ''),
    ...yes(when.painted, 'painted', 'never painted'),
    ...yes(when.pieced, 'has a rule for new wood', 'has no rule for new wood'),
    ...yes(when.ofOpening, 'part of an opening', 'no part of an opening'),
    ...(when.part ? [when.part.map(partName).join(' or ')] : []),
    ...(when.notPart ? [`not ${when.notPart.map(partName).join(' nor ')}`] : []),
    ...(when.sign ? [`seen: ${signWords(when.sign)}`] : []),
    ...(when.noSign ? [`not seen: ${signWords(when.noSign)}`] : []),
    ...yes(when.fixesSource, 'the source found there is fixed by it', 'it fixes no source found there'),
    ...yes(when.sourceApart, 'the source sits apart from the part', 'the source sits at the part itself'),
    ...yes(when.moved, 'what was found has moved', 'nothing found here has moved'),
  ]
    .filter(Boolean)
    .join(', ')
}

/** What is said of one finding, said of all: its part, rule and source are not known yet. */
function inGeneral(says: string): string {
  return says
    .replace('{rule}', 'by the rule of the part')
    .replace('{part}', 'the part')
    .replace('{source}', 'its name')
}

function adviceWords(advice: readonly Advice[], verdict: Advice['verdict']): string {
  return advice
    .filter((each) => each.verdict === verdict)
    .map((each) => `${whenWords(each.when)}: “${inGeneral(each.says)}”`)
    .join(' · ')
}

const years = ([low, high]: readonly [number, number]): string =>
  high === 0 ? '' : `${low} to ${high} years`

function methodEntry(method: MethodRow): Entry {
  const rows = [
    {
      name: 'Serves',
      words: PARTS.filter((part) => canReckon(method, part))
        .map((part) => part.name)
        .join(', '),
    },
    {
      name: 'Fixes at the source',
      words: CAUSE_IDS.filter((id) => causeOf(id).fix?.method === method.id)
        .map((id) => causeOf(id).name.toLowerCase())
        .join(', '),
    },
    { name: 'Needs', words: method.needs.map((need) => needOf(need).name).join(', ') },
    { name: 'Recommended', words: adviceWords(method.advice, 'recommended') },
    { name: 'Warned of', words: adviceWords(method.advice, 'warned') },
    { name: 'Blocked', words: adviceWords(method.advice, 'blocked') },
    { name: 'To the owner', words: method.we.replaceAll('{part}', 'part') },
    { name: 'Lasts, source cured', words: years(method.life) },
    { name: 'Lasts, source left', words: years(method.lifeUncured) },
    { name: 'Warranty', words: method.sells ? WARRANTIES[method.warranty] : '' },
    {
      name: 'Without a recipe',
      words: method.sells && method.recipe === null ? 'priced only when a price is typed' : '',
    },
    { name: 'Basis', words: method.source },
  ]
  return {
    id: method.id,
    name: method.name,
    says: method.cures,
    rows: rows.filter((row) => row.words !== ''),
  }
}

function pieceWords({ piece }: PartRow): string {
  if (piece === null) return ''
  const joint = { scarf: 'scarfed', butt: 'butted', none: 'in one piece' }[piece.joint]
  const size = piece.whole
    ? 'whole'
    : `cut back ${piece.cut_back_in} in past the soft, at least ${piece.least_in} in, ${joint}`
  return piece.note ? `${size}; ${piece.note}` : size
}

function partEntry(part: PartRow): Entry {
  const task = part.task && taskOf(part.task.task)
  const kits = METHODS.filter((method) => method.serves?.includes(part.id) && canReckon(method, part))
  const rows = [
    {
      name: 'Carries load',
      words: part.bears ? 'yes: soft, it is shored and renewed, or an engineer goes first' : '',
    },
    { name: 'Held by', words: part.heldBy.map(partName).join(', ') },
    {
      name: 'Keep off',
      words: part.keepOff ? `from ${GRADE_NAMES[part.keepOff.fromGrade]!} on: ${part.keepOff.says}` : '',
    },
    { name: 'New wood', words: pieceWords(part) },
    {
      name: 'Section',
      words: part.section
        ? [part.section.usual, ...(part.section.choices.length > 0 ? ['by the measured width'] : [])].join(
            ', or ',
          )
        : '',
    },
    {
      name: 'Hours',
      words: task
        ? `${task.name}: ${task.set_up_h} h a ${task.set_up_per} and ${task.low} / ${task.typical} / ${task.high} h a ${task.unit}`
        : kits.length > 0
          ? `by its repair: ${kits.map((kit) => kit.name.toLowerCase()).join(', ')}`
          : 'no recipe yet: a price is typed, or it is referred',
    },
    { name: 'Basis', words: part.source },
  ]
  return { id: part.id, name: part.name, says: '', rows: rows.filter((row) => row.words !== '') }
}

const EFFECT: Record<CautionRow['effect'], string> = {
  stops: 'nothing is sold there',
  waits: 'nothing is priced there before somebody else has spoken',
  warns: 'it is said with the item',
}
const HOLDS_FOR: Record<CautionRow['holdsFor'], string> = {
  'what-hangs-on-it': 'the whole assembly, and what hangs on it',
  place: 'the place',
  house: 'the house',
}

function cautionEntry(of: CautionRow): Entry {
  const rows = [
    { name: 'Do now', words: of.doNow || 'as whoever noted it says' },
    { name: 'Who', words: of.who },
    { name: 'On work', words: [EFFECT[of.effect], of.onWork].filter(Boolean).join(': ') },
    { name: 'Holds for', words: HOLDS_FOR[of.holdsFor] },
    { name: 'Gates', words: of.gates === 'task' ? 'the task, never the bid' : '' },
    { name: 'Basis', words: of.source },
  ]
  return {
    id: of.id,
    name: `${of.name[0]!.toUpperCase()}${of.name.slice(1)}`,
    says: `What can happen: ${of.canHappen}.`,
    rows: rows.filter((row) => row.words !== ''),
  }
}

function clauseEntry({ id, name, number, words, onlyWith, source }: ClauseRow): Entry {
  const wording = {
    told: 'told from the job; with nothing to tell, it does not print',
    setting: 'the words of the firm, in its settings; empty there, it does not print',
    fixed: words.kind === 'fixed' ? words.text : '',
  }[words.kind]
  const rows = [
    { name: 'Words', words: wording },
    { name: 'Only with', words: onlyWith === null ? '' : cautionOf(onlyWith).name },
    { name: 'Basis', words: source },
  ]
  return { id, name: `${number}. ${name}`, says: '', rows: rows.filter((row) => row.words !== '') }
}

const guardEntry = ({ id, name, says, source }: GuardRow): Entry => ({
  id,
  name,
  says: says.replace(/\{(\w+)\}/g, 'the $1'),
  rows: [{ name: 'Basis', words: source }],
})

/** What slows work down, in words: conditions that are noted, slopes and clearances that are measured. */
export const conditionEntries = (): Entry[] => [
  ...CONDITIONS.map((row) => ({
    id: row.id,
    name: row.name,
    says: '',
    rows: [
      { name: 'Hours', words: `× ${row.times}, what several have over one added up` },
      { name: 'On work', words: row.on.map((zone) => WORK_ZONES[zone]).join('; ') },
      { name: 'Noted of', words: row.at === 'side' ? 'a side' : 'the house' },
      { name: 'Basis', words: row.source },
    ],
  })),
  ...[...SLOPES, ...CLEARANCES].map((row) => ({
    id: row.id,
    name: row.name,
    says: row.why,
    rows: [
      ...(row.times === null ? [] : [{ name: 'Hours', words: `× ${row.times}` }]),
      { name: 'Basis', words: row.source },
    ],
  })),
]

/** Every guard against a mistake of reasoning in words, from its row. */
export const guardEntries = (): Entry[] => GUARDS.map(guardEntry)

/** Every caution in words, from its row; the worst first. */
export const cautionEntries = (): Entry[] => CAUTIONS.toSorted((a, b) => a.rank - b.rank).map(cautionEntry)

/** Every clause of a bid in words, from its row, in the order they print. */
export const clauseEntries = (): Entry[] => CLAUSES.map(clauseEntry)

/** Every method in words, from its row. */
export const methodEntries = (): Entry[] => METHODS.map(methodEntry)

/** Every part in words, from its row. */
export const partEntries = (): Entry[] => PARTS.map(partEntry)
