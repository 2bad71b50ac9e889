'use client'

import { useState, useSyncExternalStore } from 'react'
import { tellWalk, walkText } from '../../../core/walk'
import { Button, Panel } from '../../look'
import { useJob } from '../../state/useJob'

const never = (): (() => void) => () => undefined

/** The job told in plain sentences in walking order: to read aloud on site, to copy into a message, to print. */
export function ToldPanel() {
  const { derived } = useJob()
  const told = tellWalk(derived.job, derived)
  const text = walkText(told)
  const [said, setSaid] = useState('')
  const speaks = useSyncExternalStore(
    never,
    () => 'speechSynthesis' in window,
    () => false,
  )

  function speak(): void {
    window.speechSynthesis.cancel()
    for (const part of told) {
      window.speechSynthesis.speak(
        new SpeechSynthesisUtterance(`${part.heading}. ${part.sentences.join(' ')}`),
      )
    }
  }
  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(text)
      setSaid('Copied.')
    } catch {
      setSaid('This browser did not let us copy. Take it as text instead.')
    }
  }

  return (
    <Panel
      title="The walk, told"
      aside={
        <span className="flex gap-2">
          {speaks ? (
            <>
              <Button look="quiet" onClick={speak}>
                Read aloud
              </Button>
              <Button look="quiet" onClick={() => window.speechSynthesis.cancel()}>
                Hush
              </Button>
            </>
          ) : null}
          <Button look="quiet" onClick={() => void copy()}>
            Copy
          </Button>
          <a
            className="inline-flex min-h-7 items-center px-1 font-head text-[15px] font-semibold text-chalk-text underline underline-offset-2 touch:min-h-11"
            href={`data:text/plain;charset=utf-8,${encodeURIComponent(text)}`}
            download="walk.txt"
          >
            As text
          </a>
        </span>
      }
    >
      <p role="status" className="text-[13px] text-moss">
        {said}
      </p>
      <div className="max-w-3xl">
        {told.map((part) => (
          <section key={part.heading} className="pt-3">
            <h3 className="text-[17px]">{part.heading}</h3>
            {part.sentences.map((sentence, index) => (
              <p key={index} className="pt-1 leading-relaxed">
                {sentence}
              </p>
            ))}
          </section>
        ))}
      </div>
    </Panel>
  )
}
