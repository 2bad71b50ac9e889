'use client'

import {
  Bar,
  BarChart,
  CartesianGrid,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts'
import type { KindEarned } from '../../core/close/lookBack'
import { formatCents, type Cents } from '../../core/measure'

/** Room of one bar with its name. */
const ROW_PX = 30

/** What a paid hour earned by kind of work, beside what it costs the firm; the table under it says the same. */
export function KindsChart({
  kinds,
  hour_cents,
}: {
  kinds: readonly KindEarned[]
  hour_cents: number | null
}) {
  const data = kinds.map(({ name, per_hour_cents }) => ({ name, hour: per_hour_cents / 100 }))
  return (
    <div aria-hidden className="w-full font-head text-[13px]" style={{ height: data.length * ROW_PX + 30 }}>
      <ResponsiveContainer width="100%" height="100%">
        <BarChart
          accessibilityLayer={false}
          data={data}
          layout="vertical"
          margin={{ top: 4, right: 12, bottom: 0, left: 0 }}
          barCategoryGap="30%"
        >
          <CartesianGrid horizontal={false} stroke="#c2cccc" />
          <XAxis
            type="number"
            tickFormatter={(value: number) => `$${value}`}
            stroke="#4a5a61"
            tickLine={false}
          />
          <YAxis
            type="category"
            dataKey="name"
            width={170}
            stroke="#17232b"
            tickLine={false}
            axisLine={false}
            interval={0}
          />
          <Tooltip
            isAnimationActive={false}
            formatter={(value) => `${formatCents(Math.round(Number(value) * 100) as Cents)} an hour`}
            cursor={{ fill: '#e9eeee' }}
          />
          {hour_cents === null ? null : (
            <ReferenceLine x={hour_cents / 100} stroke="#b3402e" strokeWidth={2} strokeDasharray="4 3" />
          )}
          <Bar dataKey="hour" name="earned" fill="#174a42" stroke="#17232b" isAnimationActive={false} />
        </BarChart>
      </ResponsiveContainer>
    </div>
  )
}
