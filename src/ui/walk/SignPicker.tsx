'use client'

import { PRIORS, SHARES, SIGN_IDS, SIGNS, causeOf, isSign, type SignId } from '../../core/trace'
import type { EntityOf, Finding } from '../../core/job'
import { CheckField, SelectField } from '../look'

/** Of a part without a table of its own, the signs of so many causes are offered first. */
const WITHOUT_TABLE = 8

/** Signs that would move the causes of this member come first; all others by name behind them. */
function likelySigns(component: Finding['component']): SignId[] {
  if (!component) return []
  const written = PRIORS[component]?.flatMap((row) => row.causes)
  const causes =
    written ??
    [...SHARES[component]]
      .sort((a, b) => b.share - a.share)
      .flatMap((each) => (each.cause === 'other' ? [] : [each.cause]))
      .slice(0, WITHOUT_TABLE)
  return [
    ...new Set(
      causes.flatMap((cause) =>
        [...causeOf(cause).supports, ...causeOf(cause).refutes].map((each) => each.sign),
      ),
    ),
  ]
}

/** Signs seen, ticked; how each is known is that of the finding unless said otherwise. */
export function SignPicker({
  finding,
  set,
}: {
  finding: Finding
  set: (fields: Partial<EntityOf['finding']>) => void
}) {
  const likely = likelySigns(finding.component)
  const seen = finding.signs.flatMap((each) => (isSign(each.sign) ? [each.sign] : []))
  const listed = likely.length === 0 ? [] : [...new Set([...likely, ...seen])]
  const toggle = (sign: SignId, on: boolean): void =>
    set({
      signs: on
        ? [...finding.signs, { sign, how: finding.how_known, present: true }]
        : finding.signs.filter((each) => each.sign !== sign),
    })
  return (
    <fieldset>
      <legend className="font-head text-[14px] font-medium">Signs seen</legend>
      {listed.length > 0 ? (
        <div className="grid grid-cols-2 gap-x-4 max-sm:grid-cols-1">
          {listed.map((sign) => (
            <CheckField
              key={sign}
              label={SIGNS[sign].says}
              checked={seen.includes(sign)}
              onChange={(on) => toggle(sign, on)}
            />
          ))}
        </div>
      ) : (
        <div className="flex flex-wrap gap-x-4">
          {seen.map((sign) => (
            <CheckField key={sign} label={SIGNS[sign].says} checked onChange={() => toggle(sign, false)} />
          ))}
        </div>
      )}
      <div className="mt-1 max-w-sm">
        <SelectField
          label="Another sign"
          value=""
          onChange={(sign) => {
            if (isSign(sign) && !seen.includes(sign)) toggle(sign, true)
          }}
          choices={[
            { value: '', label: 'choose…' },
            ...SIGN_IDS.filter((sign) => !listed.includes(sign) && !seen.includes(sign)).map((sign) => ({
              value: sign,
              label: SIGNS[sign].says,
            })),
          ]}
        />
      </div>
    </fieldset>
  )
}
