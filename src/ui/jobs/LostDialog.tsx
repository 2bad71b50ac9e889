'use client'

import { LOST_WHYS, LOST_WORDS, type LostWhy } from '../../core/office/lost'
import { Button } from '../look'
import { Dialog } from '../look/Dialog'

/** Why an owner said no, in one touch: it is told when looking back. */
export function LostDialog(props: { title: string; onClose: () => void; onSay: (why: LostWhy) => void }) {
  return (
    <Dialog open onClose={props.onClose} title={`Why was ${props.title || 'it'} lost?`}>
      <ul className="grid grid-cols-2 gap-2 max-sm:grid-cols-1">
        {LOST_WHYS.map((why) => (
          <li key={why}>
            <Button className="w-full" onClick={() => props.onSay(why)}>
              {LOST_WORDS[why]}
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  )
}
