'use client'

import { useDeferredValue, useEffect, useMemo, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { PARTS } from '../../core/catalogue'
import { TemplateAnswer } from '../../core/contract'
import { newJob } from '../../core/job'
import { feet, formatCents, inches, parseMoney, type Length } from '../../core/measure'
import { fitRates, MET_WITHIN, type Fit, type Remembered } from '../../core/office'
import { Button, LengthField, Notice, SelectField, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import type { FirmValuesState } from './useFirmValues'

type Row = {
  readonly component: string
  readonly length: Length
  readonly height: Length
  readonly count: string
  readonly asked: string
}

/** Five kinds of work most firms have done: only a start, every field is changed as remembered. */
const FIRST_ROWS: readonly Row[] = [
  { component: 'fascia', length: feet(12), height: feet(9), count: '1', asked: '' },
  { component: 'lap-siding', length: feet(8), height: feet(4), count: '3', asked: '' },
  { component: 'window-sill', length: feet(3), height: feet(3), count: '1', asked: '' },
  { component: 'corner-board', length: feet(8), height: inches(18), count: '1', asked: '' },
  { component: 'deck-board', length: feet(12), height: feet(2), count: '4', asked: '' },
]
const PRICED = PARTS.filter((part) => part.task !== null).map(({ id, name }) => ({ value: id, label: name }))

const percent = (share: number): string => `${share >= 0 ? '+' : '−'}${Math.abs(share * 100).toFixed(1)} %`

/** Rows whose price can be read; the others wait. */
function remembered(rows: readonly Row[]): { readonly at: number; readonly of: Remembered }[] {
  return rows.flatMap(({ component, length, height, count, asked }, at) => {
    const cents = parseMoney(asked)
    const many = Number(count)
    if (!cents.ok || cents.value <= 0 || !Number.isInteger(many) || many < 1) return []
    return [{ at, of: { component, length, height, count: many, asked_cents: cents.value } }]
  })
}

/** An hour and an overhead that meet what was asked for jobs one remembers, with how far each is off. */
export function FitRates({ state, onClose }: { state: FirmValuesState; onClose: () => void }) {
  const [template, setTemplate] = useState<TemplateAnswer | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [rows, setRows] = useState(FIRST_ROWS)
  useEffect(() => {
    let gone = false
    void call('/api/jobs/template', TemplateAnswer).then((answer) => {
      if (gone) return
      if (answer.ok) setTemplate(answer.value)
      else setWrong(failureWords(answer.failure))
    })
    return () => {
      gone = true
    }
  }, [])
  // A price is reckoned several times a job: typing goes before it.
  const settled = useDeferredValue(rows)
  const known = useMemo(() => remembered(settled), [settled])
  const fit = useMemo<Fit | null>(() => {
    if (!template?.rates) return null
    const { settings, rates } = template
    const job = newJob({ id: 'fit', title: '', timeZone: 'UTC', settings, rates })
    return fitRates(
      job,
      rates,
      known.map((each) => each.of),
    )
  }, [template, known])
  const set = (at: number, more: Partial<Row>): void =>
    setRows((before) => before.map((row, index) => (index === at ? { ...row, ...more } : row)))

  function use(): void {
    if (fit?.kind !== 'fitted') return
    const { burdened_rate_cents, overhead } = fit.rates
    const reason = `fitted to ${known.length} jobs remembered`
    state.changeAll([
      { key: 'rate.burdened_rate_cents', value: burdened_rate_cents / 100, reason },
      { key: 'rate.overhead.share', value: overhead.share, reason },
      { key: 'rate.overhead.basis', value: 'cost', reason },
    ])
    onClose()
  }

  return (
    <Dialog open onClose={onClose} title="Fit to jobs you remember" wide>
      <p className="pb-2 text-[14px]">
        What it was, how big, and what you asked in all. The hour and the overhead are sought that meet it;
        profit, tax and prices of material stay as they are.
      </p>
      {wrong ? <Notice tone="wrong">{wrong}</Notice> : null}
      <ol className="flex flex-col gap-2">
        {rows.map((row, at) => {
          const index = known.findIndex((each) => each.at === at)
          const met = fit?.kind === 'fitted' && index >= 0 ? fit.jobs[index] : undefined
          return (
            <li
              key={at}
              aria-label={`Job ${at + 1}`}
              className="grid grid-cols-[1.4fr_0.8fr_0.8fr_0.6fr_1fr_1fr] items-end gap-2 border-b border-rule pb-2 max-sm:grid-cols-2"
            >
              <SelectField
                label="Part"
                value={row.component}
                onChange={(component) => set(at, { component })}
                choices={PRICED}
              />
              <LengthField
                label="Length"
                bare="feet"
                value={row.length}
                onChange={(value) => value !== null && set(at, { length: value })}
              />
              <LengthField
                label="Height"
                bare="feet"
                value={row.height}
                onChange={(value) => value !== null && set(at, { height: value })}
              />
              <TextField
                label="Pieces"
                inputMode="numeric"
                value={row.count}
                onChange={(count) => set(at, { count })}
              />
              <TextField
                label="You asked, $"
                inputMode="decimal"
                value={row.asked}
                onChange={(asked) => set(at, { asked })}
                error={row.asked !== '' && index < 0 ? 'an amount, as 1,250' : null}
              />
              <p className="pb-2 font-head text-[15px]" role="group" aria-label="Met">
                {met?.reckoned_cents != null && met.misfit !== null ? (
                  <>
                    {formatCents(met.reckoned_cents)}{' '}
                    <span
                      className={
                        Math.abs(met.misfit) <= MET_WITHIN ? 'text-moss' : 'font-semibold text-crayon-text'
                      }
                    >
                      {percent(met.misfit)}
                    </span>
                  </>
                ) : null}
              </p>
            </li>
          )
        })}
      </ol>
      <div className="flex flex-col gap-2 pt-3">
        {fit?.kind === 'no-price' ? <Notice tone="waiting">{fit.why}</Notice> : null}
        {fit?.kind === 'too-few' ? (
          <p className="text-[14px] text-quiet">Two jobs at least; five tell more.</p>
        ) : null}
        {fit?.kind === 'fitted' ? (
          <>
            <p role="status" className="text-[15px]">
              <b>{formatCents(fit.rates.burdened_rate_cents)} an hour</b>, overhead{' '}
              <b>{(fit.rates.overhead.share * 100).toFixed(1)} % on cost</b>.{' '}
              {fit.worst <= MET_WITHIN
                ? 'All of them are met within 5 %.'
                : `The furthest is ${(fit.worst * 100).toFixed(0)} % off: these prices do not hang together by hours and material; look at that job again.`}
            </p>
            {fit.splitsOverhead ? null : (
              <p className="text-[14px] text-quiet">
                In these jobs labour and material rise together: only the hour was sought, overhead stays.
              </p>
            )}
          </>
        ) : null}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button look="main" disabled={fit?.kind !== 'fitted'} onClick={use}>
            Take these over
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
