'use client'

import { useState } from 'react'
import { KEEP_OFF_SIGNS, type Fact, type Finding } from '../../../core/job'
import { Button, CheckField, SelectField, TextField } from '../../look'
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

/** Writes a hazard down as a fact about a finding. It is never deleted; taking it back is a fact with a reason. */
export function HazardDialog({ finding }: { finding: Finding }) {
  const { store } = useJob()
  const [open, setOpen] = useState(false)
  const [hazard, setHazard] = useState<Hazard['hazard']>('keep-off')
  const [what, setWhat] = useState('')
  const [signs, setSigns] = useState<Hazard['signs']>([])
  const [doNow, setDoNow] = useState(KINDS[0]!.doNow)
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Note a hazard
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="Note a hazard">
        <div className="flex flex-col gap-3">
          <SelectField
            label="What can hurt someone"
            value={hazard}
            onChange={(value) => {
              const kind = KINDS.find((each) => each.value === value)
              if (!kind) return
              setHazard(kind.value)
              setDoNow(kind.doNow)
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
                  onChange={(on) => setSigns(on ? [...signs, sign] : signs.filter((each) => each !== sign))}
                />
              ))}
            </fieldset>
          ) : null}
          <TextField label="What, in a few words" value={what} onChange={setWhat} />
          <TextField label="Do now" value={doNow} onChange={setDoNow} />
          <div className="flex justify-end gap-2">
            <Button onClick={() => setOpen(false)}>Leave it</Button>
            <Button
              look="main"
              disabled={what.trim() === '' && signs.length === 0}
              onClick={() => {
                store.addFact({
                  kind: 'hazard',
                  about: { kind: 'finding', finding_id: finding.id },
                  hazard,
                  signs,
                  what,
                  do_now: doNow,
                })
                setOpen(false)
              }}
            >
              Write it down
            </Button>
          </div>
        </div>
      </Dialog>
    </>
  )
}
