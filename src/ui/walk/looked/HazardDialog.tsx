'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import * as z from 'zod'
import { KEEP_OFF_SIGNS, type Fact, type Finding } from '../../../core/job'
import { Button, CheckField, SelectField } from '../../look'
import { BoundText } from '../../look/bound'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'

type Hazard = Extract<Fact, { kind: 'hazard' }>

const KINDS: readonly { value: Hazard['hazard']; label: string; doNow: string }[] = [
  {
    value: 'keep-off',
    label: 'keep off: deck, stair, guard, porch',
    doNow: 'Keep off. Barrier at the door today; look from below only.',
  },
  { value: 'open-wall', label: 'open wall, stud exposed', doNow: 'Close in today; shore a bearing stud.' },
  { value: 'wiring', label: 'open or wet wiring', doNow: 'Do not touch; licensed electrician.' },
  { value: 'gas-smell', label: 'smell of gas', doNow: 'Out, no switches, call from outside.' },
  {
    value: 'wall-bowed',
    label: 'wall bowed or cracked',
    doNow: 'Keep people and stored weight out of its fall zone; engineer.',
  },
  { value: 'structure', label: 'failing joist, girder or post', doNow: 'Loads off, shore; engineer.' },
  {
    value: 'pest-active',
    label: 'wood-eating insects, active',
    doNow: 'Licensed pest control before wood is closed in.',
  },
  { value: 'other', label: 'something else', doNow: '' },
]

/** What may be written down: some sign of it, or words. */
const HazardForm = z
  .object({
    hazard: z.enum(KINDS.map(({ value }) => value)),
    what: z.string().trim(),
    signs: z.array(z.enum(KEEP_OFF_SIGNS)),
    doNow: z.string().trim(),
  })
  .refine(({ hazard, what, signs }) => what !== '' || (hazard === 'keep-off' && signs.length > 0), {
    path: ['what'],
    message: 'Say what it is, or tick what was seen.',
  })
const NO_HAZARD: z.infer<typeof HazardForm> = {
  hazard: 'keep-off',
  what: '',
  signs: [],
  doNow: KINDS[0]!.doNow,
}

/** Writes a hazard down as a fact about a finding. It is never deleted; taking it back is a fact with a reason. */
export function HazardDialog({ finding }: { finding: Finding }) {
  const { store } = useJob()
  const [open, setOpen] = useState(false)
  const form = useForm({ resolver: zodResolver(HazardForm), defaultValues: NO_HAZARD })
  const { control, setValue } = form
  const { hazard, signs } = useWatch({ control }) as z.infer<typeof HazardForm>
  const keep = form.handleSubmit((said) => {
    const refused = store.addFact({
      kind: 'hazard',
      about: { kind: 'finding', finding_id: finding.id },
      hazard: said.hazard,
      signs: said.hazard === 'keep-off' ? said.signs : [],
      what: said.what,
      do_now: said.doNow,
    })
    if (refused) {
      form.setError('what', { message: refused })
      return
    }
    form.reset(NO_HAZARD)
    setOpen(false)
  })
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Note a hazard
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="Note a hazard">
        <form className="flex flex-col gap-3" noValidate onSubmit={(event) => void keep(event)}>
          <SelectField
            label="What can hurt someone"
            value={hazard}
            onChange={(value) => {
              const kind = KINDS.find((each) => each.value === value)
              if (!kind) return
              setValue('hazard', kind.value)
              setValue('doNow', kind.doNow)
            }}
            choices={KINDS}
          />
          {hazard === 'keep-off' ? (
            <fieldset className="grid grid-cols-2">
              <legend className="sr-only">Any one of these means keep off</legend>
              {KEEP_OFF_SIGNS.map((sign) => (
                <CheckField
                  key={sign}
                  label={sign.replaceAll('-', ' ')}
                  checked={signs.includes(sign)}
                  onChange={(on) =>
                    setValue('signs', on ? [...signs, sign] : signs.filter((each) => each !== sign))
                  }
                />
              ))}
            </fieldset>
          ) : null}
          <BoundText control={control} name="what" label="What, in a few words" />
          <BoundText control={control} name="doNow" label="Do now" />
          <div className="flex justify-end gap-2">
            <Button onClick={() => setOpen(false)}>Leave it</Button>
            <Button type="submit" look="main">
              Write it down
            </Button>
          </div>
        </form>
      </Dialog>
    </>
  )
}
