export type TableContents = Readonly<Record<string, { readonly rows: number; readonly hash: string }>>
export function contents(url: string): Promise<TableContents>
export function backUp(url: string, file: string): Promise<Readonly<Record<string, number>>>
export function restore(url: string, file: string, options?: { replace?: boolean }): Promise<TableContents>
export function fileHash(file: string): Promise<string>
