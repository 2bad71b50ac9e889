'use client'

import { whenShown } from '../state/whenShown'

/** Dialogs of the job page: nothing of them comes before one is opened, or the browser has nothing else to do. */
export const BallparkDialog = whenShown(() => import('./BallparkDialog').then((file) => file.BallparkDialog))
export const DetailsDialog = whenShown(() => import('./DetailsDialog').then((file) => file.DetailsDialog))
export const HistoryDialog = whenShown(() => import('./HistoryDialog').then((file) => file.HistoryDialog))
export const KeptDialog = whenShown(() => import('./KeptDialog').then((file) => file.KeptDialog))
export const PutAwayDialog = whenShown(() => import('./PutAwayDialog').then((file) => file.PutAwayDialog))
export const TakeBackDialog = whenShown(() => import('./TakeBackDialog').then((file) => file.TakeBackDialog))
export const StretchDialog = whenShown(() =>
  import('../walk/strip/StretchDialog').then((file) => file.StretchDialog),
)
