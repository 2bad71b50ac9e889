'use client'

import { Dialog } from '../look/Dialog'
import type { KeyRow } from './useKeys'

/** Keys that work without being in the list of rows: the drawing's own, and the browser's. */
const OTHERS: readonly (readonly [keys: string, does: string])[] = [
  ['+  −  0', 'zoom the drawing in, out, and whole (with the focus on it)'],
  ['← → ↑ ↓', 'move the window, door or finding that is chosen, by inches'],
  ['Tab', 'next control; Enter or Space uses it'],
  ['Esc', 'close what is open'],
]

/** Every key of a job's page. */
export function KeysDialog({ rows, onClose }: { rows: readonly KeyRow[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Keys">
      <table>
        <tbody>
          {[...rows.map(({ keys, does }) => [keys.join('  '), does] as const), ...OTHERS].map(
            ([keys, does]) => (
              <tr key={keys} className="border-b border-rule">
                <th scope="row" className="w-28 py-1 text-left whitespace-pre">
                  <kbd className="font-head">{keys}</kbd>
                </th>
                <td>{does}</td>
              </tr>
            ),
          )}
        </tbody>
      </table>
      <p className="pt-2 text-[13px] text-quiet">Silent while a field has the focus.</p>
    </Dialog>
  )
}
