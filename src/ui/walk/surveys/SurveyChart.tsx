'use client'

import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import type { SurveyRead } from '../../../core/survey/read'

const STROKES = ['#1f5fae', '#17232b', '#2f6b4a'] as const
const DASHES = ['0', '6 3', '2 3'] as const

/** Readings of days stand at their day, those of a wall at their station. */
const OVER_DAYS: ReadonlySet<SurveyRead['kind']> = new Set<SurveyRead['kind']>(['crack', 'air'])
const UNITS: Partial<Record<SurveyRead['kind'], string>> = { ground: ' %', air: ' %' }

/** Round figures between the least and the most, five at the most. */
export function niceTicks(least: number, most: number): number[] {
  const range = Math.max(most - least, 1 / 16)
  const step = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50].find((each) => range / each <= 4) ?? 100
  const from = Math.floor(least / step + 1e-9)
  const to = Math.ceil(most / step - 1e-9)
  return Array.from({ length: Math.max(2, to - from + 1) }, (_, index) => (from + index) * step)
}

/** A survey along its wall, or over its days; the same as a table for whoever hears it. */
export function SurveyChart({ read }: { read: SurveyRead }) {
  const days = OVER_DAYS.has(read.kind)
  const unit = UNITS[read.kind] ?? ' in'
  const ats = [...new Set(read.series.flatMap(({ points }) => points.map(({ at }) => at)))].sort(
    (a, b) => a - b,
  )
  const valueOf = (name: string, at: number): number | null =>
    read.series.find((each) => each.name === name)?.points.find((each) => each.at === at)?.value ?? null
  const data = ats.map((at): Record<string, number | null> => ({
    at,
    ...Object.fromEntries(read.series.map(({ name }) => [name, valueOf(name, at)])),
  }))
  const values = read.series.flatMap(({ points }) => points.map(({ value }) => value))
  const ticks = niceTicks(Math.min(0, ...values), Math.max(0, ...values))
  const said = (at: number): string =>
    days ? new Date(at).toISOString().slice(0, 10) : `${+at.toFixed(1)} ft`
  return (
    <figure className="pt-2">
      <div aria-hidden className="h-44 w-full font-head text-[13px]">
        <ResponsiveContainer width="100%" height="100%">
          <LineChart accessibilityLayer={false} data={data} margin={{ top: 6, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid stroke="#c2cccc" vertical={false} />
            <XAxis
              dataKey="at"
              type="number"
              domain={['dataMin', 'dataMax']}
              ticks={ats.length <= 8 ? ats : undefined}
              tickFormatter={said}
              tickLine={false}
              stroke="#17232b"
            />
            <YAxis
              ticks={ticks}
              domain={[ticks[0]!, ticks.at(-1)!]}
              tickFormatter={(value) => `${+Number(value).toFixed(3)}${unit}`}
              tickLine={false}
              axisLine={false}
              stroke="#4a5a61"
              width={62}
            />
            <ReferenceLine y={0} stroke="#17232b" strokeWidth={0.8} />
            <Tooltip
              isAnimationActive={false}
              labelFormatter={(at) => said(Number(at))}
              formatter={(value) => `${+Number(value).toFixed(3)}${unit}`}
            />
            {read.series.length > 1 ? (
              <Legend iconType="plainline" formatter={(name) => <span className="text-ink">{name}</span>} />
            ) : null}
            {read.series.map(({ name }, index) => (
              <Line
                key={name}
                dataKey={name}
                type="linear"
                stroke={STROKES[index % STROKES.length]}
                strokeDasharray={DASHES[index % DASHES.length]}
                strokeWidth={2}
                dot={{ r: 3 }}
                connectNulls
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <table className="sr-only">
        <caption>Readings worked out</caption>
        <thead>
          <tr>
            <th>{days ? 'Day' : 'Station'}</th>
            {read.series.map(({ name }) => (
              <th key={name}>{name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ats.map((at) => (
            <tr key={at}>
              <th>{said(at)}</th>
              {read.series.map(({ name }) => {
                const value = valueOf(name, at)
                return <td key={name}>{value === null ? 'not read' : `${+value.toFixed(3)}${unit}`}</td>
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  )
}
