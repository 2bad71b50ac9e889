/** Invented people of two invented firms. The password is printed by the demo and is worth nothing. */
export const DEMO_PASSWORD = 'mallet-and-tern'

export const FIRMS = [
  {
    slug: 'tern-and-mallet',
    name: 'Tern & Mallet Repair',
    place: 'Port Alder, Skerry County',
    licence: 'Demo licence TM-0000, insured',
    people: [
      { name: 'Imke Solvane', email: 'imke@tern.invalid', role: 'owner-estimator' },
      { name: 'Runa Castellan', email: 'runa@tern.invalid', role: 'office' },
      { name: 'Dov Harrow', email: 'dov@tern.invalid', role: 'crew' },
      { name: 'Pell Arkwright', email: 'pell@tern.invalid', role: 'apprentice' },
    ],
  },
  {
    slug: 'gull-and-gimlet',
    name: 'Gull & Gimlet Carpentry',
    place: 'Brae Haven, Skerry County',
    licence: 'Demo licence GG-0000, insured',
    people: [{ name: 'Tove Marram', email: 'tove@gull.invalid', role: 'owner-estimator' }],
  },
] as const

/** Who goes out to work, as the firm’s calendar has it. */
export const DOV_AND_PELL = { id: 'dov-and-pell', name: 'Dov and Pell', people: 2 }
export const FIRM_CALENDAR = { crews: [DOV_AND_PELL], off: [] }
