'use client'

import { useEffect, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { LogoAnswer } from '../../core/contract'

/** The firm's mark as its papers carry it; null: none, or nobody to ask just now. */
export function useLogo() {
  const [logo, setLogo] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  useEffect(() => {
    void call('/api/firm/logo', LogoAnswer).then((answer) => {
      if (answer.ok) setLogo(answer.value.logo)
    })
  }, [])
  async function ask(init: RequestInit): Promise<void> {
    const answer = await call('/api/firm/logo', LogoAnswer, init)
    if (answer.ok) setLogo(answer.value.logo)
    setWrong(answer.ok ? null : failureWords(answer.failure))
  }
  return {
    logo,
    wrong,
    keep: (file: File) => ask({ method: 'POST', body: file }),
    drop: () => ask({ method: 'DELETE' }),
  }
}
