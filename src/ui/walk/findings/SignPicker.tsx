'use client'

import { useMemo, useState, type ReactNode } from 'react'
import { damagedAs } from '../../../core/catalogue'
import {
  DEPTH_SIGNS,
  PRIORS,
  SHARES,
  SIGN_IDS,
  SIGNS,
  causeOf,
  isSign,
  signFits,
  type SignId,
} from '../../../core/trace'
import type { EntityOf, Finding } from '../../../core/job'
import { sightsMeant } from '../../../core/shorthand'
import { CheckField, TextField } from '../../look'

/** Of a part without a table of its own, the signs of so many causes are offered first. */
const WITHOUT_TABLE = 8

/** How far a sign moves its cause, up or down. */
const strength = ({ ratio }: { readonly ratio: number }): number => Math.abs(Math.log(ratio))

/** Signs that would move the causes of this member, the strongest of each cause first, by turns; all others by name behind them. */
function likelySigns(named: Finding['component']): SignId[] {
  const component = damagedAs(named)
  if (!component) return []
  const written = PRIORS[component]?.flatMap((row) => row.causes)
  const causes =
    written ??
    [...(SHARES[component] ?? [])]
      .sort((a, b) => b.share - a.share)
      .flatMap((each) => (each.cause === 'other' ? [] : [each.cause]))
      .slice(0, WITHOUT_TABLE)
  const lists = causes.map((cause) => {
    const by = (of: readonly { readonly sign: SignId; readonly ratio: number }[]): SignId[] =>
      [...of].sort((a, b) => strength(b) - strength(a)).map(({ sign }) => sign)
    const fits = (sign: SignId): boolean => signFits(sign, component) && !DEPTH_SIGNS.has(sign)
    return [...by(causeOf(cause).supports), ...by(causeOf(cause).refutes)].filter(fits)
  })
  const most = Math.max(0, ...lists.map(({ length }) => length))
  const byTurns = Array.from({ length: most }, (_, turn) => lists.flatMap((list) => list[turn] ?? []))
  return [...new Set(byTurns.flat())]
}

/** So many signs of the part’s usual causes stand open; the rest are a tap away. */
const FIRST = 14
/** So many of the signs that fit what was typed are offered. */
const OFFERED = 10

/** Signs whose words hold everything typed, in any order; then those that other words for the same sight may mean. */
function signsNamed(typed: string): SignId[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const lettered = SIGN_IDS.filter((sign) => {
    if (DEPTH_SIGNS.has(sign)) return false
    const says = SIGNS[sign].says.toLowerCase()
    return words.every((word) => says.includes(word))
  })
  const meant = sightsMeant(typed, { component: null, noted: lettered }).map(({ sign }) => sign)
  return [...lettered, ...meant]
}

/** Signs seen, and those looked for and not there; how each is known is that of the finding unless said otherwise. */
export function SignPicker({
  finding,
  set,
}: {
  finding: Finding
  set: (fields: Partial<EntityOf['finding']>) => void
}) {
  const [typed, setTyped] = useState('')
  const noted = finding.signs.flatMap((each) => (isSign(each.sign) ? [each.sign] : []))
  const listed = [...new Set([...noted, ...likelySigns(finding.component)])]
  const first = Math.max(FIRST, noted.length)
  const searching = typed.trim() !== ''
  const { words, component } = finding
  // What the words may mean stays where it is while it is ticked.
  const meant = useMemo(
    () => sightsMeant(words, { component, noted: [] }).map(({ sign }) => sign),
    [words, component],
  )
  // What is folded away is found by its letters too: while one searches the fold gives way to what is found.
  const shown = new Set([...meant, ...listed.slice(0, first)])
  const named = signsNamed(typed).filter((sign) => !shown.has(sign))
  const note = (sign: SignId, present: boolean | null): void =>
    set({
      signs: [
        ...finding.signs.filter((each) => each.sign !== sign),
        ...(present === null ? [] : [{ sign, how: finding.how_known, present }]),
      ],
    })
  const rows = (signs: readonly SignId[]): ReactNode => (
    <div className="grid grid-cols-2 gap-x-4 max-sm:grid-cols-1">
      {signs.map((sign) => (
        <SignRow
          key={sign}
          says={SIGNS[sign].says}
          present={finding.signs.find((each) => each.sign === sign)?.present ?? null}
          note={(present) => note(sign, present)}
        />
      ))}
    </div>
  )
  return (
    <fieldset>
      <legend className="font-head text-[14px] font-medium">Signs</legend>
      <p className="text-[13px] text-quiet">
        Tick what is there. What you looked for and did not find speaks too.
      </p>
      {meant.length > 0 ? (
        <div role="group" aria-label="Your words may mean" className="mb-1 border-b border-rule pb-1">
          <p className="font-head text-[14px] font-medium">Your words may mean</p>
          {rows(meant)}
        </div>
      ) : null}
      {rows(listed.slice(0, first).filter((sign) => !meant.includes(sign)))}
      {listed.length > first && !searching ? (
        <details>
          <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
            {listed.length - first} more signs of this part
          </summary>
          {rows(listed.slice(first).filter((sign) => !meant.includes(sign)))}
        </details>
      ) : null}
      <div className="mt-1 max-w-sm">
        <TextField
          label="Another sign"
          hint="a few letters of it"
          value={typed}
          onChange={setTyped}
          autoComplete="off"
        />
      </div>
      {!searching ? null : (
        <div role="group" aria-label="Signs by these letters">
          {named.length === 0 ? (
            <p className="py-1 text-[13px] text-quiet">
              No further sign in these letters. Say it in the words of the finding.
            </p>
          ) : (
            rows(named.slice(0, OFFERED))
          )}
          {named.length > OFFERED ? (
            <p className="text-[13px] text-quiet">{named.length - OFFERED} more; type more letters.</p>
          ) : null}
        </div>
      )}
    </fieldset>
  )
}

function SignRow(props: { says: string; present: boolean | null; note: (present: boolean | null) => void }) {
  const { says, present, note } = props
  return (
    <div className="flex items-center justify-between gap-2">
      <CheckField label={says} checked={present === true} onChange={(on) => note(on ? true : null)} />
      <button
        type="button"
        aria-label={`Looked for, not there: ${says}`}
        aria-pressed={present === false}
        onClick={() => note(present === false ? null : false)}
        className="min-h-7 shrink-0 rounded-(--radius) border border-transparent px-1 text-[13px] text-quiet hover:border-rule aria-pressed:border-ink aria-pressed:text-ink touch:min-h-11"
      >
        not there
      </button>
    </div>
  )
}
