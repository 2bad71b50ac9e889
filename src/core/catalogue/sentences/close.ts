/** What the papers at the end of a job say to its owner. Source: common practice; our wording. */
export const CLOSE_SAYS = {
  invoice: (number: number) => `Invoice ${number}`,
  credit: (number: number) => `Credit note ${number}`,
  taxInside: (amount: string) => `Of this ${amount} are sales tax.`,
  due: (day: string) => `To be paid by ${day}.`,
  comesBack: 'This comes back to you.',
  handover: 'The work, handed over',
  done: 'What was done',
  seen: 'Before and after',
  unfinished: 'Not done yet',
  before: 'Before',
  after: 'After',
  warrantyStarts: (day: string) =>
    `We stand for our work from ${day}. Where the law of the place gives you more, you have more.`,
  noWarranty: 'No warranty: it was meant to hold for a while only.',
  until: (day: string) => `until ${day}`,
  between: (least: string, most: string) =>
    `at least until ${least}, at most until ${most}, as the words say`,
  atMost: (day: string) => `at most until ${day}, as the words say`,
  tell: 'When something fails, tell us within 30 days of seeing it, with a picture and what is wrong.',
  leaveIt:
    'Leave it as it is until we have seen it, unless somebody could be hurt or water comes in: then make it dry, and keep what came off.',
  notOurs:
    'Not ours: what others changed since, upkeep that was not done, storms beyond what the place is built for, and what comes again from a source that was not fixed.',
  upkeep: 'What keeps it so',
  upkeepNote:
    'The same dates are in the calendar file beside this paper. Stay off the roof and off ladders: have somebody look who does it for a living.',
  looks: 'When we come again',
  every: (months: number): string =>
    months === 12
      ? 'once a year'
      : months === 24
        ? 'every two years'
        : months === 6
          ? 'twice a year'
          : months === 3
            ? 'four times a year'
            : `every ${months} months`,
} as const
