'use client'

import { useRef, useState } from 'react'
import { newId } from '../../../client/newId'
import { picturePerPixel, placeOnPicture, scaledLength } from '../../../core/geometry'
import type { EntityOf, PictureMark, PicturePoint } from '../../../core/job'
import type { Length } from '../../../core/measure'
import { Button, Notice, SavedTextField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'
import { nextFeatureNumber } from '../house/freshFeature'
import { MarksOnPicture } from '../../house/MarksOnPicture'
import {
  beginWith,
  markOf,
  moved,
  outlineFrom,
  pressed,
  released,
  TOOLS,
  type Made,
  type Tool,
} from './drawing'
import { MarkList } from './MarkList'
import { FindingsOnPicture, Known, ScaleForm, UseLength } from './PhotoCanvasParts'

/**
 * A picture to draw on: arrows, rings, words and lengths lie over it as vectors, the picture itself stays. Two taps on a known
 * length give it its scale; then it is a canvas of its side, and strip and picture show the same findings.
 */
export function PhotoCanvas({ photoId }: { photoId: string }) {
  const { derived, store, walk, view, job: asEdited, choose } = useJob()
  const { job } = derived
  const photo = asEdited.photos.find((each) => each.id === photoId)
  const [drawing, setDrawing] = useState(() => beginWith(photo?.canvas ? 'finding' : 'scale'))
  const [text, setText] = useState('')
  const [known, setKnown] = useState<{ from: PicturePoint; to: PicturePoint } | null>(null)
  const [lastLength, setLastLength] = useState<Length | null>(null)
  const [chosen, setChosen] = useState<number | null>(null)
  const [large, setLarge] = useState(1)
  const [said, setSaid] = useState<string | null>(null)
  const svg = useRef<SVGSVGElement>(null)
  if (!photo) return null
  const size = { width_px: photo.width_px, height_px: photo.height_px }
  const side = job.sides.find((each) => each.id === photo.canvas?.side_id) ?? null
  const close = (): void => walk.openPhoto(null)
  const set = (fields: Partial<EntityOf['photo']>): void => setSaid(store.set('photo', photoId, fields))
  const addMark = (mark: PictureMark): void => {
    setSaid(store.set('photo', photoId, ({ marks }) => ({ marks: [...marks, mark] })))
    setChosen(photo.marks.length)
  }

  function pointOf(event: { clientX: number; clientY: number }): PicturePoint {
    const rect = svg.current!.getBoundingClientRect()
    const within = (value: number): number => Math.min(1, Math.max(0, value))
    return {
      x: within((event.clientX - rect.left) / rect.width),
      y: within((event.clientY - rect.top) / rect.height),
    }
  }
  function pairMade(made: Extract<Made, { kind: 'pair' }>): void {
    const mark = markOf(made)
    if (mark) addMark(mark)
    if (made.tool === 'length' && photo!.canvas)
      setLastLength(scaledLength(made.from, made.to, photo!.canvas, size))
    if (made.tool === 'scale') setKnown({ from: made.from, to: made.to })
  }
  function findingAt(point: PicturePoint): void {
    const place = photo!.canvas && side ? placeOnPicture(point, photo!.canvas, size, side) : null
    const fresh = freshFinding({
      place: place ?? { kind: 'photo', photo_id: photoId },
      by: view.member.name,
      photoIds: [photoId],
    })
    const refused = store.create('finding', fresh)
    setSaid(refused)
    if (refused) return
    if (!place) addMark({ kind: 'ring', at: point, radius: 0.03 })
    choose([fresh.id])
  }
  function textAt(point: PicturePoint): void {
    if (text.trim() === '') {
      setSaid('Type the words first.')
      return
    }
    addMark({ kind: 'text', at: point, text: text.trim() })
    setText('')
  }
  function up(event: React.PointerEvent): void {
    const { drawing: next, made } = released(drawing, pointOf(event))
    setDrawing(next)
    if (made?.kind === 'pair') pairMade(made)
    else if (made?.tool === 'text') textAt(made.at)
    else if (made?.tool === 'finding') findingAt(made.at)
  }
  function down(event: React.PointerEvent): void {
    event.currentTarget.setPointerCapture(event.pointerId)
    setDrawing(pressed(drawing, pointOf(event)))
  }
  function closeOutline(): void {
    if (!photo?.canvas || !side) return
    const number = nextFeatureNumber(view.job, side.id)
    const outline = outlineFrom(corners, { canvas: photo.canvas, size, id: newId(), number, what: text })
    if (!outline) return
    const refused = store.create('feature', outline)
    setSaid(refused)
    if (!refused) setDrawing(beginWith('outline'))
  }

  const { tool, from, at, corners } = drawing
  return (
    <Dialog open onClose={close} title={photo.caption || 'Photo'} wide="full">
      <div className="grid grid-cols-[minmax(0,1fr)_260px] gap-4 max-lg:grid-cols-1">
        <div>
          <div role="group" aria-label="What to draw" className="mb-2 flex flex-wrap gap-1">
            {(Object.keys(TOOLS) as Tool[]).map((each) => (
              <Button
                key={each}
                aria-pressed={tool === each}
                className={tool === each ? 'bg-tape' : ''}
                disabled={each === 'outline' && !photo.canvas}
                onClick={() => setDrawing(beginWith(each))}
              >
                {TOOLS[each].name}
              </Button>
            ))}
            <span className="grow" />
            <Button aria-label="Larger" onClick={() => setLarge((now) => Math.min(4, now * 1.4))}>
              +
            </Button>
            <Button aria-label="Whole picture" onClick={() => setLarge(1)}>
              fit
            </Button>
          </div>
          <p className="mb-1 text-[14px] text-quiet">{TOOLS[tool].hint}</p>
          {tool === 'text' || tool === 'outline' ? (
            <div className="mb-2 flex items-end gap-2">
              <TextField label={tool === 'text' ? 'Words' : 'What it is'} value={text} onChange={setText} />
              {tool === 'outline' ? (
                <Button disabled={corners.length < 3} onClick={closeOutline}>
                  Finish with {corners.length} corners
                </Button>
              ) : null}
            </div>
          ) : null}
          <div
            className="max-h-[62vh] overflow-auto border border-ink bg-white"
            tabIndex={0}
            role="group"
            aria-label="The picture"
          >
            <div
              className="relative"
              style={{
                width: `calc(min(100%, ${((62 * size.width_px) / size.height_px).toFixed(1)}vh) * ${large})`,
              }}
            >
              <img
                src={store.pictures.urlOf(photo.sha256, 'screen')}
                alt={photo.caption || 'Photo of the house'}
                className="block h-auto w-full select-none"
                draggable={false}
              />
              <svg
                ref={svg}
                viewBox={`0 0 ${size.width_px} ${size.height_px}`}
                preserveAspectRatio="none"
                role="img"
                aria-label={`Drawn over it: ${photo.marks.length} marks`}
                className="absolute inset-0 h-full w-full cursor-crosshair"
                style={{ touchAction: 'none' }}
                onPointerDown={down}
                onPointerMove={(event) => (from ? setDrawing(moved(drawing, pointOf(event))) : undefined)}
                onPointerUp={up}
              >
                <MarksOnPicture marks={photo.marks} canvas={photo.canvas} size={size} chosen={chosen} />
                {side && photo.canvas ? <FindingsOnPicture photo={photo} side={side} /> : null}
                {(known ?? (photo.canvas && tool === 'scale')) ? (
                  <Known line={known ?? photo.canvas!} size={size} />
                ) : null}
                {from && at ? <Known line={{ from, to: at }} size={size} /> : null}
                {corners.length > 0 ? (
                  <polyline
                    points={corners
                      .map((corner) => `${corner.x * size.width_px},${corner.y * size.height_px}`)
                      .join(' ')}
                    fill="rgba(251,250,246,0.4)"
                    stroke="#17232B"
                    strokeWidth={size.width_px / 300}
                  />
                ) : null}
              </svg>
            </div>
          </div>
        </div>
        <div className="flex flex-col gap-3">
          {known || tool === 'scale' ? (
            <ScaleForm
              key={known ? 'known' : 'held'}
              photo={photo}
              line={known ?? photo.canvas}
              onKept={(canvas) => {
                set({
                  canvas,
                  place: {
                    kind: 'side',
                    side_id: canvas.side_id,
                    station: canvas.anchor.station,
                    height: { value: canvas.anchor.height, from: 'grade' },
                    feature_id: null,
                  },
                })
                setKnown(null)
                setDrawing(beginWith('finding'))
              }}
            />
          ) : null}
          {photo.canvas && side ? (
            <p className="text-[14px]">
              Canvas of side {side.letter}: {((picturePerPixel(photo.canvas, size) ?? 0) / 64).toFixed(2)} in
              to a pixel. Lengths drawn here are <em>scaled</em>, never taped.
            </p>
          ) : (
            <p className="text-[14px] text-quiet">
              No scale yet. Without one you can still draw, and findings stay with the picture.
            </p>
          )}
          {lastLength !== null ? <UseLength length={lastLength} onDone={() => setLastLength(null)} /> : null}
          <SavedTextField label="Caption" value={photo.caption} onSave={(caption) => set({ caption })} />
          <MarkList
            photo={photo}
            size={size}
            chosen={chosen}
            choose={setChosen}
            setMarks={(list) => set({ marks: [...list] })}
          />
          <Button
            onClick={() => addMark({ kind: 'arrow', from: { x: 0.4, y: 0.4 }, to: { x: 0.5, y: 0.5 } })}
          >
            An arrow in the middle
          </Button>
          {said ? (
            <Notice tone="wrong" alert>
              {said}
            </Notice>
          ) : null}
        </div>
      </div>
    </Dialog>
  )
}
