'use client'

import { byId, type Survey } from '../../../core/job'
import { partName } from '../../../core/catalogue'
import { feet, type Length } from '../../../core/measure'
import { Button, SavedTextField, SelectField } from '../../look'
import { today } from '../../state/today'
import { useJob } from '../../state/useJob'
import { Cell } from './Cell'
import type { CellSpec, CellValue } from './cells'
import { DeckPoints } from './DeckPoints'
import { FrameFindings } from './FrameFindings'
import type { Row, SurveyForm, TableForm } from './fieldSpecs'
import { SURVEY_FORMS } from './forms'

type Readings = Readonly<Record<string, unknown>>
/** Keeps fields of a survey; a list is made from the survey as it is in that instant, so that two quick touches are two readings. */
type SetSurvey = (fields: Readings | ((held: Readings) => Readings)) => void

/** One survey to be filled in: what it is of, its fields, its readings row by row. */
export function SurveyFields({ survey }: { survey: Survey }) {
  const { store } = useJob()
  const form = SURVEY_FORMS[survey.kind]
  const set: SetSurvey = (fields) =>
    void store.set(
      'survey',
      survey.id,
      typeof fields === 'function' ? (held) => fields(held as unknown as Readings) : fields,
    )
  const values = survey as unknown as Readonly<Record<string, CellValue>>
  return (
    <div className="flex flex-col gap-3 pt-2">
      {isBegun(survey, form) ? (
        <details>
          <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11 touch:py-3">
            How it is done
          </summary>
          <p className="text-[13px] text-quiet">{form.how}</p>
        </details>
      ) : (
        <p className="text-[13px] text-quiet">{form.how}</p>
      )}
      {survey.kind === 'deck' ? <DeckPoints survey={survey} /> : null}
      {survey.kind === 'frame' || survey.kind === 'home' ? <FrameFindings survey={survey} /> : null}
      <div className="grid grid-cols-3 items-start gap-3 max-sm:grid-cols-2">
        <PlaceFields survey={survey} set={set} />
        {form.fields.map((field) => (
          <Cell
            key={field.key}
            spec={field}
            value={values[field.key] ?? null}
            onSave={(value) => set({ [field.key]: value })}
          />
        ))}
      </div>
      {form.tables.map((table) => (
        <Rows key={table.key} rows={table} survey={survey} set={set} />
      ))}
      <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-2">
        <Cell spec={{ kind: 'day', label: 'Day' }} value={survey.day} onSave={(day) => set({ day })} />
        <SavedTextField
          label="Instrument"
          value={survey.instrument}
          onSave={(instrument) => set({ instrument })}
        />
        <SavedTextField label="Note" value={survey.note} onSave={(note) => set({ note })} />
      </div>
      <MadeFor survey={survey} set={set} />
    </div>
  )
}

/** Whoever has a reading knows how. */
function isBegun(survey: Survey, form: SurveyForm): boolean {
  if (survey.kind === 'deck') return survey.answers.length > 0
  const held = survey as unknown as Record<string, readonly Row[]>
  return form.tables.some(({ key }) => (held[key]?.length ?? 0) > 0)
}

/** Which wall, which deck, or where the crack is. */
function PlaceFields({ survey, set }: { survey: Survey; set: SetSurvey }) {
  const { job } = useJob().derived
  const sides = job.sides.map((side) => ({ value: side.id, label: `${side.letter} ${side.facing}` }))
  if (survey.kind === 'deck') {
    const decks = job.features.filter((each) => each.kind === 'deck' || each.kind === 'porch')
    return (
      <SelectField
        label="Deck"
        value={survey.feature_id ?? ''}
        onChange={(id) => set({ feature_id: id === '' ? null : id })}
        choices={[
          { value: '', label: 'not drawn' },
          ...decks.map((each) => ({
            value: each.id,
            label: `${each.kind} ${byId(job.sides, each.side_id)?.letter ?? ''}${each.number}`,
          })),
        ]}
      />
    )
  }
  if (survey.kind === 'crack') {
    const { place } = survey
    return (
      <>
        <SelectField
          label="On side"
          value={place.kind === 'side' ? place.side_id : ''}
          onChange={(side_id) =>
            set({
              place:
                side_id === ''
                  ? { kind: 'none' }
                  : {
                      kind: 'side',
                      side_id,
                      station: feet(0),
                      height: { value: feet(0), from: 'grade' },
                      feature_id: null,
                    },
            })
          }
          choices={[{ value: '', label: 'inside, or by its finding' }, ...sides]}
        />
        {place.kind === 'side' ? (
          <Cell
            spec={{ kind: 'length', bare: 'feet', label: 'Station' }}
            value={place.station}
            onSave={(station) => set({ place: { ...place, station: station as Length } })}
          />
        ) : null}
      </>
    )
  }
  if (survey.kind === 'frame') {
    return (
      <>
        <SelectField
          label="Line of supports beside"
          value={survey.line_side_id ?? ''}
          onChange={(id) => set({ line_side_id: id === '' ? null : id })}
          choices={[{ value: '', label: 'not drawn' }, ...sides]}
        />
        {survey.line_side_id === null ? null : (
          <>
            <Cell
              spec={{ kind: 'length', bare: 'feet', label: 'Begins at station', optional: true }}
              value={survey.line_from}
              onSave={(line_from) => set({ line_from })}
            />
            <Cell
              spec={{ kind: 'length', bare: 'feet', label: 'In from that wall', optional: true }}
              value={survey.line_in}
              onSave={(line_in) => set({ line_in })}
            />
          </>
        )}
      </>
    )
  }
  if (!('side_id' in survey)) return null
  return (
    <SelectField
      label="Along side"
      value={survey.side_id}
      onChange={(side_id) => set({ side_id })}
      choices={sides}
    />
  )
}

