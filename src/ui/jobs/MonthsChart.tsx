'use client'

import { Bar, BarChart, CartesianGrid, Legend, Tooltip, XAxis, YAxis, ResponsiveContainer } from 'recharts'
import type { Month, Outcome } from '../../core/office'
import { formatCents, type Cents } from '../../core/measure'

const NAMES: Readonly<Record<Outcome, string>> = { won: 'won', open: 'open', lost: 'lost or run out' }
/** Told apart by lightness as well as by colour, for paper and for eyes that see no green. */
const FILLS: Readonly<Record<Outcome, string>> = { won: '#174a42', open: '#f7dc8c', lost: '#c2cccc' }
const OUTCOMES = ['won', 'open', 'lost'] as const

const monthName = (month: string): string =>
  new Intl.DateTimeFormat('en-US', { month: 'short', timeZone: 'UTC' }).format(
    new Date(`${month}-01T00:00:00Z`),
  )
const inThousands = (cents: number): string => `$${Math.round(cents / 10_000) / 10}k`

/** Money of the bids that went out in each month, by how they ended; the same as a table for whoever hears it. */
export function MonthsChart({ months }: { months: readonly Month[] }) {
  const data = months.map(({ month, cents }) => ({ month: monthName(month), ...cents }))
  return (
    <>
      <div aria-hidden className="h-44 w-full font-head text-[13px]">
        <ResponsiveContainer width="100%" height="100%">
          <BarChart
            accessibilityLayer={false}
            data={data}
            margin={{ top: 4, right: 0, bottom: 0, left: 0 }}
            barCategoryGap="25%"
          >
            <CartesianGrid vertical={false} stroke="#c2cccc" />
            <XAxis dataKey="month" tickLine={false} stroke="#17232b" interval={0} />
            <YAxis
              tickFormatter={inThousands}
              tickLine={false}
              axisLine={false}
              stroke="#4a5a61"
              width={44}
            />
            <Tooltip
              isAnimationActive={false}
              formatter={(value) => formatCents(Number(value) as Cents)}
              cursor={{ fill: '#e9eeee' }}
            />
            <Legend
              iconType="square"
              itemSorter={({ dataKey }) => OUTCOMES.findIndex((outcome) => outcome === dataKey)}
              formatter={(name) => <span className="text-ink">{name}</span>}
            />
            {OUTCOMES.map((outcome) => (
              <Bar
                key={outcome}
                dataKey={outcome}
                name={NAMES[outcome]}
                stackId="bids"
                fill={FILLS[outcome]}
                stroke="#17232b"
                isAnimationActive={false}
              />
            ))}
          </BarChart>
        </ResponsiveContainer>
      </div>
      <table className="sr-only">
        <caption>Bids by the month they went out</caption>
        <thead>
          <tr>
            <th>Month</th>
            {OUTCOMES.map((outcome) => (
              <th key={outcome}>{NAMES[outcome]}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {months.map((each) => (
            <tr key={each.month}>
              <th>{each.month}</th>
              {OUTCOMES.map((outcome) => (
                <td key={outcome}>
                  {each.count[outcome]}, {formatCents(each.cents[outcome] as Cents)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
