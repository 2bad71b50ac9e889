'use client'

import { PARTS } from '../../../core/catalogue'
import { useState } from 'react'
import { newId } from '../../../client/newId'
import { GRADE_NAMES, type EntityOf, type FramingPiece } from '../../../core/job'
import { Button, Panel, SavedTextField, SelectField } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'

type Area = FramingPiece['area']
const AREA_WORDS: Record<Area, string> = {
  crawl: 'crawl space',
  basement: 'basement',
  deck: 'deck',
  attic: 'attic',
}
const MEMBERS = PARTS.filter((part) => part.inSurvey)
const STATES: readonly { value: NonNullable<FramingPiece['state']>; label: string }[] = [
  { value: 'sound', label: 'sound' },
  { value: 'some-years', label: 'some years' },
  { value: 'now', label: 'now' },
]
const BASES = ['footing', 'pad', 'cap-block', 'shims', 'soil', 'missing'] as const
const yesNo = (value: boolean | null): string => (value === null ? '' : value ? 'yes' : 'no')
const fromYesNo = (value: string): boolean | null => (value === '' ? null : value === 'yes')

/** The next name after one: bay 3 → bay 4. */
function nextLabel(label: string): string {
  const found = /^(.*?)(\d+)(\D*)$/.exec(label)
  return found ? `${found[1]}${Number(found[2]) + 1}${found[3]}` : `${label} 2`
}

/** Members and supports one by one, as they are counted on site: which must go now, which can stand some years. */
export function FramingPanel() {
  const { derived, store, view } = useJob()
  const pieces = derived.job.framing_pieces
  const [area, setArea] = useState<Area>(() => pieces[0]?.area ?? 'crawl')
  const here = pieces.filter((piece) => piece.area === area)
  const count = (state: FramingPiece['state']): number => here.filter((piece) => piece.state === state).length

  function add(kind: FramingPiece['kind']): void {
    const like = here.findLast((piece) => piece.kind === kind)
    const fresh: EntityOf['framing_piece'] = {
      id: newId(),
      removed: false,
      area,
      kind,
      label: kind === 'member' ? 'bay 1' : 'post 1',
      component:
        kind === 'support'
          ? area === 'deck'
            ? 'deck-post'
            : 'girder'
          : area === 'deck'
            ? 'deck-joist'
            : 'joist',
      size: '',
      state: null,
      contact: null,
      fastened: null,
      plumb: null,
      base: null,
      grade: null,
      how_known: 'touched',
      note: '',
      finding_id: null,
    }
    store.create(
      'framing_piece',
      like ? { ...fresh, label: nextLabel(like.label), component: like.component, size: like.size } : fresh,
    )
  }
  function toFinding(piece: FramingPiece): void {
    const fresh = freshFinding({
      place:
        piece.area === 'deck'
          ? { kind: 'deck', feature_id: null, words: piece.label }
          : piece.area === 'crawl'
            ? { kind: 'crawl', words: piece.label }
            : { kind: 'words', words: `${AREA_WORDS[piece.area]}, ${piece.label}` },
      by: view.member.name,
      words: piece.note,
    })
    const said = store.create('finding', {
      ...fresh,
      component: piece.component,
      stated_grade: piece.grade,
      how_known: piece.how_known,
    })
    if (said === null) store.set('framing_piece', piece.id, { finding_id: fresh.id })
  }

  return (
    <Panel
      title="Members and supports"
      aside={
        <span>
          {here.length} noted: {count('now')} now, {count('some-years')} some years, {count('sound')} sound
        </span>
      }
    >
      <div className="flex flex-wrap items-end gap-3 py-2">
        <SelectField
          label="Where"
          value={area}
          onChange={(value) => setArea(value as Area)}
          choices={Object.entries(AREA_WORDS).map(([value, label]) => ({ value, label }))}
        />
        <Button onClick={() => add('member')}>Add a member</Button>
        <Button onClick={() => add('support')}>Add a support</Button>
        <p className="text-[13px] text-quiet">
          What a member may carry is for an engineer; here is only what was seen.
        </p>
      </div>
      {here.length === 0 ? (
        <p className="py-2 text-quiet">
          Nothing noted in the {AREA_WORDS[area]} yet. Count the members as you crawl: bay 1, bay 2; each new
          one begins as the last was.
        </p>
      ) : null}
      <ul>
        {here.map((piece) => (
          <Piece key={piece.id} piece={piece} onFinding={() => toFinding(piece)} />
        ))}
      </ul>
    </Panel>
  )
}

