import { Camera } from 'lucide-react'

/** Pictures a phone may offer; HEIC is not among them, so that phones convert. */
export const PHOTO_TYPES = 'image/jpeg,image/png,image/webp'

/** Takes a photo or chooses one. The large label holds the hidden file input and shows its focus. */
export function PhotoButton(props: {
  taken: boolean
  onTake: (file: File | null) => void
  name?: string
  label?: string
}) {
  return (
    <label className="relative inline-flex min-h-9 cursor-pointer items-center gap-2 rounded-(--radius) border border-ink bg-tape px-3 font-head font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
      <Camera aria-hidden size={18} /> {props.taken ? 'Photo taken' : (props.label ?? 'Photo')}
      <input
        type="file"
        name={props.name}
        accept={PHOTO_TYPES}
        aria-label={props.label ?? 'Photo of the finding'}
        className="sr-only"
        onChange={(event) => props.onTake(event.target.files?.[0] ?? null)}
      />
    </label>
  )
}
