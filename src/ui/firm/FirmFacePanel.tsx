'use client'

import { Button, Notice, TextField } from '../look'
import { PhotoButton } from '../look/PhotoButton'
import type { FirmValuesState } from './useFirmValues'
import { useLogo } from './useLogo'

/** What the firm is called on its papers, and its mark. Names are kept with the rest of the page; the mark at once. */
export function FirmFacePanel({ state, mayMark }: { state: FirmValuesState; mayMark: boolean }) {
  const { firm, setFirm } = state
  const { logo, wrong, keep, drop } = useLogo()
  if (!firm) return null
  return (
    <section aria-label="The firm" className="flex flex-col gap-3">
      <h2 className="border-b border-ink pb-1 text-[18px]">The firm, as its papers say it</h2>
      <div className="flex flex-wrap gap-3">
        <div className="min-w-52 grow">
          <TextField
            label="Name"
            value={firm.firm_name}
            onChange={(firm_name) => setFirm({ firm_name })}
            error={firm.firm_name.trim() === '' ? 'A firm has a name.' : null}
          />
        </div>
        <div className="min-w-52 grow">
          <TextField
            label="Place"
            value={firm.firm_place}
            onChange={(firm_place) => setFirm({ firm_place })}
          />
        </div>
        <div className="min-w-52 grow">
          <TextField
            label="Licence and insurance, as the law wants them said"
            value={firm.licence_line}
            onChange={(licence_line) => setFirm({ licence_line })}
          />
        </div>
      </div>
      {mayMark ? (
        <div className="flex flex-wrap items-center gap-3">
          {logo ? (
            // A picture of the firm's own behind its sign-in: nothing an optimiser may fetch.

            <img
              src={`/api/photos/${logo}?size=screen`}
              alt="The mark on your bids"
              className="max-h-16 max-w-52 border border-rule bg-white p-1"
            />
          ) : (
            <span className="text-quiet">No mark yet: bids carry the name alone.</span>
          )}
          <PhotoButton
            taken={false}
            label={logo ? 'Another mark' : 'A mark for your bids'}
            onTake={(file) => (file ? void keep(file) : undefined)}
          />
          {logo ? <Button onClick={() => void drop()}>No mark</Button> : null}
        </div>
      ) : null}
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
    </section>
  )
}
