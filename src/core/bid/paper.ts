import type { BidSection } from './bidBlock'

/** A short paper to an owner beside the bid: what it is called, what its foot says, and its sections. */
export type Paper = {
  readonly title: string
  readonly author: string
  readonly foot: string
  readonly size: 'letter' | 'a4'
  readonly sections: readonly BidSection[]
}
