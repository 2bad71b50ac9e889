import * as z from 'zod'
import * as closed from './closed'
import * as entities from './entities'
import { Fact } from './facts'
import * as features from './features'
import * as opened from './opened'
import * as pictures from './pictures'
import * as plans from './plans'
import { Rates, Settings } from './settings'
import * as surveys from './surveys'
import { Id } from './values'
import * as walk from './walkEntities'

export const JOB_FORMAT = 'detrimus-job'
/** Raised with every change of shape; `raise` knows the way up from each older one. */
export const JOB_VERSION = 19

/**
 * Every kind of editable thing: the schema of one, the key it has in the job file, and whether it is one or many.
 * `money` kinds go only to roles that may see money.
 */
export const ENTITY_KINDS = {
  job: { schema: entities.Job, key: 'job', many: false, money: false },
  house: { schema: entities.House, key: 'house', many: false, money: false },
  intake: { schema: walk.Intake, key: 'intake', many: false, money: false },
  response_list: { schema: walk.ResponseList, key: 'response_list', many: false, money: false },
  plan: { schema: plans.Plan, key: 'plan', many: false, money: false },
  settings: { schema: Settings, key: 'settings', many: false, money: false },
  rates: { schema: Rates, key: 'rates', many: false, money: true },
  person: { schema: entities.Person, key: 'people', many: true, money: false },
  side: { schema: entities.Side, key: 'sides', many: true, money: false },
  feature: { schema: features.Feature, key: 'features', many: true, money: false },
  photo: { schema: pictures.Photo, key: 'photos', many: true, money: false },
  finding: { schema: entities.Finding, key: 'findings', many: true, money: false },
  clip: { schema: pictures.Clip, key: 'clips', many: true, money: false },
  house_event: { schema: walk.HouseEvent, key: 'house_events', many: true, money: false },
  scope_stretch: { schema: walk.ScopeStretch, key: 'scope_stretches', many: true, money: false },
  response_item: { schema: walk.ResponseItem, key: 'response_items', many: true, money: false },
  framing_piece: { schema: walk.FramingPiece, key: 'framing_pieces', many: true, money: false },
  survey: { schema: surveys.Survey, key: 'surveys', many: true, money: false },
  judgement: { schema: entities.Judgement, key: 'judgements', many: true, money: false },
  source_decision: { schema: entities.SourceDecision, key: 'source_decisions', many: true, money: false },
  work_item: { schema: entities.WorkItem, key: 'work_items', many: true, money: false },
  plan_day: { schema: plans.PlanDay, key: 'plan_days', many: true, money: false },
  plan_mark: { schema: plans.PlanMark, key: 'plan_marks', many: true, money: false },
  booking: { schema: plans.Booking, key: 'bookings', many: true, money: false },
  opened_place: { schema: opened.OpenedPlace, key: 'opened_places', many: true, money: false },
  change_order: { schema: opened.ChangeOrder, key: 'change_orders', many: true, money: true },
  order_answer: { schema: opened.OrderAnswer, key: 'order_answers', many: true, money: true },
  work_spell: { schema: closed.WorkSpell, key: 'work_spells', many: true, money: false },
  bought_good: { schema: closed.BoughtGood, key: 'bought_goods', many: true, money: false },
  finished_item: { schema: closed.FinishedItem, key: 'finished_items', many: true, money: false },
  handover: { schema: closed.Handover, key: 'handover', many: false, money: false },
  follow_up: { schema: closed.FollowUp, key: 'follow_ups', many: true, money: false },
  claim: { schema: closed.Claim, key: 'claims', many: true, money: false },
  receipt: { schema: closed.Receipt, key: 'receipts', many: true, money: true },
  invoice: { schema: closed.Invoice, key: 'invoices', many: true, money: true },
  payment: { schema: closed.Payment, key: 'payments', many: true, money: true },
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
  intake: walk.Intake.nullable(),
  response_list: walk.ResponseList.nullable(),
  plan: plans.Plan.nullable(),
  settings: Settings,
  rates: Rates.nullable(),
  people: z.array(entities.Person),
  sides: z.array(entities.Side),
  features: z.array(features.Feature),
  photos: z.array(pictures.Photo),
  findings: z.array(entities.Finding),
  clips: z.array(pictures.Clip),
  house_events: z.array(walk.HouseEvent),
  scope_stretches: z.array(walk.ScopeStretch),
  response_items: z.array(walk.ResponseItem),
  framing_pieces: z.array(walk.FramingPiece),
  surveys: z.array(surveys.Survey),
  judgements: z.array(entities.Judgement),
  source_decisions: z.array(entities.SourceDecision),
  work_items: z.array(entities.WorkItem),
  plan_days: z.array(plans.PlanDay),
  plan_marks: z.array(plans.PlanMark),
  bookings: z.array(plans.Booking),
  opened_places: z.array(opened.OpenedPlace),
  change_orders: z.array(opened.ChangeOrder),
  order_answers: z.array(opened.OrderAnswer),
  work_spells: z.array(closed.WorkSpell),
  bought_goods: z.array(closed.BoughtGood),
  finished_items: z.array(closed.FinishedItem),
  handover: closed.Handover.nullable(),
  follow_ups: z.array(closed.FollowUp),
  claims: z.array(closed.Claim),
  receipts: z.array(closed.Receipt),
  invoices: z.array(closed.Invoice),
  payments: z.array(closed.Payment),
  typed_prices: z.array(entities.TypedPrice),
  facts: z.array(Fact),
})
export type JobDocument = z.infer<typeof JobDocument>

