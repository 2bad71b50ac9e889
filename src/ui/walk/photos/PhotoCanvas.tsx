'use client'

import { useRef, useState } from 'react'
import { newId } from '../../../client/newId'
import { onWall, picturePerPixel, placeOnPicture, scaledLength } from '../../../core/geometry'
import type { EntityOf, PictureMark, PicturePoint } from '../../../core/job'
import { formatLength, inches, type Length } from '../../../core/measure'
import { Button, Dialog, Notice, SavedTextField, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { freshFinding } from '../findings/fresh'
import { nextFeatureNumber } from '../house/freshFeature'
import { MarksOnPicture } from '../../house/MarksOnPicture'
import { FindingsOnPicture, Known, ScaleForm, UseLength } from './PhotoCanvasParts'

const TOOLS = {
  finding: 'Finding',
  arrow: 'Arrow',
  ring: 'Ring',
  text: 'Text',
  length: 'Length',
  scale: 'Scale',
  outline: 'Outline',
} as const
type Tool = keyof typeof TOOLS

const HINTS: Record<Tool, string> = {
  finding: 'Tap where it is soft. With a scale it stands on the strip at once.',
  arrow: 'Draw from the tail to the tip, or tap both.',
  ring: 'Draw from the middle outwards, or tap both.',
  text: 'Type the words, then tap where they stand.',
  length: 'Draw along it, or tap both ends.',
  scale: 'Tap both ends of something you know: a door is 80 in.',
  outline: 'Tap its corners in order, then finish. It becomes a free outline on the side.',
}

/** Points nearer than this, as a share of the width, are one tap. */
const TAP = 0.012

const width = (a: PicturePoint, b: PicturePoint): number => Math.hypot(a.x - b.x, a.y - b.y)

/**
 * A picture to draw on: arrows, rings, words and lengths lie over it as vectors, the picture itself stays. Two taps on a known
 * length give it its scale; then it is a canvas of its side, and strip and picture show the same findings.
 */
export function PhotoCanvas({ photoId }: { photoId: string }) {
  const { derived, store, walk, view, choose } = useJob()
  const { job } = derived
  const photo = job.photos.find((each) => each.id === photoId)
  const [tool, setTool] = useState<Tool>(photo?.canvas ? 'finding' : 'scale')
  const [from, setFrom] = useState<PicturePoint | null>(null)
  const [at, setAt] = useState<PicturePoint | null>(null)
  const [corners, setCorners] = useState<readonly PicturePoint[]>([])
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
    set({ marks: [...photo.marks, mark] })
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
  function finish(a: PicturePoint, b: PicturePoint): void {
    setFrom(null)
    setAt(null)
    if (tool === 'arrow') addMark({ kind: 'arrow', from: a, to: b })
    if (tool === 'ring') addMark({ kind: 'ring', at: a, radius: Math.max(0.01, Math.min(1, width(a, b))) })
    if (tool === 'length') {
      const length = photo!.canvas ? scaledLength(a, b, photo!.canvas, size) : null
      setLastLength(length)
      addMark({ kind: 'length', from: a, to: b, length: null })
    }
    if (tool === 'scale') setKnown({ from: a, to: b })
  }
  function tapAt(point: PicturePoint): void {
    if (tool === 'text') {
      if (text.trim() === '') return setSaid('Type the words first.')
      addMark({ kind: 'text', at: point, text: text.trim() })
      setText('')
    }
    if (tool === 'outline') setCorners([...corners, point])
    if (tool === 'finding') {
      const place = photo!.canvas && side ? placeOnPicture(point, photo!.canvas, size, side) : null
      const fresh = freshFinding({
        place: place ?? { kind: 'photo', photo_id: photoId },
        by: view.member.name,
        photoIds: [photoId],
      })
      const refused = store.create('finding', fresh)
      setSaid(refused)
      if (refused) return undefined
      if (!place) addMark({ kind: 'ring', at: point, radius: 0.03 })
      choose([fresh.id])
    }
    return undefined
  }
  const pairs = tool === 'arrow' || tool === 'ring' || tool === 'length' || tool === 'scale'
  function down(event: React.PointerEvent): void {
    event.currentTarget.setPointerCapture(event.pointerId)
    const point = pointOf(event)
    if (pairs && from === null) setFrom(point)
    setAt(point)
  }
  function up(event: React.PointerEvent): void {
    const point = pointOf(event)
    if (!pairs) return tapAt(point)
    // The second of two taps, or the end of a stroke.
    if (from && width(from, point) > TAP) finish(from, point)
    return undefined
  }
  function closeOutline(): void {
    if (!photo?.canvas || !side || corners.length < 3) return
    const points = corners.flatMap((corner) => {
      const wall = onWall(corner, photo.canvas!, size)
      return wall ? [{ station: Math.max(0, wall.station) as Length, height: wall.height }] : []
    })
    const stations = points.map((point) => point.station)
    const left = Math.min(...stations) as Length
    const refused = store.create('feature', {
      id: newId(),
      size_how: 'scaled',
      removed: false,
      kind: 'outline',
      side_id: side.id,
      number: nextFeatureNumber(view.job, side.id),
      station: left,
      width: (Math.max(...stations) - left) as Length,
      what: text.trim() || 'outline',
      points,
    })
    setSaid(refused)
    if (!refused) setCorners([])
  }

  const marked = chosen === null ? null : photo.marks[chosen]
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
                onClick={() => {
                  setTool(each)
                  setFrom(null)
                  setAt(null)
                  setCorners([])
                }}
              >
                {TOOLS[each]}
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
          <p className="mb-1 text-[14px] text-quiet">{HINTS[tool]}</p>
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
                onPointerMove={(event) => (from ? setAt(pointOf(event)) : undefined)}
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
                setTool('finding')
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
          <section aria-label="Marks">
            <h3 className="border-b border-ink text-[15px]">Marks: {photo.marks.length}</h3>
            <ul>
              {photo.marks.map((mark, index) => (
                <li key={index} className="flex items-center border-b border-rule">
                  <button
                    type="button"
                    aria-pressed={chosen === index}
                    className={`min-h-9 grow px-1 text-left touch:min-h-11 ${chosen === index ? 'bg-tape' : ''}`}
                    onClick={() => setChosen(index)}
                    onKeyDown={(event) => {
                      const step = event.shiftKey ? 0.05 : 0.01
                      const by = {
                        ArrowLeft: [-step, 0],
                        ArrowRight: [step, 0],
                        ArrowUp: [0, -step],
                        ArrowDown: [0, step],
                      }[event.key]
                      if (!by) return
                      event.preventDefault()
                      set({
                        marks: photo.marks.map((each, n) =>
                          n === index ? shifted(each, by[0]!, by[1]!) : each,
                        ),
                      })
                    }}
                  >
                    {mark.kind === 'text' ? `“${mark.text}”` : mark.kind}
                    {mark.kind === 'length' && photo.canvas
                      ? ` ${formatLength(mark.length ?? scaledLength(mark.from, mark.to, photo.canvas, size) ?? inches(0))}`
                      : ''}
                  </button>
                  <Button
                    look="quiet"
                    aria-label={`Remove mark ${index + 1}`}
                    onClick={() => {
                      set({ marks: photo.marks.filter((_, n) => n !== index) })
                      setChosen(null)
                    }}
                  >
                    ×
                  </Button>
                </li>
              ))}
            </ul>
            {marked ? <p className="text-[13px] text-quiet">Arrow keys on its line move it.</p> : null}
          </section>
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

function shifted(mark: PictureMark, dx: number, dy: number): PictureMark {
  const move = (point: PicturePoint): PicturePoint => ({
    x: Math.min(1, Math.max(0, point.x + dx)),
    y: Math.min(1, Math.max(0, point.y + dy)),
  })
  return mark.kind === 'ring' || mark.kind === 'text'
    ? { ...mark, at: move(mark.at) }
    : { ...mark, from: move(mark.from), to: move(mark.to) }
}
