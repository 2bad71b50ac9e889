/** Words that promise what nobody can keep, and what may be said in their place. */
export type PromiseRow = { readonly id: string; readonly pattern: RegExp; readonly instead: string }

/** Source: common practice of those who answer for what they wrote. */
export const PROMISES: readonly PromiseRow[] = [
  {
    id: 'for-ever',
    pattern: /\b(for ?ever|permanent(ly)?|for life|life ?time)\b/i,
    instead: 'say how many years it is expected to last',
  },
  {
    id: 'no-upkeep',
    pattern: /\bmaintenance[- ]free\b|\bno (maintenance|upkeep)\b/i,
    instead: 'say what upkeep it needs, and how often',
  },
  {
    id: 'as-new',
    pattern: /\bas good as new\b|\blike new\b/i,
    instead: 'say what is renewed and what stays',
  },
  {
    id: 'safe',
    pattern: /\b(safe|safely|hazard[- ]free)\b/i,
    instead: 'say what was looked at, and who answers for the rest',
  },
  {
    id: 'caused-by',
    pattern: /\b(caused by|because of|due to|the cause is)\b/i,
    instead: 'say “consistent with”',
  },
  {
    id: 'never-again',
    pattern:
      /\bnever (again|leaks?|rots?|fails?)\b|\bwill not (leak|rot|fail)\b|\b(leak|rot|water)[- ]?proof\b/i,
    instead: 'say what the warranty covers',
  },
  {
    id: 'guarantee',
    pattern: /\bguarantee[ds]?\b/i,
    instead: 'say “warranty”, with its years and what it covers',
  },
  {
    id: 'up-to-code',
    pattern: /\b(up to|meets?|to) code\b/i,
    instead: 'say that local code and the inspector decide',
  },
  {
    id: 'all-of-it',
    pattern: /\ball (the )?(rot|damage|hidden damage)\b/i,
    instead: 'say what was seen and where',
  },
]
