/** Roles in a firm. */
export const ROLES = ['owner-estimator', 'office', 'crew', 'apprentice'] as const
export type Role = (typeof ROLES)[number]

/** What each role is called, and what it is for, in a line. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly line: string }>> = {
  'owner-estimator': { name: 'owner and estimator', line: 'everything, people too' },
  office: { name: 'office', line: 'money, bids and dates' },
  crew: { name: 'crew', line: 'finds, measures and chooses; sees no money' },
  apprentice: { name: 'apprentice', line: 'finds and measures; sees no money, teaches no words' },
}

/**
 * What a person of each role may do: the one table, read by the server, which refuses, and by the pages, which do not offer.
 * A row names the roles; who is not named may not.
 */
export const PERMISSIONS = {
  /** Look at the firm's jobs without money, write findings, facts and choices of work. */
  'edit-work': ['owner-estimator', 'office', 'crew', 'apprentice'],
  /** Get rates, typed prices and totals, and change them on a job. */
  'see-money': ['owner-estimator', 'office'],
  /** Change what a job pins: clauses, schools, weights, productive share. */
  'change-settings': ['owner-estimator', 'office'],
  /** Make an edition of the firm's settings that new jobs start from. */
  'change-firm-settings': ['owner-estimator', 'office'],
  /** Send bids, take links back, read the outbox and what was sent. */
  'send-bids': ['owner-estimator', 'office'],
  /** Take in a job file or an archive. */
  'take-jobs-in': ['owner-estimator', 'office'],
  /** Get original pictures with the place they were taken at. */
  'get-originals': ['owner-estimator', 'office'],
  /** Teach the firm's shorthand a word. */
  'teach-words': ['owner-estimator', 'office', 'crew'],
  /** Have a word of the firm's forgotten. */
  'forget-words': ['owner-estimator', 'office'],
  /** Keep work of the firm's own for the next job, and have it forgotten. */
  'keep-kits': ['owner-estimator', 'office'],
  /** Put jobs away and back, set dates, close them, copy them. */
  'run-the-office': ['owner-estimator', 'office'],
  /** Invite people, set their roles, let them go; set the firm's name and its mark. */
  'keep-people': ['owner-estimator'],
} as const satisfies Record<string, readonly Role[]>
export type Action = keyof typeof PERMISSIONS
export const ACTIONS = Object.keys(PERMISSIONS) as readonly Action[]
