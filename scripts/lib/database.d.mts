type Secrets = { readonly app: string | null; readonly auth: string | null }
export type Database = { readonly migratorUrl: string; readonly secrets: Secrets }
export function migrate(of: Database): Promise<void>
export function dropAll(of: { readonly migratorUrl: string }): Promise<void>
export function roleUrls(of: Database): {
  readonly appUrl: string
  readonly authUrl: string
  readonly queueUrl: string
}
