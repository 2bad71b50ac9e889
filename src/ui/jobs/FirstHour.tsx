'use client'

import { LinkButton } from '../look'

const STEPS = [
  {
    href: '/firm#the-firm',
    name: 'Say who you are',
    line: 'The name, the licence line and the mark that your bids carry.',
  },
  {
    href: '/firm#fit',
    name: 'Fit the rates to jobs you remember',
    line: 'Five jobs: what it was, how big, what you asked. Labour and overhead are solved to meet them.',
  },
  { href: '/firm#people', name: 'Ask your people in', line: 'A link each, with what they may see.' },
] as const

/** What a firm does first. Shown while it has no job; everything in it can be done later too. */
export function FirstHour() {
  return (
    <section aria-label="The first hour" className="max-w-2xl">
      <h2 className="border-b border-ink pb-1 text-[18px]">The first hour</h2>
      <ol className="flex flex-col">
        {STEPS.map((step, index) => (
          <li key={step.href} className="flex items-center gap-3 border-b border-rule py-2">
            <span className="w-5 shrink-0 font-tight text-[20px]">{index + 1}</span>
            <span className="min-w-0 grow">
              {step.name}
              <span className="block text-[14px] text-quiet">{step.line}</span>
            </span>
            <LinkButton href={step.href}>Open</LinkButton>
          </li>
        ))}
        <li className="flex items-center gap-3 py-2">
          <span className="w-5 font-tight text-[20px]">4</span>
          <span>Walk the first house: a photo and a word above, and the job makes itself.</span>
        </li>
      </ol>
    </section>
  )
}