/** What fits in a column, so that a rod reading is read whole. */
const WIDTHS: Partial<Record<CellSpec['kind'], string>> = {
  number: 'sm:w-[76px]',
  choice: 'sm:w-[96px]',
  signed: 'sm:w-[190px]',
  'yes-no': 'sm:w-[76px]',
}

/** A table of readings on a desk; on a phone each reading is a block of its own. */
function Rows(props: { rows: TableForm; survey: Survey; set: SetSurvey }) {
  const { rows: form, survey, set } = props
  const { job } = useJob()
  const rows = (survey as unknown as Record<string, readonly Row[]>)[form.key] ?? []
  const put = (next: (held: readonly Row[]) => readonly Row[]): void =>
    set((held) => ({ [form.key]: next(held[form.key] as readonly Row[]) }))
  function add(): void {
    put((held) => {
      const made = form.next(held)
      return [...held, 'day' in made ? { ...made, day: today(job.job.time_zone) } : made]
    })
  }
  return (
    <div>
      <table className="w-full border-collapse max-sm:block">
        <caption className="sr-only">{`Readings: ${form.one}s`}</caption>
        <thead className="max-sm:sr-only">
          <tr className="border-b border-ink text-left font-head text-[13px]">
            {form.columns.map((column) => (
              <th key={column.key} scope="col" className="pr-2 font-medium">
                {column.label}
              </th>
            ))}
            <th scope="col">
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody className="max-sm:block">
          {rows.map((row, index) => (
            <tr
              key={index}
              className="border-b border-rule align-top max-sm:grid max-sm:grid-cols-2 max-sm:gap-x-2 max-sm:py-2"
            >
              {form.columns.map((column) => (
                <td key={column.key} className={`py-1 pr-2 max-sm:pr-0 ${WIDTHS[column.kind] ?? ''}`}>
                  <span aria-hidden className="font-head text-[13px] text-quiet sm:hidden">
                    {column.label}
                  </span>
                  <Cell
                    spec={column}
                    value={row[column.key] ?? null}
                    inTable={`${form.one} ${index + 1}`}
                    onSave={(value) =>
                      put((held) =>
                        held.map((each, at) => (at === index ? { ...each, [column.key]: value } : each)),
                      )
                    }
                  />
                </td>
              ))}
              <td className="py-1 text-right max-sm:self-end">
                <Button
                  look="quiet"
                  aria-label={`Remove ${form.one} ${index + 1}`}
                  onClick={() => put((held) => held.filter((_, at) => at !== index))}
                >
                  ×
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="pt-2">
        <Button onClick={add}>Add a {form.one}</Button>
      </div>
    </div>
  )
}

/** Findings it was made for, besides those that lie near it. */
function MadeFor({ survey, set }: { survey: Survey; set: SetSurvey }) {
  const { job } = useJob().derived
  if (job.findings.length === 0) return null
  const chosen = new Set(survey.finding_ids)
  return (
    <details>
      <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11 touch:py-3">
        Made for{' '}
        {chosen.size === 0 ? 'what lies near it' : `${chosen.size} finding${chosen.size > 1 ? 's' : ''}`}
      </summary>
      <ul className="max-h-56 overflow-y-auto">
        {job.findings.map((finding) => (
          <li key={finding.id}>
            <label className="flex min-h-8 items-center gap-2 text-[14px] touch:min-h-11">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-spruce"
                checked={chosen.has(finding.id)}
                onChange={(event) =>
                  set((held) => {
                    const others = (held.finding_ids as readonly string[]).filter((id) => id !== finding.id)
                    return { finding_ids: event.target.checked ? [...others, finding.id] : others }
                  })
                }
              />
              {finding.number ?? 'new'} {finding.component ? partName(finding.component) : ''}{' '}
              <span className="truncate text-quiet">{finding.words}</span>
            </label>
          </li>
        ))}
      </ul>
    </details>
  )
}
