import { z } from 'zod'
import * as entities from './entities'
import { Fact } from './facts'
import { Rates, Settings } from './settings'
import { Id } from './values'

export const JOB_FORMAT = 'detrimus-job'
/** Raised with every change of shape; `migrateJob` knows the way up from each older one. */
export const JOB_VERSION = 1

/**
 * Every kind of editable thing: the schema of one, the key it has in the job file, and whether it is one or many.
 * `money` kinds go only to roles that may see money.
 */
export const ENTITY_KINDS = {
  job: { schema: entities.Job, key: 'job', many: false, money: false },
  house: { schema: entities.House, key: 'house', many: false, money: false },
  settings: { schema: Settings, key: 'settings', many: false, money: false },
  rates: { schema: Rates, key: 'rates', many: false, money: true },
  person: { schema: entities.Person, key: 'people', many: true, money: false },
  side: { schema: entities.Side, key: 'sides', many: true, money: false },
  feature: { schema: entities.Feature, key: 'features', many: true, money: false },
  photo: { schema: entities.Photo, key: 'photos', many: true, money: false },
  finding: { schema: entities.Finding, key: 'findings', many: true, money: false },
  area_work: { schema: entities.AreaWork, key: 'area_works', many: true, money: false },
  judgement: { schema: entities.Judgement, key: 'judgements', many: true, money: false },
  repair: { schema: entities.Repair, key: 'repairs', many: true, money: false },
  typed_price: { schema: entities.TypedPrice, key: 'typed_prices', many: true, money: true },
} as const
export type EntityKind = keyof typeof ENTITY_KINDS
export const ENTITY_KIND_NAMES = Object.keys(ENTITY_KINDS) as [EntityKind, ...EntityKind[]]

/** The open job file: facts and decisions, nothing derived. */
export const JobDocument = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  id: Id,
  job: entities.Job,
  house: entities.House.nullable(),
  settings: Settings,
  rates: Rates.nullable(),
  people: z.array(entities.Person),
  sides: z.array(entities.Side),
  features: z.array(entities.Feature),
  photos: z.array(entities.Photo),
  findings: z.array(entities.Finding),
  area_works: z.array(entities.AreaWork),
  judgements: z.array(entities.Judgement),
  repairs: z.array(entities.Repair),
  typed_prices: z.array(entities.TypedPrice),
  facts: z.array(Fact),
})
export type JobDocument = z.infer<typeof JobDocument>

export type Job = z.infer<typeof entities.Job>
export type Person = z.infer<typeof entities.Person>
export type House = z.infer<typeof entities.House>
export type Side = z.infer<typeof entities.Side>
export type Feature = z.infer<typeof entities.Feature>
export type WindowFeature = z.infer<typeof entities.WindowFeature>
export type DoorFeature = z.infer<typeof entities.DoorFeature>
export type DeckFeature = z.infer<typeof entities.DeckFeature>
export type Photo = z.infer<typeof entities.Photo>
export type Finding = z.infer<typeof entities.Finding>
export type AreaWork = z.infer<typeof entities.AreaWork>
export type Judgement = z.infer<typeof entities.Judgement>
export type Repair = z.infer<typeof entities.Repair>
export type TypedPrice = z.infer<typeof entities.TypedPrice>

export type EntityOf = {
  job: Job
  house: House
  settings: z.infer<typeof Settings>
  rates: z.infer<typeof Rates>
  person: Person
  side: Side
  feature: Feature
  photo: Photo
  finding: Finding
  area_work: AreaWork
  judgement: Judgement
  repair: Repair
  typed_price: TypedPrice
}
