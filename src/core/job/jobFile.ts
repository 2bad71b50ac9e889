import * as z from 'zod'
import { err, ok, type Result } from '../result'
import { ENTITY_KIND_NAMES, ENTITY_KINDS, JOB_FORMAT, JOB_VERSION, JobDocument } from './document'
import { raiseFile } from './raise'
import { brokenReferences, type BrokenReference } from './references'

export type JobFileError =
  | { readonly kind: 'not-json'; readonly detail: string }
  | { readonly kind: 'not-a-job-file' }
  | { readonly kind: 'newer-version'; readonly version: number; readonly known: number }
  | { readonly kind: 'older-version'; readonly version: number; readonly known: number }
  | {
      readonly kind: 'invalid'
      readonly issues: readonly { readonly path: string; readonly message: string }[]
    }
  | { readonly kind: 'unknown-ids'; readonly references: readonly BrokenReference[] }
  | { readonly kind: 'repeated-id'; readonly id: string }

function versionOf(data: unknown): number | null {
  const head = z.looseObject({ format: z.literal(JOB_FORMAT), version: z.int() }).safeParse(data)
  return head.success ? head.data.version : null
}

/** Zod's issues as places and words, the same in every face of the product. */
export function issuesOf(error: z.ZodError): { path: string; message: string }[] {
  return error.issues.map((issue) => ({
    path: issue.path.map(String).join('.'),
    message: issue.message,
  }))
}

/**
 * Reads a job from parsed JSON, raising an older file to today's shape and checking that every id it names is there.
 *
 * Fails: `not-a-job-file`, `newer-version`, `older-version`, `invalid` (every fault with its place), `unknown-ids`, `repeated-id`.
 */
export function readJob(data: unknown): Result<JobDocument, JobFileError> {
  const version = versionOf(data)
  if (version === null) return err({ kind: 'not-a-job-file' })
  if (version > JOB_VERSION) return err({ kind: 'newer-version', version, known: JOB_VERSION })
  if (version < 1) return err({ kind: 'older-version', version, known: JOB_VERSION })
  const keys = ENTITY_KIND_NAMES.map((kind) => ({ kind, key: ENTITY_KINDS[kind].key }))
  const raised = raiseFile(data, version, JOB_VERSION, keys)
  const parsed = JobDocument.safeParse(raised)
  if (!parsed.success) return err({ kind: 'invalid', issues: issuesOf(parsed.error) })
  const seen = new Set<string>()
  const lists = ENTITY_KIND_NAMES.filter((kind) => ENTITY_KINDS[kind].many).map(
    (kind) => parsed.data[ENTITY_KINDS[kind].key] as unknown as readonly { id: string }[],
  )
  for (const list of [...lists, parsed.data.facts]) {
    for (const { id } of list) {
      if (seen.has(id)) return err({ kind: 'repeated-id', id })
      seen.add(id)
    }
  }
  const references = brokenReferences(parsed.data)
  if (references.length > 0) return err({ kind: 'unknown-ids', references })
  return ok(parsed.data)
}

/**
 * Reads a job from the text of a job file.
 *
 * @example
 * parseJobFile('{').error.kind // => 'not-json'
 * parseJobFile('{}') // => err({ kind: 'not-a-job-file' })
 */
export function parseJobFile(text: string): Result<JobDocument, JobFileError> {
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch (cause) {
    return err({ kind: 'not-json', detail: (cause as Error).message })
  }
  return readJob(data)
}

function sorted<T>(record: Readonly<Record<string, T>>): Record<string, T> {
  return Object.fromEntries(Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1)))
}

/**
 * The text of a job file: two-space JSON, keys in the order of the schema, tables of rates and stock by name, a final line end.
 * The same job gives the same text wherever it was kept in between.
 */
export function printJobFile(job: JobDocument): string {
  const whole = JobDocument.parse(job)
  const settings = {
    ...whole.settings,
    values: sorted(whole.settings.values),
    stock_lengths_ft: sorted(whole.settings.stock_lengths_ft),
  }
  const rates = whole.rates && {
    ...whole.rates,
    section_cents_per_ft: sorted(whole.rates.section_cents_per_ft),
    consumable_cents: sorted(whole.rates.consumable_cents),
  }
  return `${JSON.stringify({ ...whole, settings, rates }, null, 2)}\n`
}