function Piece({ piece, onFinding }: { piece: FramingPiece; onFinding: () => void }) {
  const { store } = useJob()
  const set = (fields: Partial<EntityOf['framing_piece']>): void =>
    void store.set('framing_piece', piece.id, fields)
  const support = piece.kind === 'support'
  return (
    <li className="border-b border-rule py-2">
      <fieldset className="grid grid-cols-[1fr_1.1fr_0.8fr_1.6fr_0.9fr_0.8fr_0.8fr_0.9fr_1fr] items-end gap-2 max-lg:grid-cols-3 max-sm:grid-cols-2">
        <legend className="sr-only">
          {piece.kind} {piece.label}
        </legend>
        <SavedTextField
          label={support ? 'Support' : 'Member'}
          value={piece.label}
          onSave={(label) => set({ label })}
        />
        <SelectField
          label="What"
          value={piece.component}
          onChange={(component) => set({ component: component })}
          choices={MEMBERS.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <SavedTextField label="Size" value={piece.size} onSave={(size) => set({ size })} />
        <div role="group" aria-label={`State of ${piece.label}`} className="flex">
          {STATES.map(({ value, label }) => (
            <button
              key={value}
              type="button"
              aria-pressed={piece.state === value}
              onClick={() => set({ state: piece.state === value ? null : value })}
              className={`min-h-9 grow border border-ink px-1.5 font-head text-[14px] -ml-px first:ml-0 touch:min-h-11 ${
                piece.state === value
                  ? value === 'now'
                    ? 'bg-crayon-text text-white'
                    : value === 'sound'
                      ? 'bg-moss text-white'
                      : 'bg-pencil'
                  : 'bg-paper'
              }`}
            >
              {label}
            </button>
          ))}
        </div>
        <SelectField
          label="Bears"
          value={piece.contact ?? ''}
          onChange={(value) =>
            set({ contact: value === '' ? null : (value as NonNullable<FramingPiece['contact']>) })
          }
          choices={[
            { value: '', label: '?' },
            { value: 'full', label: 'fully' },
            { value: 'part', label: 'in part' },
            { value: 'none', label: 'on nothing' },
          ]}
        />
        <SelectField
          label="Fastened"
          value={yesNo(piece.fastened)}
          onChange={(value) => set({ fastened: fromYesNo(value) })}
          choices={['', 'yes', 'no'].map((value) => ({ value, label: value || '?' }))}
        />
        {support ? (
          <>
            <SelectField
              label="Plumb"
              value={yesNo(piece.plumb)}
              onChange={(value) => set({ plumb: fromYesNo(value) })}
              choices={['', 'yes', 'no'].map((value) => ({ value, label: value || '?' }))}
            />
            <SelectField
              label="Stands on"
              value={piece.base ?? ''}
              onChange={(value) => set({ base: BASES.find((each) => each === value) ?? null })}
              choices={[
                { value: '', label: '?' },
                ...BASES.map((value) => ({ value, label: value.replace('-', ' ') })),
              ]}
            />
          </>
        ) : (
          <>
            <SelectField
              label="Grade"
              value={piece.grade === null ? '' : String(piece.grade)}
              onChange={(value) => set({ grade: value === '' ? null : Number(value) })}
              choices={[
                { value: '', label: 'not touched' },
                ...GRADE_NAMES.map((label, index) => ({ value: String(index), label: `${index} ${label}` })),
              ]}
            />
            <SavedTextField label="Note" value={piece.note} onSave={(note) => set({ note })} />
          </>
        )}
        <span className="flex gap-1">
          {piece.finding_id === null ? (
            <Button onClick={onFinding}>To a finding</Button>
          ) : (
            <span className="font-head text-[13px] text-quiet">has a finding</span>
          )}
          <Button look="quiet" aria-label={`Remove ${piece.label}`} onClick={() => set({ removed: true })}>
            ×
          </Button>
        </span>
      </fieldset>
    </li>
  )
}
