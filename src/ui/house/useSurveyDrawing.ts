import { useEffect, useState } from 'react'
import type { drawSurveysOnPlan, drawSurveysOnStrip } from '../../core/house/drawSurveys'
import { alsoAhead } from '../state/whenShown'

type Drawing = {
  readonly drawSurveysOnPlan: typeof drawSurveysOnPlan
  readonly drawSurveysOnStrip: typeof drawSurveysOnStrip
}

const load = (): Promise<Drawing> => import('../../core/house/drawSurveys')
alsoAhead(load)

/** What draws surveys on the walls and on the plan; null while they are not shown, and until it is here. */
export function useSurveyDrawing(shown: boolean): Drawing | null {
  const [drawing, setDrawing] = useState<Drawing | null>(null)
  const [tries, setTries] = useState(0)
  useEffect(() => {
    if (!shown || drawing) return undefined
    let gone = false
    const again = (): void => setTries((before) => before + 1)
    load().then(
      (file) => (gone ? undefined : setDrawing(file)),
      // What cannot be fetched now is drawn when the signal is back.
      () => undefined,
    )
    window.addEventListener('online', again)
    return () => {
      gone = true
      window.removeEventListener('online', again)
    }
  }, [shown, drawing, tries])
  return shown ? drawing : null
}
