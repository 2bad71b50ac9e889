import 'server-only'
import type { EntityOf } from '../../core/job'

type MediaType = EntityOf['clip']['media_type']

const ascii = (bytes: Buffer, from: number, to: number): string => bytes.toString('latin1', from, to)

/**
 * What a recording is by its first bytes, whatever it calls itself; null for anything else.
 *
 * A WebM and an MP4 hold sound or film alike: their tracks are looked for by the names the formats give them.
 * Source: the registered signatures of EBML, ISO base media, Ogg, RIFF and MPEG audio.
 */
export function clipTypeOf(bytes: Buffer): MediaType | null {
  const head = bytes.subarray(0, 64 * 1024)
  if (head.length < 12) return null
  if (head.readUInt32BE(0) === 0x1a45dfa3) {
    return head.includes('V_VP') || head.includes('V_AV1') || head.includes('V_MPEG')
      ? 'video/webm'
      : 'audio/webm'
  }
  if (ascii(head, 4, 8) === 'ftyp') {
    return ascii(head, 8, 11) === 'M4A' || (bytes.includes('soun') && !bytes.includes('vide'))
      ? 'audio/mp4'
      : 'video/mp4'
  }
  if (ascii(head, 0, 4) === 'OggS') return 'audio/ogg'
  if (ascii(head, 0, 4) === 'RIFF' && ascii(head, 8, 12) === 'WAVE') return 'audio/wav'
  if (ascii(head, 0, 3) === 'ID3' || (head[0] === 0xff && ((head[1] ?? 0) & 0xe6) === 0xe2))
    return 'audio/mpeg'
  return null
}

/** A place as films write it (ISO 6709): two signed figures and an end, as in `+47.5000-122.2500/`. */
const WRITTEN_PLACE = /[+-]\d{2}(?:\.\d{2,})[+-]\d{3}(?:\.\d{2,})(?:[+-]\d+(?:\.\d+)?)?\//g

/**
 * A recording as it may leave: places written into it are overwritten with noughts, byte for byte, so that all else stays where it
 * is. Source: ISO 6709 as used in the location boxes of ISO base media files.
 */
export function clipWithoutPlace(bytes: Buffer): Buffer {
  const copy = Buffer.from(bytes)
  for (const found of copy.toString('latin1').matchAll(WRITTEN_PLACE)) {
    copy.write(found[0].replaceAll(/\d/g, '0'), found.index, 'latin1')
  }
  for (let at = copy.indexOf('loci'); at >= 0; at = copy.indexOf('loci', at + 4)) {
    const size = at >= 4 ? copy.readUInt32BE(at - 4) : 0
    // A box of a plausible size is a location; four letters in a picture's data are not.
    if (size >= 20 && size <= 400 && at - 4 + size <= copy.length) copy.write('free', at, 'latin1')
  }
  return copy
}
