import * as z from 'zod'
import { Change, Id, JOB_VERSION, raiseChange, Settings, Words } from '../job'
import { ROLES } from '../firm'
import { FirmKit } from '../scope/firmKit'
import { LOST_WHYS } from '../office/lost'
import { LearntWord } from '../shorthand/word'

/** What the client asks of the server: one schema each, held to on both sides. */

export const NewJobRequest = z.strictObject({
  id: Id,
  title: z.string().max(200),
  time_zone: z.string().max(60),
  address: z.string().max(400).optional(),
  /** Whose house it is, where that is known from the start. */
  owner: z
    .strictObject({ name: z.string().max(200), email: z.string().max(320), phone: z.string().max(100) })
    .optional(),
})
export type NewJobRequest = z.infer<typeof NewJobRequest>

/** What the office says of a job: away or back, where it stands (null takes that back). Only what is named changes. */
export const JobOfficeRequest = z.strictObject({
  archived: z.boolean().optional(),
  standing: z
    .strictObject({
      state: z.enum(['scheduled', 'closed', 'declined']),
      on: z.iso.date(),
      /** Why the owner said no; one of the firm’s words for it, or nothing. */
      why: z.enum(LOST_WHYS).optional(),
    })
    .nullable()
    .optional(),
})
export type JobOfficeRequest = z.infer<typeof JobOfficeRequest>

/** A job begun from another: all of it, or the house alone. `id` is the sender's: asked twice, it is one job. */
export const CopyJobRequest = z.strictObject({
  id: Id,
  what: z.enum(['job', 'house']),
  /** The claim that the new job looks into; absent: it is no claim. */
  claim: z.strictObject({ claim_id: Id, words: Words }).optional(),
})
export type CopyJobRequest = z.infer<typeof CopyJobRequest>

/** A batch of edits, and the sequence up to which its sender knows the job. */
export const ChangesRequest = z.strictObject({
  /** Who made these edits: a queue is never taken in another person's name. */
  as: z.string().max(64).optional(),
  known: z.int().min(0),
  /** Id of the last change the sender knows of; the server no longer having it was set back meanwhile. */
  head: z.string().max(64).nullable().optional(),
  changes: z.array(z.preprocess((change) => raiseChange(change, JOB_VERSION), Change)).max(500),
})

/** `id` is the sender's: asked twice, it is one bid. `replaces`: the accepted bid that this one takes the place of. */
export const SendRequest = z.strictObject({ id: z.uuid(), replaces: z.uuid().nullable() })
export type SendRequest = z.infer<typeof SendRequest>

/** The firm’s answer to what an owner asked; the same id twice is one. */
export const ReplyRequest = z.strictObject({ id: z.uuid(), words: z.string().trim().min(1).max(4000) })
export type ReplyRequest = z.infer<typeof ReplyRequest>

export const TeachWordRequest = LearntWord
export const ForgetWordRequest = z.strictObject({ phrase: z.string().max(80) })

export const KeepKitRequest = FirmKit
export const ForgetKitRequest = z.strictObject({ name: z.string().max(200) })

/** The firm's own weights of signs, each with its reason, and the edition of the settings they were changed from. */
export const WeightsRequest = Settings.pick({ edition: true, likelihood_overrides: true })

/** What a firm is called on its papers. */
export const FirmFace = Settings.pick({ firm_name: true, firm_place: true, licence_line: true })
export type FirmFace = z.infer<typeof FirmFace>

/** Values a firm changes, its clauses, and the edition of the settings they were changed from. */
export const FirmValuesRequest = z.strictObject({
  edition: z.int().min(1),
  changes: z
    .array(
      z.strictObject({
        key: z.string().max(120),
        value: z.union([z.number(), z.string().max(2000)]).nullable(),
        reason: z.string().max(400),
        /** Taken from what closed jobs say: the value they were weighed against. */
        from: z.number().optional(),
      }),
    )
    .max(2000),
  clauses: Settings.shape.clauses,
  firm: FirmFace,
})
export type FirmValuesRequest = z.infer<typeof FirmValuesRequest>

/** Somebody asked to the firm: what he is called there, his role, and where the link is mailed; empty: nowhere, it is handed over. */
export const InviteRequest = z.strictObject({
  name: z.string().trim().min(1, 'say what the person is called').max(200),
  role: z.enum(ROLES),
  email: z.union([z.literal(''), z.email().max(320)]),
})
export type InviteRequest = z.infer<typeof InviteRequest>
export const MemberRoleRequest = z.strictObject({ role: z.enum(ROLES) })

/** Whoever takes an invitation up: the name he goes by, and his sign-in, new or his old one. */
export const JoinRequest = z.strictObject({
  name: z.string().trim().min(1, 'give your name').max(200),
  email: z.email('this is no e-mail address').max(320),
  password: z.string().max(500),
})
export type JoinRequest = z.infer<typeof JoinRequest>

/** Doors of the sign-in library: what we send it, it checks itself. */
export const SignInRequest = z.strictObject({ email: z.string().max(320), password: z.string().max(1000) })
export const CodeRequest = z.strictObject({ code: z.string().max(40) })
export const PasswordRequest = z.strictObject({ password: z.string().max(1000) })

/** What needs nothing but its address. */
export const NothingMore = z.strictObject({})

/** A few jobs at a time: each is reckoned from the first finding to the price. */
export const SomeJobs = z.object({
  ids: z
    .string()
    .max(400)
    .transform((ids) => ids.split(','))
    .pipe(z.array(Id).min(1).max(5)),
})

/** How much of a bid is printed: all of it, one page, or, once it is accepted, what of it was. */
export const PaperQuery = z.object({ form: z.enum(['whole', 'short', 'accepted']).default('whole') })
export type PaperForm = z.infer<typeof PaperQuery>['form']