export type Job = z.infer<typeof entities.Job>
export type Person = z.infer<typeof entities.Person>
export type House = z.infer<typeof entities.House>
export type Side = z.infer<typeof entities.Side>
export type Feature = z.infer<typeof features.Feature>
export type WindowFeature = z.infer<typeof features.WindowFeature>
export type DoorFeature = z.infer<typeof features.DoorFeature>
export type DeckFeature = z.infer<typeof features.DeckFeature>
export type Photo = z.infer<typeof pictures.Photo>
export type Finding = z.infer<typeof entities.Finding>
export type Clip = z.infer<typeof pictures.Clip>
export type Intake = z.infer<typeof walk.Intake>
export type HouseEvent = z.infer<typeof walk.HouseEvent>
export type ScopeStretch = z.infer<typeof walk.ScopeStretch>
export type ResponseList = z.infer<typeof walk.ResponseList>
export type ResponseItem = z.infer<typeof walk.ResponseItem>
export type FramingPiece = z.infer<typeof walk.FramingPiece>
export type Survey = z.infer<typeof surveys.Survey>
export type SurveyOf<K extends Survey['kind']> = Extract<Survey, { kind: K }>
export type Judgement = z.infer<typeof entities.Judgement>
export type SourceDecision = z.infer<typeof entities.SourceDecision>
export type WorkItem = z.infer<typeof entities.WorkItem>
export type WorkPlace = z.infer<typeof entities.WorkPlace>
export type Plan = z.infer<typeof plans.Plan>
export type Crew = z.infer<typeof plans.Crew>
export type PlanDay = z.infer<typeof plans.PlanDay>
export type PlanMark = z.infer<typeof plans.PlanMark>
export type Booking = z.infer<typeof plans.Booking>
export type OpenedPlace = z.infer<typeof opened.OpenedPlace>
export type OrderLine = z.infer<typeof opened.OrderLine>
export type ChangeOrder = z.infer<typeof opened.ChangeOrder>
export type OrderAnswer = z.infer<typeof opened.OrderAnswer>
export type WorkSpell = z.infer<typeof closed.WorkSpell>
export type BoughtGood = z.infer<typeof closed.BoughtGood>
export type FinishedItem = z.infer<typeof closed.FinishedItem>
export type Handover = z.infer<typeof closed.Handover>
export type FollowUp = z.infer<typeof closed.FollowUp>
export type Claim = z.infer<typeof closed.Claim>
export type Receipt = z.infer<typeof closed.Receipt>
export type Invoice = z.infer<typeof closed.Invoice>
export type Payment = z.infer<typeof closed.Payment>
export type TypedPrice = z.infer<typeof entities.TypedPrice>

export type EntityOf = {
  job: Job
  house: House
  intake: Intake
  response_list: ResponseList
  plan: Plan
  settings: z.infer<typeof Settings>
  rates: z.infer<typeof Rates>
  person: Person
  side: Side
  feature: Feature
  photo: Photo
  finding: Finding
  clip: Clip
  house_event: HouseEvent
  scope_stretch: ScopeStretch
  response_item: ResponseItem
  framing_piece: FramingPiece
  survey: Survey
  judgement: Judgement
  source_decision: SourceDecision
  work_item: WorkItem
  plan_day: PlanDay
  plan_mark: PlanMark
  booking: Booking
  opened_place: OpenedPlace
  change_order: ChangeOrder
  order_answer: OrderAnswer
  work_spell: WorkSpell
  bought_good: BoughtGood
  finished_item: FinishedItem
  handover: Handover
  follow_up: FollowUp
  claim: Claim
  receipt: Receipt
  invoice: Invoice
  payment: Payment
  typed_price: TypedPrice
}
