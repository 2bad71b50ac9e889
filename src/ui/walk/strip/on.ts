import type { Drawing } from '../../../core/house'
import type { Frame } from '../../house/frame'

/** The drawing that tools lie on, and how it stands on the screen. */
export type On = { readonly drawing: Drawing; readonly frame: Frame }
