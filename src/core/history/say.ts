import { goodName, materialName, partName } from '../catalogue'
import { placeWords } from '../caution'
import { itemName as nameOfWork } from '../scope'
import { causeName } from '../catalogue/causes'
import { GRADE_NAMES, quantityWords, type JobDocument, type Place, type Quantity } from '../job'
import {
  type Cents,
  dayWords,
  formatCents,
  formatLength,
  type Length,
  type Month as MonthOrYear,
  monthWords,
} from '../measure'
import { isSign, SIGNS } from '../catalogue/signs'

/** How a value of a field is said; null: it is said only that the field changed. */
export type Say = (value: unknown, job: JobDocument) => string | null

const NOTHING = 'nothing'
export const orNothing =
  (say: (value: never, job: JobDocument) => string | null): Say =>
  (value, job) =>
    value === null || value === undefined || value === '' ? NOTHING : say(value as never, job)

export const text = orNothing((value: string) => `“${value}”`)
export const plain = orNothing((value: unknown) => String(value))
export const choice = orNothing((value: string) => value.replaceAll('-', ' '))
export const from = (words: Readonly<Record<string, string>>): Say =>
  orNothing((value: string) => words[value] ?? value.replaceAll('-', ' '))
export const length = orNothing((value: Length) => formatLength(value))
export const yesNo = orNothing((value: boolean) => (value ? 'yes' : 'no'))
export const day = orNothing((value: string) => dayWords(value))
export const month = orNothing((value: MonthOrYear) => monthWords(value))
export const moment = orNothing((value: string) => dayWords(value.slice(0, 10)))
export const cents = orNothing((value: Cents) => formatCents(value))
export const percent = orNothing((value: number) => `${value} %`)
export const share = orNothing((value: number) => `${Math.round(value * 1000) / 10} %`)
export const part = orNothing((value: string) => partName(value))
export const material = orNothing((value: string) => materialName(value))
export const grade = orNothing((value: number) => `${value}, ${GRADE_NAMES[value] ?? ''}`)
export const place = orNothing((value: Place, job) => {
  const words = placeWords(value, job)
  return value.kind === 'side' && !value.station_unsaid
    ? `${words}, ${formatLength(value.station)} along`
    : words
})
export const height = orNothing(
  (value: { value: Length; from: string }) =>
    `${formatLength(value.value)} over the ${value.from === 'grade' ? 'ground' : value.from.replaceAll('-', ' ')}`,
)
export const measured = orNothing(
  (value: { value: Length; how: string }) => `${formatLength(value.value)} ${value.how}`,
)
export const side = orNothing((value: string, job) => {
  const found = job.sides.find((each) => each.id === value)
  return found ? `${found.facing} ${found.letter}` : 'a side'
})
export const listOf = (one: string, many: string): Say =>
  orNothing((value: readonly unknown[]) =>
    value.length === 0 ? 'none' : value.length === 1 ? `one ${one}` : `${value.length} ${many}`,
  )
export const names = orNothing((value: readonly string[]) =>
  value.length === 0 ? 'none' : value.map((each) => each.replaceAll('-', ' ')).join(', '),
)
export const findings: Say = (value, job) => {
  const ids = (value ?? []) as readonly string[]
  const numbers = job.findings.filter((each) => ids.includes(each.id)).map((each) => each.number ?? 'new')
  return numbers.length === 0 ? 'none' : numbers.join(', ')
}
export const signs = orNothing((value: readonly { sign: string; present: boolean }[]) =>
  value.length === 0
    ? 'none'
    : value
        .map(({ sign, present }) => `${present ? '' : 'no '}${isSign(sign) ? SIGNS[sign].says : sign}`)
        .join('; '),
)
export const seen = orNothing(
  (value: Readonly<Record<string, unknown>>) =>
    Object.entries(value)
      .filter(([, each]) => each !== null)
      .map(([name, each]) =>
        name === 'awl_past_sound' || name === 'thickness'
          ? `${name === 'thickness' ? 'thickness' : 'awl past sound'} ${formatLength(each as Length)}`
          : name === 'section_lost_percent'
            ? `${String(each)} % of the section lost`
            : String(each).replaceAll('-', ' '),
      )
      .join(', ') || 'nothing',
)
export const places = orNothing(
  (value: readonly { at: Place | { kind: 'whole-side'; side_id: string }; size: Quantity | null }[], job) =>
    value
      .map(({ at, size }) => {
        const where =
          at.kind === 'whole-side' ? `all of ${String(side(at.side_id, job))}` : String(place(at, job))
        const much = quantityWords(size)
        return much ? `${where}: ${much}` : where
      })
      .join('; ') || 'where its findings are',
)
export const ownLines = orNothing(
  (
    value: readonly {
      kind: string
      what?: string
      hours?: number
      section?: string
      count?: number
      good?: string
      quantity?: number
    }[],
  ) =>
    value
      .map((line) =>
        line.kind === 'hours'
          ? `${line.what}, ${line.hours} h`
          : line.kind === 'piece'
            ? `${line.count} of ${line.section}`
            : `${line.quantity} of ${goodName(line.good ?? '')}`,
      )
      .join('; ') || 'none',
)
export const on = orNothing((value: { kind: string; item_id?: string; to?: string; day?: string }, job) =>
  value.kind === 'job'
    ? 'the whole job'
    : value.kind === 'discount'
      ? 'a discount'
      : value.kind === 'told'
        ? `told to ${value.to} on ${dayWords(value.day ?? '')}`
        : itemName(value.item_id ?? '', job),
)
export const items = orNothing((value: readonly string[], job) =>
  value.length === 0 ? 'none' : value.map((id) => itemName(id, job)).join(', '),
)
export const item = orNothing((value: string, job) => itemName(value, job))
export const causes = orNothing((value: readonly string[]) =>
  value.length === 0 ? 'none' : value.map(causeName).join(', '),
)
export const year = orNothing((value: { kind: string; year?: number }) =>
  value.kind === 'known' ? String(value.year) : 'unknown',
)
/** Too much for a line: it is said only that it changed. */
export const changed: Say = () => null

/** A piece of work as its owner of the words calls it. */
export function itemName(id: string, job: JobDocument): string {
  const item = job.work_items.find((each) => each.id === id)
  return item ? nameOfWork(item) : 'a piece of work'
}
