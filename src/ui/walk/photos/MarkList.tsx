import { scaledLength, type PictureSize } from '../../../core/geometry'
import type { Photo, PictureMark } from '../../../core/job'
import { formatLength, inches } from '../../../core/measure'
import { Button } from '../../look'
import { keyShift, shifted } from './drawing'

/** What a mark is, told: its words, or its kind and a length where the picture has a scale. */
function markWords(mark: PictureMark, photo: Photo, size: PictureSize): string {
  if (mark.kind === 'text') return `“${mark.text}”`
  if (mark.kind !== 'length' || !photo.canvas) return mark.kind
  const length = mark.length ?? scaledLength(mark.from, mark.to, photo.canvas, size) ?? inches(0)
  return `${mark.kind} ${formatLength(length)}`
}

/** The marks of a picture: chosen here they are moved by the arrow keys, and taken away. */
export function MarkList(props: {
  photo: Photo
  size: PictureSize
  chosen: number | null
  choose: (index: number | null) => void
  setMarks: (marks: readonly PictureMark[]) => void
}) {
  const { photo, size, chosen, choose, setMarks } = props
  const { marks } = photo
  function move(index: number, event: React.KeyboardEvent): void {
    const by = keyShift(event.key, event.shiftKey)
    if (!by) return
    event.preventDefault()
    setMarks(marks.map((each, n) => (n === index ? shifted(each, ...by) : each)))
  }
  return (
    <section aria-label="Marks">
      <h3 className="border-b border-ink text-[15px]">Marks: {marks.length}</h3>
      <ul>
        {marks.map((mark, index) => (
          <li key={index} className="flex items-center border-b border-rule">
            <button
              type="button"
              aria-pressed={chosen === index}
              className={`min-h-9 grow px-1 text-left touch:min-h-11 ${chosen === index ? 'bg-tape' : ''}`}
              onClick={() => choose(index)}
              onKeyDown={(event) => move(index, event)}
            >
              {markWords(mark, photo, size)}
            </button>
            <Button
              look="quiet"
              aria-label={`Remove mark ${index + 1}`}
              onClick={() => {
                setMarks(marks.filter((_, n) => n !== index))
                choose(null)
              }}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      {chosen !== null && marks[chosen] ? (
        <p className="text-[13px] text-quiet">Arrow keys on its line move it.</p>
      ) : null}
    </section>
  )
}
