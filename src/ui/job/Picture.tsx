'use client'

import type { Photo } from '../../core/job'
import { useJob } from '../state/useJob'

const STATE_WORDS = { here: 'on this device', sent: 'sent', refused: 'refused' } as const

/** A picture of the job wherever its bytes are now, with where that is while it is not everywhere. */
export function Picture(props: {
  photo: Photo
  size: 'thumbnail' | 'screen'
  alt: string
  className?: string
}) {
  const { store } = useJob()
  const { photo, size, alt, className = '' } = props
  const state = store.pictures.stateOf(photo.sha256)
  return (
    <span className="relative inline-block">
      <img src={store.pictures.urlOf(photo.sha256, size)} alt={alt} loading="lazy" className={className} />
      {state === 'sent' ? null : (
        <span
          className={`absolute bottom-0 left-0 px-1 font-head text-[12px] ${state === 'refused' ? 'bg-crayon-text text-white' : 'bg-tape text-ink'}`}
        >
          {STATE_WORDS[state]}
        </span>
      )}
    </span>
  )
}
